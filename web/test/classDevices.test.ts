/** A class from end to end: another device, who was absent, and the lock on the door. */
import 'fake-indexeddb/auto';
import { admitPupil, handBack, release, setJoining } from '../src/classroom/teacher/lead';
import { joinedAs, network, onClassNetwork, opened, pile, pupil, state, until } from './classHarness';

onClassNetwork();

test('another device has the same version and answers; who was away has the marks on coming', async () => {
  await opened();
  await joinedAs('Bo');
  const ada = await joinedAs('Ada');
  ada.line.answer('1.1', 'M3');
  ada.line.answer('1.2', 'P5');
  await until(() => pile().entries.length === 2);
  const version = (told: Record<string, unknown[]>) => (told['Joined']![0] as { version: number }).version;
  const live = Object.values(state().pupils).find(({ name }) => name === 'Ada')!;
  release(live.id);
  await until(() => ada.told['Moved'] !== undefined);
  const again = await joinedAs('Ada', 'the-key-of-another-device');
  expect(version(again.told)).toBe(version(ada.told));
  await until(() => again.told['Answers'] !== undefined);
  expect(again.told['Answers']![0]).toEqual([
    { question: '1.1', text: 'M3' },
    { question: '1.2', text: 'P5' },
  ]);
  again.line.stop();
  await until(() => Object.values(state().pupils).some(({ name, here }) => name === 'Ada' && !here));
  handBack(new Map([[live.pupil, { got: 2, of: 4 }]]));
  // The server is started again, and knows nothing of what was handed back.
  await network.stop();
  await until(() => state().line !== 'here');
  await network.start();
  await until(() => state().line === 'here');
  const late = await joinedAs('Ada', 'the-key-of-another-device');
  await until(() => late.told['Marks'] !== undefined);
  expect(late.told['Marks']![0]).toBe('{"got":2,"of":4}');
});

test('the door: nobody new, by the teacher’s yes, until a time', async () => {
  await opened();
  setJoining('ask');
  const ada = pupil('Ada');
  await until(() => state().asking.length === 1);
  expect(ada.told['Refused']).toEqual(['ask']);
  admitPupil(state().asking[0]!.id, true);
  await until(() => ada.told['Joined'] !== undefined);
  expect(state().asking).toEqual([]);
  setJoining('open', Date.now() + 150);
  await until(() => state().room!.joining === 'closed');
  const bo = pupil('Bo');
  await until(() => bo.told['Refused'] !== undefined);
  expect(bo.told['Refused']).toEqual(['closed']);
  expect(pile().pupils.map(({ name }) => name)).toEqual(['Ada']);
});
