/**
 * Right answers in every way in which people write them (common practice; docs/conventions.md): every kind of the
 * register, every form that its answers have. What is right is right however it is written, and what is wrong is wrong
 * however it is written.
 */
import {
  answerWords,
  askQuestions,
  intervalWords,
  kindOf,
  KINDS,
  markAnswer,
  parseInterval,
  type Question,
} from '../src';

/** So many questions of a kind; fewer where an answer has one form, and questions take long to make. */
const questionsOf = (kind: string): number =>
  ['voices', 'text', 'heard', 'map', 'figured'].includes(kindOf(kind).answer.name) || SLOW.includes(kind)
    ? 3
    : 12;
const SLOW = ['harmonise', 'score-label', 'progression-label', 'parts-faults', 'key-find'];

/** Signs of notes in words: F#4 is F sharp 4. */
const inWords = (text: string) =>
  text.replace(/([A-G])(##|bb|#|b)(?=-?\d|\s|$|,)/g, (_, letter: string, sign: string) => {
    const word = sign.startsWith('#') ? 'sharp' : 'flat';
    return `${letter} ${sign.length === 2 ? 'double ' : ''}${word}${/\d/.test(text) ? ' ' : ''}`;
  });
const glyphs = (text: string) => text.replaceAll('#', '♯').replace(/(?<=[A-G♭])b/g, '♭');

const CADENCES: Record<string, string[]> = {
  authentic: ['Authentic cadence', 'full close', 'authentic'],
  half: ['half', 'Half cadence', 'HC', 'half close', 'semi-cadence'],
  'phrygian-half': ['Phrygian half cadence', 'phrygian', 'half'],
  plagal: ['Plagal', 'plagal cadence', 'Amen'],
  deceptive: ['interrupted', 'Deceptive cadence', 'DC', 'interrupted cadence'],
};
const DEGREES: Record<string, string[]> = {
  leading: ['leading-tone', 'Leading note', 'leading tone', 'the leading note'],
  subdominant: ['sub-dominant', 'Subdominant', 'sub dominant'],
  supertonic: ['super-tonic', 'the supertonic'],
  submediant: ['sub-mediant', 'Submediant'],
};
const WORDS = ['root position', 'first inversion', 'second inversion', 'third inversion'];
const SHORT = ['root pos', '1st inv', '2nd inv.', '3rd inversion'];
const TRIADS: Record<string, string> = { major: '', minor: 'm', diminished: 'dim', augmented: 'aug' };
const TRIAD_FIGURES = ['5/3', '6/3', '6/4'];

/** A numeral with its figures apart, one over the other, with other signs. */
const numeralForms = (label: string) => [
  label,
  label.replace(/(?<=[IViv°oø])(\d)(\d)(?=$|\/)/, '$1/$2'),
  label.replace(/(?<=[IViv])o/, '°'),
  ...(/\d\d(?!\d)$/.test(label) ? [label.replace(/(\d)(\d)$/, ' $1 $2')] : []),
];

function chordForms({
  root,
  quality,
  inversion,
}: {
  root: string;
  quality: string;
  inversion: number;
}): string[] {
  const spoken = `${inWords(root)} ${quality.replaceAll('-', ' ')}`;
  const forms = [
    `${root} ${quality} ${WORDS[inversion]}`,
    `${spoken}, ${WORDS[inversion]}`,
    `${root} ${quality.replaceAll('-', ' ')} ${SHORT[inversion]}`,
  ];
  const sign = TRIADS[quality];
  if (sign !== undefined)
    forms.push(`${root}${sign} ${WORDS[inversion]}`, `${root}${sign} ${TRIAD_FIGURES[inversion]}`);
  if (quality === 'dominant-seventh')
    forms.push(`${root}7 ${WORDS[inversion]}`, `${root}7, ${SHORT[inversion]}`);
  return forms;
}

/** Every way in which an answer of a kind is written. */
function formsOf({ kind, given }: Question, answer: unknown): unknown[] {
  const { name } = KINDS.find(({ id }) => id === kind)!.answer;
  const text = String(answer);
  const lowestOnly = ['triad-build', 'seventh-build', 'extended-build', 'numeral-build'].includes(kind);
  switch (name) {
    case 'interval':
      return [answer, intervalWords(parseInterval(text)), `a ${intervalWords(parseInterval(text))}`];
    case 'note':
      return [answer, glyphs(text), inWords(text), ` ${text} `];
    case 'key':
      return [answer, text.replace(' ', '-'), inWords(text.replace(/ /, '  ')), glyphs(text)];
    case 'word':
      return [answer, ...(CADENCES[text] ?? DEGREES[text] ?? [text.toUpperCase()])];
    case 'numeral':
      return numeralForms(text);
    case 'labels': {
      const labels = answer as string[];
      return [
        labels,
        labels.join(' '),
        labels.join(', '),
        labels.map((one) => numeralForms(one)[1]).join(' '),
      ];
    }
    case 'chord':
      return chordForms(answer as { root: string; quality: string; inversion: number });
    case 'notes': {
      const notes = answer as string[];
      const forms: unknown[] = [notes, notes.join(' '), notes.join(', '), notes.map(glyphs).join(' ')];
      if (notes.length > 0) forms.push(notes.map(inWords).join(' '));
      if (kind === 'scale-write')
        forms.push([...notes, notes[0]], [...notes, notes[0], ...[...notes].reverse()]);
      if (kind === 'scale-write' && (given as { form: string }).form === 'melodic') forms.pop();
      if (lowestOnly) forms.push([notes[0], ...notes.slice(1).reverse()]);
      return forms;
    }
    case 'faults':
      return [answer, answerWords(kind, answer)];
    default:
      return [answer];
  }
}

test('a thousand right answers are right however they are written', () => {
  let tried = 0;
  const wrong: unknown[] = [];
  for (const { id } of KINDS)
    for (const question of askQuestions({ kind: id, seed: 41, count: questionsOf(id) }).questions)
      for (const form of formsOf(question, question.answers[0])) {
        tried++;
        const { verdict, error } = markAnswer(question, form);
        if (verdict !== 'right')
          wrong.push([id, question.given, question.answers[0], form, verdict, error?.message]);
      }
  expect(wrong).toEqual([]);
  expect(tried).toBeGreaterThan(1000);
});

test('a thousand wrong answers are wrong however they are written', () => {
  let tried = 0;
  const odd: unknown[] = [];
  for (const { id } of KINDS) {
    const { questions } = askQuestions({ kind: id, seed: 43, count: questionsOf(id) });
    for (const [at, question] of questions.entries())
      for (const step of [1, 3]) {
        const other = questions[(at + step) % questions.length]!;
        const plain = markAnswer(question, other.answers[0]);
        if (plain.verdict === 'right') continue;
        for (const form of formsOf(other, other.answers[0])) {
          // A scale on another tonic may be closed and brought down; of a stack in another order the letters differ.
          if (Array.isArray(form) && form.length > (other.answers[0] as unknown[]).length) continue;
          tried++;
          const marked = markAnswer(question, form);
          if (marked.verdict === 'right') odd.push([id, question.given, form]);
        }
      }
  }
  expect(odd).toEqual([]);
  expect(tried).toBeGreaterThan(1000);
});

const PHRASE = {
  clef: 'grand',
  key: 'C major',
  voices: [
    ['C5', 'E4', 'G3', 'C3'],
    ['C5', 'F4', 'A3', 'F3'],
    ['C5', 'E4', 'G3', 'G2'],
    ['B4', 'D4', 'G3', 'G2'],
    ['C5', 'E4', 'G3', 'C3'],
  ],
};

test.each([
  'I IV I64 V I',
  'I IV V64 V I',
  'I IV V6/4 V5/3 I',
  'I IV V6/4–5/3 I',
  'I IV Cad64 V I',
  'I, IV, Cad6/4, V, I',
])('the cadential six-four is right as %s, in either style', (answer) => {
  expect(markAnswer({ kind: 'score-label', given: PHRASE }, answer).verdict).toBe('right');
});

test('a dominant six-four is none, nor is a tonic one before another chord', () => {
  const given = { clef: 'treble', key: 'C major', notes: ['D4', 'G4', 'B4'] };
  expect(markAnswer({ kind: 'numeral-label', given }, 'I64').verdict).toBe('wrong');
  expect(markAnswer({ kind: 'score-label', given: PHRASE }, 'V64 IV I64 V I').verdict).toBe('wrong');
});

const FAULTY = {
  clef: 'grand',
  key: 'C major',
  voices: [
    ['C5', 'E4', 'G3', 'C3'],
    ['D5', 'F4', 'A3', 'D3'],
  ],
};

test.each([
  ['2 parallel octaves; 2 parallel fifths', 'right'],
  ['chord 2: consecutive 8ves and consecutive 5ths', 'right'],
  ['2: fifths, octaves', 'right'],
  ['parallel fifths 1-2, parallel octaves 1-2', 'right'],
  ['2 parallel fifths, tenor and bass; 2 parallel octaves, soprano and bass', 'right'],
  ['2 parallel fifths', 'wrong'],
  ['1 parallel fifths; 1 octaves', 'wrong'],
  ['2 something else', 'unreadable'],
])('faults written as “%s” are %s', (answer, verdict) => {
  expect(markAnswer({ kind: 'parts-faults', given: FAULTY }, answer).verdict).toBe(verdict);
});

test.each([
  [
    'authentic',
    'C major',
    ['V I', 'V65 I', 'viio6 I', 'V7 I6', 'V42 I6', 'ii6 V7 I'],
    ['V42 I', 'v I', 'IV I', 'V VI'],
  ],
  ['half', 'C major', ['ii V', 'IV6 V', 'V7/V V', 'I64 V', 'iv V', 'ii6 V'], ['V I', 'I V6', 'V IV', 'i v']],
  ['half', 'C minor', ['iv V', 'iv6 V', 'iio6 V', 'Cad64 V', 'VI V'], ['iv v', 'ii V', 'i VII']],
  ['plagal', 'C major', ['IV I', 'iv I'], ['V I', 'IV V', 'ii I']],
  ['deceptive', 'C major', ['V vi', 'V7 vi', 'V7 bVI'], ['V VI', 'V I', 'V IV']],
  ['deceptive', 'C minor', ['V VI', 'V7 VI'], ['V vi', 'v VI']],
])('a cadence is written as every textbook writes it: %s in %s', (cadence, key, right, wrong) => {
  const verdict = (answer: string) =>
    markAnswer({ kind: 'cadence-write', given: { key, cadence } }, answer).verdict;
  expect(right.filter((one) => verdict(one) !== 'right')).toEqual([]);
  expect(wrong.filter((one) => verdict(one) === 'right')).toEqual([]);
});

test.each([
  ['an octave and a major third', 'M10'],
  ['compound major third', 'M10'],
  ['octave and perfect fifth', 'P12'],
  ['perfect 5', 'P5'],
  ['two octaves and a minor third', 'm17'],
])('%s is %s', (said, name) => {
  const given = { clef: 'treble', key: 'C major', from: 'C4', to: 'E5' };
  expect(markAnswer({ kind: 'interval-name', given, answers: [name] }, said).verdict).toBe('right');
});

test.each(['three flats', '3 flats', 'Bb Eb Ab'])('a signature is right as %s', (answer) => {
  expect(
    markAnswer({ kind: 'signature-write', given: { clef: 'treble', key: 'Eb major' } }, answer).verdict,
  ).toBe('right');
});

test.each(['C E Bb A', 'C E G Bb D A', 'C E G Bb D F A', 'C E G Bb D F# A', 'C Bb E A D'])(
  'a thirteenth is right as %s',
  (answer) => {
    const given = { clef: 'treble', key: 'C major', root: 'C', quality: 'dominant-13th', inversion: 0 };
    expect(markAnswer({ kind: 'extended-build', given }, answer).verdict).toBe('right');
  },
);
