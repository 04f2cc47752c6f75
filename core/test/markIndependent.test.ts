/**
 * Mistakes planted by other means than the models: letters and signs moved in the text of a question, and what comes
 * out named by tonal (general-purpose, from the registry).
 */
import { Interval, Note, Scale } from 'tonal';
import { askQuestions, markAnswer, type GivenData, type Question } from '../src';

const ask = (kind: string, material = {}, count = 150) =>
  askQuestions({ kind, seed: 404, count, material }).questions;
const text = ({ given }: Question, field: string) => String(given[field]);

/** Names of intervals as tonal has them (`4P`), in the order of the house: P4. */
const between = (from: string, to: string): string | null => {
  const name = Interval.distance(from, to);
  const found = /^(-?)(\d+)([PMmAd]+)$/.exec(name);
  return found && found[1] === '' ? `${found[3]}${found[2]}` : null;
};
const LETTERS = 'CDEFGAB';
const place = (note: string) => LETTERS.indexOf(note[0]!) + 7 * Number(/-?\d$/.exec(note)![0]);
const signOf = (note: string) => /^[A-G]([#b]*)/.exec(note)![1]!;

/** The signature of a key as letters with signs, by tonal's scale. */
const signature = (key: string): Record<string, string> => {
  const [tonic, mode] = key.split(' ');
  const notes = Scale.get(`${tonic} ${mode === 'minor' ? 'minor' : 'major'}`).notes;
  return Object.fromEntries(notes.map((note) => [note[0]!, note.slice(1)]));
};

interface Planted {
  readonly mistake: string;
  readonly answer: string | null;
}

/** What somebody writes who forgets the signature, reads another clef, or counts wrongly. */
function planted({ given }: Question): Planted[] {
  const [from, to, key, clef] = ['from', 'to', 'key', 'clef'].map((field) => String(given[field])) as [
    string,
    string,
    string,
    string,
  ];
  const signs = signature(key);
  const unsigned = (note: string) =>
    signOf(note) === signs[note[0]!] && signOf(note) !== '' ? note.replace(/[#b]+/, '') : note;
  const plain = (note: string) =>
    note.replace(/^([A-G])[#b]*/, (_, letter: string) => letter + signs[letter]!);
  const up = { treble: 0, bass: -12, alto: -6, tenor: -8 }[clef]!;
  const inTreble = (note: string) => {
    const at = place(note) - up;
    const letter = LETTERS[at % 7]!;
    const sign = signOf(note) === signs[note[0]!] ? signs[letter]! : signOf(note);
    return `${letter}${sign}${Math.floor(at / 7)}`;
  };
  const right = between(from, to)!;
  const number = Number(/\d+/.exec(right)![0]);
  const swap: Record<string, string> = { M: 'm', m: 'M' };
  return [
    { mistake: 'signature-forgotten', answer: between(unsigned(from), unsigned(to)) },
    { mistake: 'accidental-forgotten', answer: between(plain(from), plain(to)) },
    { mistake: 'clef-misread', answer: clef === 'treble' ? null : between(inTreble(from), inTreble(to)) },
    {
      mistake: 'inverted',
      answer:
        number > 1 && number < 8
          ? `${Interval.invert(Interval.distance(from, to)).replace(/^(\d+)(\D+)$/, '$2$1')}`
          : null,
    },
    {
      mistake: 'major-minor-exchanged',
      answer: /^[Mm]/.test(right) ? right.replace(/^./, (one) => swap[one]!) : null,
    },
    { mistake: 'major-perfect-confused', answer: /^P[45]$/.test(right) ? right.replace('P', 'M') : null },
  ];
}

test('planted in intervals, the cause is first or tied first in 95 of 100', () => {
  let [all, found] = [0, 0];
  for (const question of ask('interval-name', {
    keys: ['D major', 'Eb major', 'A major', 'F minor', 'E minor'],
    ledgerLines: 2,
  })) {
    for (const { mistake, answer } of planted(question)) {
      if (answer === null || answer === question.answers[0] || /\d{2}|[Ad]{3}/.test(answer)) continue;
      const { verdict, causes } = markAnswer(question, answer);
      expect(verdict).toBe('wrong');
      all++;
      if (causes.some(({ mistakes }) => mistakes.length === 1 && mistakes[0] === mistake)) found++;
    }
  }
  expect(all).toBeGreaterThan(300);
  expect(found / all).toBeGreaterThanOrEqual(0.95);
});

test('planted in triads: lowest note taken for the root, inversions exchanged, third or fifth not measured', () => {
  let [all, found] = [0, 0];
  const other: Record<string, readonly [string, string][]> = {
    major: [['minor', 'third-unaltered'], ['augmented', 'fifth-unaltered']],
    minor: [['major', 'third-unaltered'], ['diminished', 'fifth-unaltered']],
    diminished: [['minor', 'fifth-unaltered']],
    augmented: [['major', 'fifth-unaltered']],
  }; // prettier-ignore
  for (const question of ask('triad-name')) {
    const right = question.answers[0] as { root: string; quality: string; inversion: number };
    const lowest = [...(question.given['notes'] as string[])].sort(
      (a, b) => Note.midi(a)! - Note.midi(b)!,
    )[0]!;
    const tries: [unknown, string][] = [
      ...other[right.quality]!.map(([quality, mistake]): [unknown, string] => [
        { ...right, quality },
        mistake,
      ]),
      ...(right.inversion > 0
        ? ([
            [{ ...right, inversion: 3 - right.inversion }, 'six-and-six-four-exchanged'],
            [{ ...right, inversion: 0 }, 'inversion-ignored'],
            [{ root: Note.pitchClass(lowest), quality: right.quality, inversion: 0 }, 'lowest-for-root'],
          ] as [unknown, string][])
        : []),
    ];
    for (const [answer, mistake] of tries) {
      // An augmented triad is the same from each of its notes.
      if (question.answers.some((one) => JSON.stringify(one) === JSON.stringify(answer))) continue;
      all++;
      const { causes } = markAnswer(question, answer);
      if (causes.some(({ mistakes }) => mistakes[0] === mistake && mistakes.length === 1)) found++;
    }
  }
  expect(all).toBeGreaterThan(300);
  expect(found / all).toBeGreaterThanOrEqual(0.95);
});

test('of two hundred answers to other questions none is called right unless tonal says so too', () => {
  const questions = ask('interval-name', {}, 200);
  questions.forEach((question, at) => {
    const answer = questions[(at + 7) % questions.length]!.answers[0];
    const right = between(text(question, 'from'), text(question, 'to'));
    expect(markAnswer(question, answer).verdict).toBe(answer === right ? 'right' : 'wrong');
  });
});

test('built intervals and transposed lines are right exactly where tonal writes the same', () => {
  const turn = (name: string, below: unknown) =>
    `${below === true ? '-' : ''}${name.replace(/^(\D+)(\d+)$/, '$2$1')}`;
  for (const question of ask('interval-build', {}, 100)) {
    const { from, name, below } = question.given as { from: string; name: string; below: boolean };
    const right = Note.transpose(from, turn(name, below));
    expect(markAnswer(question, right).verdict).toBe('right');
    const other = Note.transpose(from, turn(name === 'M3' ? 'm3' : 'M3', below));
    expect(markAnswer(question, other).verdict).toBe(other === right ? 'right' : 'wrong');
  }
  for (const { given, ...question } of ask('transpose', {}, 60)) {
    const { notes, by, below } = given as unknown as { notes: string[]; by: string; below: boolean };
    const right = notes.map((note) => Note.transpose(note, turn(by, below)));
    expect(markAnswer({ ...question, given: given as GivenData }, right.join(' ')).verdict).toBe('right');
    expect(markAnswer({ ...question, given: given as GivenData }, notes.join(' ')).verdict).toBe('wrong');
  }
});
