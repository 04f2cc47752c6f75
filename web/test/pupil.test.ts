/**
 * @jest-environment <rootDir>/web/test/components/page.mjs
 *
 * The pupils' page without its page: what is kept, what is handed in, what is said of a staff, what is explained.
 * Lines and spaces of the clefs are common practice.
 */
import 'fake-indexeddb/auto';
import { makeSheet, printPupilsFile, pupilSheet, type SheetSpec } from '@diatonix/core';
import { readAnswerFile } from '@diatonix/doors';
import { openDB } from 'idb';
import { keepNow, stopKeeping } from '../src/pupil/workPersistence';
import { explain } from '../src/pupil/marking';
import { staffSaid } from '../src/pupil/staffSaid';
import {
  answer,
  answersFile,
  begin,
  chooseOwnVersion,
  giveName,
  openFile,
  openOnes,
  putAway,
  questionsOf,
  scribble,
  startWork,
  usePupil,
} from '../src/pupil/work';

const SPEC: SheetSpec = {
  title: 'Slack water',
  seed: 3,
  sections: [
    { kind: 'interval-name', count: 3, marks: 2 },
    { kind: 'triad-name', count: 2, marks: 3 },
  ],
};
const whole = [0, 1].map((version) => makeSheet(SPEC, version));
const TEXT = printPupilsFile({ sheets: whole.map(pupilSheet), practice: true });
const work = () => usePupil.getState().work!;

/** As if the page were closed and opened again. */
async function openAgain(): Promise<void> {
  await stopKeeping();
  usePupil.setState({ work: null, begun: false, problem: '' });
  await startWork();
}

beforeEach(async () => {
  localStorage.clear();
  await startWork();
  putAway();
});
afterEach(stopKeeping);

test('a name of the class brings its version along, and the names come back after a reload', async () => {
  const names = [
    { name: 'Nesta Quill', version: 1 },
    { name: 'Odo Marr', version: 0 },
  ];
  await openFile('slack.json', printPupilsFile({ sheets: whole.map(pupilSheet), practice: false, names }));
  giveName('Nesta Quill');
  begin();
  expect(work()).toMatchObject({ name: 'Nesta Quill', version: 1, names });
  await openAgain();
  expect(work()).toMatchObject({ name: 'Nesta Quill', version: 1, names });
  giveName('Somebody');
  expect(work()).toMatchObject({ name: 'Somebody', version: 1 });
});

test('everything is kept with every letter, and comes back', async () => {
  await openFile('slack.json', TEXT);
  expect(usePupil.getState().begun).toBe(false);
  begin();
  expect(usePupil.getState().begun).toBe(false);
  chooseOwnVersion(1);
  giveName('Ada');
  begin();
  answer('1.1', 'm6');
  scribble('1.1', 'C D E');
  expect(usePupil.getState().kept).toBe(false);
  await openAgain();
  expect(usePupil.getState()).toMatchObject({ begun: true, kept: true });
  expect(work()).toMatchObject({
    version: 1,
    name: 'Ada',
    answers: { '1.1': 'm6' },
    scratch: { '1.1': 'C D E' },
  });
  expect(openOnes(work())).toEqual(['1.2', '1.3', '2.1', '2.2']);
});

test('what is handed in is a file of answers: no scratch, nothing empty, the code of the version', async () => {
  await openFile('slack.json', TEXT);
  chooseOwnVersion(1);
  giveName(' Ada ');
  answer('1.1', 'm6');
  answer('1.2', '  ');
  scribble('1.1', 'secret');
  const text = answersFile(work());
  expect(text).not.toContain('secret');
  expect(readAnswerFile('ada.json', text)).toEqual({
    pupil: 'Ada',
    code: whole[1]!.code,
    version: undefined,
    answers: { '1.1': 'm6' },
  });
});

test('a letter is on the disk soon, by itself, and only what changed is written', async () => {
  await openFile('slack.json', TEXT);
  chooseOwnVersion(0);
  giveName('Ada');
  await keepNow();
  const put = jest.spyOn(IDBObjectStore.prototype, 'put');
  answer('1.1', 'm');
  await new Promise((later) => setTimeout(later, 120));
  expect(usePupil.getState().kept).toBe(true);
  expect(put.mock.calls.map(([, key]) => key)).toEqual([['answer', '1.1']]);
  put.mockRestore();
  await openAgain();
  expect(work().answers).toEqual({ '1.1': 'm' });
});

test('what an older page kept is taken over, and its store is emptied', async () => {
  await openFile('slack.json', TEXT);
  chooseOwnVersion(0);
  giveName('Ada');
  answer('1.2', 'P4');
  const old = JSON.stringify(work());
  putAway();
  await stopKeeping();
  localStorage.setItem('diatonix-pupil', old);
  await openAgain();
  expect(work()).toMatchObject({ name: 'Ada', answers: { '1.2': 'P4' } });
  expect(localStorage.getItem('diatonix-pupil')).toBeNull();
  await openAgain();
  expect(work().answers).toEqual({ '1.2': 'P4' });
});

test('what another tab writes comes in beside what is written here', async () => {
  await openFile('slack.json', TEXT);
  chooseOwnVersion(0);
  giveName('Ada');
  await keepNow();
  const db = await openDB('diatonix-pupil', 1);
  await db.put('parts', 'P4', ['answer', '1.2']);
  db.close();
  answer('1.1', 'm3');
  new BroadcastChannel('diatonix-pupil').postMessage('written');
  for (let tries = 0; tries < 50 && !work().answers['1.2']; tries++)
    await new Promise((later) => setTimeout(later, 20));
  expect(work().answers).toEqual({ '1.1': 'm3', '1.2': 'P4' });
  await openAgain();
  expect(work().answers).toEqual({ '1.1': 'm3', '1.2': 'P4' });
});

test('what cannot be read or kept is told or left alone', async () => {
  await openFile('slack.json', TEXT);
  chooseOwnVersion(0);
  await openFile('odd.json', 'no json');
  expect(usePupil.getState().problem).toMatch(/“odd.json”.*Nothing was changed/);
  expect(work().version).toBe(0);
  localStorage.setItem('diatonix-pupil', '{"sheets":7}');
  putAway();
  await openAgain();
  expect(usePupil.getState().work).toBeNull();
  await openFile('slack.json', TEXT);
  const full = jest.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError');
  });
  answer('1.1', 'm3');
  await keepNow();
  expect(work().answers['1.1']).toBe('m3');
  expect(usePupil.getState().problem).toMatch(/keeps nothing: hand in before you close/);
  full.mockRestore();
  await new Promise((later) => setTimeout(later, 2300));
  expect(usePupil.getState()).toMatchObject({ kept: true, problem: '' });
});

test('a sheet whose questions have other numbers is refused in words, and names a pupil cannot have too', async () => {
  for (const id of ['constructor', '__proto__', '1', '1.2.3', '']) {
    const text = TEXT.replace('"1.1"', JSON.stringify(id));
    await openFile('odd.json', text);
    expect(usePupil.getState().problem).toMatch(/question .*should have a number such as 2\.3/);
  }
  await openFile('slack.json', TEXT.replaceAll('"1.2"', '"1.1"'));
  expect(usePupil.getState().problem).toMatch(/question 1\.1 stands in it twice/);
  await openFile('slack.json', TEXT);
  chooseOwnVersion(0);
  giveName('x'.repeat(100));
  begin();
  expect(usePupil.getState().begun).toBe(false);
  expect(work().name).toHaveLength(100);
});

test('what stands on the staff is said, but its place where the name is asked for', async () => {
  const said = (kind: string, given: object) =>
    staffSaid({ id: '1.1', kind, given: given as never, section: null as never });
  expect(said('interval-name', { clef: 'bass', key: 'D major', from: 'D3', to: 'F#3' })).toBe(
    'bass clef, 2 sharps in the signature: D3, F#3',
  );
  const places: readonly (readonly [string, string, string])[] = [
    ['treble', 'E4', 'first line'],
    ['treble', 'F4', 'first space'],
    ['treble', 'F5', 'fifth line'],
    ['treble', 'G5', 'over the fifth line'],
    ['treble', 'D4', 'under the first line'],
    ['treble', 'C4', 'on ledger line 1 below the staff'],
    ['treble', 'B3', 'beyond ledger line 1 below the staff'],
    ['treble', 'A5', 'on ledger line 1 above the staff'],
    ['bass', 'D3', 'third line'],
    ['alto', 'C4', 'third line'],
    ['tenor', 'C4', 'fourth line'],
    ['treble', 'Bb4', 'third line, with a flat'],
  ];
  for (const [clef, note, place] of places)
    expect([note, said('note-name', { clef, note })]).toEqual([
      note,
      `${clef} clef, no sharps or flats: ${place}`,
    ]);
  expect(said('signature-name', { clef: 'treble', signature: ['F#', 'C#'] })).toBe(
    'treble clef, 2 sharps in the signature',
  );
});

test('an answer is explained as a teacher would, with its cause and what is right', async () => {
  await openFile('slack.json', TEXT);
  chooseOwnVersion(0);
  const [question] = questionsOf(work());
  const right = String(whole[0]!.sections[0]!.questions[0]!.answers[0]);
  expect(explain(question!, right)).toEqual({ verdict: 'right', sentences: ['Right.'] });
  const wrong = explain(question!, right === 'P5' ? 'm2' : 'P5');
  expect(wrong.verdict).toBe('wrong');
  expect(wrong.sentences.join(' ')).toContain(`Right is ${right}.`);
  expect(wrong.sentences.length).toBeGreaterThan(2);
  expect(explain(question!, 'herring').verdict).toBe('unreadable');
  expect(explain({ ...question!, kind: 'no-such-kind' }, 'x').verdict).toBe('unreadable');
});
