/** What the pages hear of the relay: every message that it says passes, and nothing else does. */
import { isToPupil, isToTeacher } from '../src/class/heard';

const CLOCK = { closed: false, endsAt: null };
const JOINED = {
  type: 'joined',
  name: 'Nesta Quill',
  room: 'r'.repeat(20),
  version: 0,
  done: false,
  sheet: null,
  quick: null,
  ...CLOCK,
};

test.each([
  [JOINED],
  [{ ...JOINED, sheet: '{}', quick: { id: 'q1', sheet: '{}' }, n: 3, endsAt: 5 }],
  [{ type: 'refused', why: 'code' }],
  [{ type: 'kept', n: 4 }],
  [{ type: 'clock', ...CLOCK }],
  [{ type: 'quick', id: 'q1', sheet: '{}' }],
  [{ type: 'late', n: 2, questions: ['1.1'] }],
  [{ type: 'answers', answers: [{ question: '1.1', text: 'm6' }] }],
  [{ type: 'over' }],
])('a pupil’s page hears %j', (message) => expect(isToPupil(message)).toBe(true));

test.each([
  [null],
  ['over'],
  [{ type: 'over-and-out' }],
  [{ type: '__proto__' }],
  [{ ...JOINED, version: 'A' }],
  [{ ...JOINED, sheet: 7 }],
  [{ type: 'refused', why: 'mood' }],
  [{ type: 'kept', n: -1 }],
  [{ type: 'answers', answers: [{ question: '1.1' }] }],
  [{ type: 'late', n: 2, questions: [7] }],
])('a pupil’s page passes over %j', (message) => expect(isToPupil(message)).toBe(false));

const PUPIL = { type: 'pupil', id: 'p1', name: 'Ada', version: 1, done: false, here: true, at: '' };

test('a teacher’s page hears what the relay says of pupils, and nothing odd', () => {
  expect(isToTeacher(PUPIL)).toBe(true);
  expect(isToTeacher({ ...PUPIL, version: 99 })).toBe(false);
  expect(isToTeacher({ type: 'opened', code: 'ABCDEF', address: 'http://10.0.0.1:4000' })).toBe(true);
  expect(isToTeacher({ type: 'work', pupil: 'p1', answers: [{ question: '1.1', text: 'P5', n: 1 }] })).toBe(
    true,
  );
  expect(isToTeacher({ type: 'work', pupil: 'p1', answers: { length: 1 } })).toBe(false);
  expect(isToTeacher({ type: 'asks', id: 'p2', name: 4 })).toBe(false);
});
