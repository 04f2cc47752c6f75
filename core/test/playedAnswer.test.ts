/** Answers put on a staff or struck on a keyboard are those that are marked right when they are. */
import { KINDS, makeSheet, markAnswer, parseNote, playedAnswer, playedAs, playedKey, printKey } from '../src';

const notes = (text: string) => text.split(' ').map(parseNote);

test('one note is the last; a row keeps its order; a stack stands from the lowest', () => {
  expect(playedAnswer('interval-build', notes('C4 Bb4'))).toBe('Bb4');
  expect(playedAnswer('scale-write', notes('B3 C#4 D4 C#4'))).toBe('B C# D C#');
  expect(playedAnswer('transpose', notes('A#4 B4 G#4'))).toBe('A#4 B4 G#4');
  expect(playedAnswer('triad-build', notes('G4 C4 E4'))).toBe('C E G');
  expect(playedAnswer('inversion-turn', notes('C5 E4 G4'))).toBe('E4 G4 C5');
  expect(playedAnswer('triad-build', [])).toBe('');
  expect(playedAs('interval-name')).toBeNull();
});

test('struck keys are named in the key of the question, moved notes in the one that they come to', () => {
  const named = (kind: string, given: object) => printKey(playedKey({ kind, given: given as never }));
  expect(named('triad-build', { key: 'D major' })).toBe('D major');
  expect(named('transpose', { key: 'G major', by: 'm2', below: true })).toBe('F# major');
  expect(named('transpose', { key: 'C minor', by: 'M2', below: false })).toBe('D minor');
  expect(named('transpose', { key: 'H', by: 'm2' })).toBe('C major');
  expect(named('transpose', { key: 'C major', by: 'seven' })).toBe('C major');
});

/** The notes of a right answer, where it has octaves or not, from the lowest up. */
function played(answer: unknown): ReturnType<typeof notes> {
  const names = (Array.isArray(answer) ? answer : [answer]).map(String);
  let octave = 3;
  let before = -1;
  return names.map((name) => {
    if (/\d$/.test(name)) return parseNote(name);
    const { step } = parseNote(`${name}4`);
    if (step <= before) octave++;
    before = step;
    return parseNote(`${name}${octave}`);
  });
}

test.each([...KINDS].map(({ id }) => id).filter((id) => playedAs(id) !== null))(
  '%s: every right answer, played, is right',
  (kind) => {
    const sheet = makeSheet({ title: '', seed: 5, sections: [{ kind, count: 12, marks: 1 }] }, 0);
    for (const question of sheet.sections[0]!.questions) {
      const typed = playedAnswer(kind, played(question.answers[0]));
      expect([typed, markAnswer(question, typed).verdict]).toEqual([typed, 'right']);
    }
  },
);
