/** Answers typed on the Marking bench: on disk with every letter, gone once they are entered and saved. */
import 'fake-indexeddb/auto';
import { closeDatabase, database } from '../src/documents/persistence/database';
import { draftAt, draftEntered, draftsWritten, keepDraft, loadDrafts } from '../src/documents/marking/drafts';
import { closeTide, id, openTide } from './openTide';

beforeEach(openTide);
afterEach(closeTide);
afterAll(closeDatabase);

const place = (question: string) => ({ pile: 'pile', pupil: 'una', question });
const texts = async () =>
  (await database().drafts.toArray()).filter((row) => row.id.startsWith(`${id()} `)).map(({ text }) => text);

test('every letter is written, and the last one stands', async () => {
  for (const text of ['m', 'mi', 'minor th', 'minor third']) keepDraft(place('0.0'), text);
  keepDraft(place('0.1'), 'P5');
  await draftsWritten();
  expect((await texts()).sort()).toEqual(['P5', 'minor third']);
});

test('what was entered is forgotten once the answer is saved; what was typed on since stays', async () => {
  keepDraft(place('0.0'), 'P5');
  await draftEntered(place('0.0'), 'P5');
  keepDraft(place('0.1'), 'P5 and');
  await draftEntered(place('0.1'), 'P5');
  await draftsWritten();
  expect(await texts()).not.toContain('P5');
  expect(await texts()).toContain('P5 and');
});

test('a draft belongs to its workbook and its pile', async () => {
  keepDraft(place('0.2'), 'here');
  await draftsWritten();
  expect(await texts()).toEqual(['here']);
  await loadDrafts('another pile');
  expect(draftAt(place('0.2'))).toBe('here');
  await openTide();
  expect(draftAt(place('0.2'))).toBeUndefined();
  expect(await texts()).toEqual([]);
});
