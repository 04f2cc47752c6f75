/** What a pupil's page kept: each field for itself, so that one that is spoilt does not take the others along. */
import fc from 'fast-check';
import { readKeptWork } from '../src';

const ROOM = {
  room: 'r1',
  key: 'secret',
  code: 'ABCDEF',
  outbox: { n: 3, waiting: { '1.1': { text: 'm6', n: 3, at: 5 } } },
  sent: { '1.2': 'P4' },
  closed: false,
  over: true,
  endsAt: null,
  slip: 'well done',
  late: ['1.3'],
};
const WORK = {
  file: '{}',
  version: 1,
  name: 'Nell',
  answers: { '1.1': 'm6' },
  scratch: {},
  handedIn: null,
  room: ROOM,
};

test('what was kept comes back', () => expect(readKeptWork(WORK)).toEqual(WORK));

test.each([
  ['version', -1, { version: undefined }],
  ['version', 'A', { version: undefined }],
  ['name', 7, { name: undefined }],
  ['answers', ['m6'], { answers: {} }],
  ['answers', { '1.1': 'm6', '1.2': 8 }, { answers: { '1.1': 'm6' } }],
  ['handedIn', 'today', { handedIn: undefined }],
  ['room', { ...ROOM, key: 1 }, { room: null }],
  [
    'room',
    { ...ROOM, outbox: { n: 1, waiting: { '1.1': { text: 3 } } } },
    { room: { ...ROOM, outbox: undefined } },
  ],
  ['room', { ...ROOM, late: [1] }, { room: { ...ROOM, late: undefined } }],
  ['room', { ...ROOM, closed: 'no' }, { room: { ...ROOM, closed: undefined } }],
] as const)('%s as %j leaves the rest', (field, value, left) => {
  expect(readKeptWork({ ...WORK, [field]: value })).toEqual({ ...WORK, ...left });
});

test('whatever is kept is read without throwing', () => {
  fc.assert(
    fc.property(fc.anything(), fc.object(), (any, object) => {
      for (const kept of [
        any,
        object,
        { ...WORK, room: any },
        { ...WORK, answers: any },
        { ...WORK, file: any },
      ]) {
        const { answers, room, file } = readKeptWork(kept);
        expect(Object.values(answers).every((text) => typeof text === 'string')).toBe(true);
        expect(room === null || typeof room.key === 'string').toBe(true);
        expect(file === undefined || typeof file === 'string').toBe(true);
      }
    }),
  );
});
