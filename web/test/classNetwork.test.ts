/** A class from end to end, without a browser: the teacher's page, pupils' lines and the real relay between them. */
import 'fake-indexeddb/auto';
import {
  askQuick,
  endQuick,
  forgetClass,
  handBack,
  lookForClass,
  openClass,
  release,
  resumeClass,
  setClock,
} from '../src/classroom/teacher/lead';
import { keepToken, keptClass } from '../src/classroom/teacher/kept';
import { useClassroom } from '../src/classroom/teacher/store';
import { documentsOf } from '../src/documents/store/select';
import { receive, showWorkbook, undo, useDocuments } from '../src/documents/store/store';
import {
  answers,
  network,
  onClassNetwork,
  opened,
  pile,
  place,
  pupil,
  SHEET,
  state,
  until,
} from './classHarness';
import { everywhere } from './demo';

onClassNetwork();

test('answers land on the pile once, are told to be kept only then, and undo does not take them back', async () => {
  await opened();
  const ada = pupil('Ada');
  const ivo = pupil('Ivo');
  await until(() => Object.keys(state().pupils).length === 2);
  expect(pile().pupils.map(({ name, version }) => [name, version])).toEqual([
    ['Ada', 0],
    ['Ivo', 1],
  ]);
  ada.line.answer('1.1', 'M3');
  ada.line.answer('1.1', 'm3');
  ivo.line.answer('1.2', 'P5');
  await until(() => pile().entries.length === 3);
  expect(answers()).toEqual([
    ['Ada', '0.0', 'M3'],
    ['Ada', '0.0', 'm3'],
    ['Ivo', '0.1', 'P5'],
  ]);
  await until(() => JSON.stringify(ada.told['Outbox']?.at(-1)) === '{"n":2,"waiting":{}}');
  undo(everywhere());
  expect(pile().entries).toHaveLength(3);
  expect(useDocuments.getState().saveState.kind).toBe('saved');
});

test('a killed server that is started again, and a teacher’s page that is loaded anew, lose nothing', async () => {
  await opened();
  const ada = pupil('Ada');
  ada.line.answer('1.1', 'M3');
  await until(() => pile().entries.length === 1);
  const { code } = state().room!;
  await network.stop();
  await until(() => state().line === 'away');
  ada.line.answer('1.2', 'P5');
  await network.start();
  await until(() => pile().entries.length === 2);
  expect(state().room!.code).toBe(code);
  // Loaded anew: what is kept is all that is known.
  const second = await network.teacher();
  const { room } = state().room!;
  second.say({ type: 'open', room, sheets: [], pupils: [], closed: false, endsAt: null });
  await until(() => state().line === 'off');
  second.leave();
  useClassroom.setState({ room: null, pupils: {} });
  await resumeClass();
  await until(() => state().line === 'here' && Object.values(state().pupils)[0]?.here === true);
  ada.line.answer('1.3', 'M2');
  await until(() => pile().entries.length === 3);
  expect(pile().pupils).toHaveLength(1);
  expect(answers().map(([, , text]) => text)).toEqual(['M3', 'P5', 'M2']);
});

test('a pile that is full takes nobody in: it is told, and the pupil is let go', async () => {
  await opened();
  const full = Array.from({ length: 300 }, (_, at) => ({ id: `p${at}`, name: `Pupil ${at}`, version: 0 }));
  const id = state().room!.pile!;
  receive({ id, kind: 'pile' }, (body) => ({ ...body, pupils: full }));
  const known = pupil('Pupil 7');
  await until(() => Object.keys(state().pupils).length === 1);
  const ada = pupil('Ada');
  await until(() => ada.told['Refused']?.at(-1) === 'full');
  expect(useDocuments.getState().told).toContain('300 pupils at most');
  known.line.answer('1.1', 'M3');
  await until(() => pile().entries.length === 1);
  expect(pile().pupils).toHaveLength(300);
});

test('where the workbook of the pile is closed the class waits, and nothing is told to be kept', async () => {
  await opened();
  const ada = pupil('Ada');
  await until(() => Object.keys(state().pupils).length === 1);
  const { workbook, documents } = useDocuments.getState();
  showWorkbook({ id: 'other', title: 'Other', writtenAt: null }, {});
  expect(state().problem).toContain('another workbook');
  ada.line.answer('1.1', 'M3');
  await new Promise((resolve) => setTimeout(resolve, 300));
  expect((ada.told['Outbox']!.at(-1) as { waiting: object }).waiting).toHaveProperty(['1.1']);
  showWorkbook(workbook, documents);
  await until(() => pile().entries.length === 1);
  expect(state().problem).toBe('');
});

test('time, marks, a question to all and a name that is let go', async () => {
  await opened();
  const ada = pupil('Ada');
  await until(() => Object.keys(state().pupils).length === 1);
  setClock(false, Date.now() + 150);
  await until(() => (ada.told['Clock']?.at(-1) as { closed?: boolean } | undefined)?.closed === true);
  expect(state().room).toMatchObject({ closed: true });
  // When it ended is known: what was written before is in time.
  expect(Date.now() - state().room!.endsAt!).toBeLessThan(5000);
  const [live] = Object.values(state().pupils);
  handBack(new Map([[live!.pupil, { got: 1, of: 2 }]]));
  await until(() => ada.told['Marks'] !== undefined);
  expect(JSON.parse(String(ada.told['Marks']![0]))).toEqual({ got: 1, of: 2 });
  expect(state().room!.handedBack).toBe(true);
  const given = { clef: 'treble', key: 'C major', from: 'C4', to: 'E4' };
  askQuick({ kind: 'interval-name', questions: [{ given }] });
  expect(state().quick!.question.answers).toEqual(['M3']);
  await until(() => (ada.told['Quick']?.at(-1) as { id?: string } | null)?.id === state().quick!.id);
  expect(JSON.stringify(ada.told['Quick'])).not.toContain('answers');
  ada.line.quick(state().quick!.id, 'm3');
  await until(() => Object.values(state().quick!.came).includes('m3'));
  endQuick();
  await until(() => ada.told['Quick']?.at(-1) === null);
  askQuick({ kind: 'interval-name', questions: [] });
  expect(useDocuments.getState().told).toContain('nothing to ask');
  release(live!.id);
  await until(() => ada.told['Moved'] !== undefined);
  const again = pupil('Ada', 'the-key-of-another-device');
  await until(() => again.told['Joined'] !== undefined);
  expect(pile().pupils).toHaveLength(1);
  // What was handed back is there for who comes later, or again.
  await until(() => again.told['Marks'] !== undefined);
});

test('the end forgets everything but the pile, also for a class that is not led from here', async () => {
  await opened(null);
  expect((await keptClass())?.room.code).toBe(state().room!.code);
  const ada = pupil('Ada');
  await until(() => Object.keys(state().pupils).length === 1);
  expect(documentsOf(useDocuments.getState().documents, 'pile')).toHaveLength(0);
  const second = await network.teacher();
  second.say({ type: 'open', room: state().room!.room, sheets: [], pupils: [], closed: false, endsAt: null });
  await until(() => state().line === 'off');
  expect(state().problem).toContain('another tab');
  forgetClass();
  await until(() => state().room === null);
  await until(() => ada.told['Over'] !== undefined);
  expect(network.relay.open).toBe(0);
  expect(await keptClass()).toBeNull();
});

test('with a token that is none the class is not reached; where its server is gone it is forgotten here', async () => {
  await keepToken('b'.repeat(43));
  await lookForClass();
  openClass(SHEET, null);
  await new Promise((resolve) => setTimeout(resolve, 300));
  expect(state().line).not.toBe('here');
  expect(network.log.join()).toContain('has not the token');
  forgetClass();
  await until(() => state().room === null);
});

test('the token is taken out of the address', async () => {
  place.hash = `#${'c'.repeat(43)}`;
  await lookForClass();
  expect(place.hash).toBe('');
  expect(state().hasToken).toBe(true);
});
