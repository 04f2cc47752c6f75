/** Questions by ear: what is played can be heard, what is right is what was played, and answers are read and marked. */
import {
  askQuestions,
  answerWords,
  markAnswer,
  midiNumber,
  parseNote,
  promptWords,
  timedSoundOf,
  type Question,
} from '../src';
import { kindOf } from '../src/exercise/kindRegister';

const KINDS = [
  'heard-interval',
  'heard-scale',
  'heard-chord',
  'heard-cadence',
  'heard-progression',
  'heard-outer-voices',
  'heard-melody',
  'heard-change',
];
const MATERIAL: Readonly<Record<string, object>> = {
  'heard-scale': { scales: ['major', 'natural-minor', 'harmonic-minor', 'dorian', 'lydian', 'locrian'] },
  'heard-chord': {
    qualities: ['major', 'minor', 'diminished', 'dominant-seventh', 'half-diminished-seventh'],
  },
};
const asked = (kind: string, seed = 4, material: object = MATERIAL[kind] ?? {}): readonly Question[] =>
  askQuestions({ kind, seed, count: 40, material }).questions;
const given = (question: Question) =>
  question.given as {
    sound: [number, number, string[]][];
    before: [number, number, string[]][];
    key?: string;
  };

describe.each(KINDS)('%s', (kind) => {
  const questions = asked(kind);

  it('is played in time, each moment from its lowest note, where it is clear', () => {
    for (const question of questions) {
      const { before, sound } = given(question);
      for (const all of [before, sound]) {
        expect(all.map(([at]) => at)).toEqual(all.map(([at]) => at).sort((a, b) => a - b));
        for (const [, length, notes] of all) {
          expect(length).toBeGreaterThan(0);
          const keys = notes.map((note) => midiNumber(parseNote(note)));
          expect(keys).toEqual([...keys].sort((a, b) => a - b));
        }
      }
      // No second, third or fourth whose lower note lies under C3.
      for (const [, , notes] of sound) {
        const keys = notes.map((note) => midiNumber(parseNote(note)));
        keys.forEach(
          (key, at) => at > 0 && keys[at - 1]! < 48 && expect(key - keys[at - 1]!).toBeGreaterThan(5),
        );
      }
      expect(timedSoundOf(question).sound).toHaveLength(sound.length);
    }
  });

  it('is right as it is typed and as it is given, and something else is wrong', () => {
    const form = kindOf(kind).answer;
    questions.forEach((question, at) => {
      for (const answer of question.answers) {
        expect(markAnswer(question, answer).verdict).toBe('right');
        expect(markAnswer(question, form.typed(answer)).verdict).toBe('right');
      }
      // That of another question, where it is none of these.
      const other = questions[(at + 1) % questions.length]!.answers[0];
      const isSame = question.answers.some((one) => JSON.stringify(one) === JSON.stringify(other));
      if (!isSame) expect(markAnswer(question, other).verdict).not.toBe('right');
    });
  });

  it('says what is asked and what is right in words', () => {
    for (const question of questions) {
      expect(promptWords(question)).not.toBe('');
      expect(answerWords(kind, question.answers[0])).not.toMatch(/undefined|object/);
    }
  });
});

describe('what gives the key', () => {
  it('is a cadence, the scale, the tonic, or nothing', () => {
    const lengths = ['cadence', 'scale', 'tonic', 'none'].map((before) => {
      const [question] = askQuestions({
        kind: 'heard-progression',
        seed: 1,
        count: 1,
        material: { before },
      }).questions;
      return given(question!).before.length;
    });
    expect(lengths).toEqual([4, 8, 1, 0]);
  });

  it('goes at the tempo of the material', () => {
    const [slow, fast] = [60, 120].map((tempo) => {
      const material = { tempo, keys: ['C major'] };
      return given(askQuestions({ kind: 'heard-cadence', seed: 3, count: 1, material }).questions[0]!)
        .sound[1]![0];
    });
    expect([slow, fast]).toEqual([2, 1]);
  });
});

describe('partial marks and causes', () => {
  const one = (kind: string, own: object, answers: unknown[]): Question => ({
    kind,
    id: '1',
    given: own as Question['given'],
    answers,
    difficulty: { total: 1, parts: {} },
  });
  const chord = one('heard-chord', { size: 'triad', before: [], sound: [[0, 2, ['E4', 'G4', 'C5']]] }, [
    { quality: 'major', inversion: 1 },
  ]);

  it.each([
    ['minor, first inversion', 'quality-heard', 1],
    ['major', 'inversion-heard', 1],
    ['major 6', null, 2],
  ])('of a chord that is called %s', (said, cause, got) => {
    const marking = markAnswer(chord, said);
    expect(marking.parts.reduce((sum, part) => sum + part.got, 0)).toBe(got);
    expect(marking.causes[0]?.mistakes[0] ?? null).toBe(cause);
  });

  it('a tritone goes by both names, a mode by its other name', () => {
    const tritone = one(
      'heard-interval',
      {
        how: 'up',
        before: [],
        sound: [
          [0, 1, ['C4']],
          [1, 1, ['F#4']],
        ],
      },
      [],
    );
    expect(kindOf('heard-interval').solve(tritone.given)).toEqual(['A4', 'd5']);
    const up = (notes: string) => notes.split(' ').map((note, at) => [at, 1, [note]]);
    const aeolian = one('heard-scale', { before: [], sound: up('A3 B3 C4 D4 E4 F4 G4 A4') }, [
      'natural-minor',
    ]);
    for (const said of ['aeolian', 'Natural minor scale', 'minor'])
      expect(markAnswer(aeolian, said).verdict).toBe('right');
    expect(markAnswer(aeolian, 'A dorian').verdict).toBe('unreadable');
  });

  it('each note of outer voices counts, octaves do not', () => {
    const sound = [
      [0, 1, ['C3', 'E4', 'G4', 'C5']],
      [1, 1, ['G2', 'D4', 'G4', 'B4']],
    ];
    const voices = one('heard-outer-voices', { key: 'C major', before: [], sound }, [
      { soprano: ['C5', 'B4'], bass: ['C3', 'G2'] },
    ]);
    expect(markAnswer(voices, 'C B / C G').verdict).toBe('right');
    expect(markAnswer(voices, 'C A / C G').parts.map(({ got }) => got)).toEqual([1, 0, 1, 1]);
  });

  it('the place of a change counts by itself', () => {
    const [change] = asked('heard-change');
    const [which] = change!.answers[0] as string[];
    const { parts } = markAnswer(change!, `${which} bVI`);
    expect(parts.map(({ part, got }) => [part, got])).toEqual([
      ['which', 1],
      ['what', 0],
    ]);
  });
});
