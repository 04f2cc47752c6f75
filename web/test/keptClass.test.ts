/** The class that is kept in the browser is led on only where it is one. */
import { isKeptClass } from '../src/classroom/teacher/keptCheck';

const ROOM = {
  room: 'r'.repeat(20),
  code: 'ABCDEF',
  title: 'Slack water',
  workbook: 'w1',
  pile: 'p1',
  closed: false,
  endsAt: null,
  handedBack: false,
};
const PUPIL = {
  id: 'x1',
  name: 'Quenby Weir',
  pupil: 'u1',
  version: 0,
  done: false,
  here: true,
  at: '',
  since: 1_790_000_000_000,
  n: 3,
};

test('a class as it was kept, with its pupils and with what was decided later', () => {
  expect(isKeptClass({ room: ROOM, pupils: [] })).toBe(true);
  expect(isKeptClass({ room: { ...ROOM, code: null, pile: null, endsAt: 5 }, pupils: [PUPIL] })).toBe(true);
  expect(isKeptClass({ room: { ...ROOM, slips: { u1: 'text' }, joining: 'list' }, pupils: [PUPIL] })).toBe(
    true,
  );
});

test.each([
  [null],
  ['class'],
  [{ room: ROOM }],
  [{ room: { ...ROOM, closed: 'no' }, pupils: [] }],
  [{ room: ROOM, pupils: [{ ...PUPIL, version: 'A' }] }],
])('%j is not a class', (kept) => expect(isKeptClass(kept)).toBe(false));
