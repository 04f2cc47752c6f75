/**
 * What a teacher says of a wrong answer, worked out beside the program: intervals by the library tonal, the rest by the
 * plain rules that first-year handbooks give (common practice). One answer may come of several mistakes; then a teacher
 * may name any of them.
 */
import { Interval, Note } from 'tonal';
import { askQuestions, type MaterialText, type Question } from '../src';

/** A question, a wrong answer, and the mistakes that a teacher would name. */
export interface Row {
  readonly question: Question;
  readonly answer: string;
  readonly causes: readonly string[];
}

/** `also` may be named too where a row is there for another reason; it makes none by itself. */
type Guess = readonly [answer: string | null, cause: string, also?: 'also'];

function rowsOf(
  kind: string,
  seed: number,
  count: number,
  material: MaterialText,
  guess: (q: Question) => readonly Guess[],
): Row[] {
  return askQuestions({ kind, seed, count, material }).questions.flatMap((question) => {
    const causes = new Map<string, string[]>();
    for (const [answer, cause, also] of guess(question))
      if (answer !== null && !also) causes.set(answer, [...(causes.get(answer) ?? []), cause]);
    for (const [answer, cause, also] of guess(question)) if (also) causes.get(answer ?? '')?.push(cause);
    return [...causes].map(([answer, own]) => ({ question, answer, causes: own }));
  });
}

const text = (question: Question, field: string) => String(question.given[field]);
/** M3 for the library’s 3M. */
const ours = (name: string) => name.replace(/^-?(\d+)(\D+)$/, '$2$1');
const theirs = (name: string) => name.replace(/^(\D+)(\d+)$/, '$2$1');

const SHARPS = 'FCGDAEB';
/** The letters that a major key alters, and how. */
function signature(key: string): { readonly letters: string; readonly sign: string } {
  const [tonic, mode] = key.split(' ') as [string, string];
  const home = mode === 'minor' ? Note.transpose(tonic, '3m') : tonic;
  const fifths = 'FCGDAEB'.indexOf(home[0]!) - 1 + 7 * (home.endsWith('#') ? 1 : home.endsWith('b') ? -1 : 0);
  return fifths >= 0
    ? { letters: SHARPS.slice(0, fifths), sign: '#' }
    : { letters: [...SHARPS].reverse().join('').slice(0, -fifths), sign: 'b' };
}

/** A note as one reads it who does not look at the signature. */
function unsigned(note: string, key: string): string {
  const { letters, sign } = signature(key);
  const [, letter, own, octave] = /^([A-G])([#b]*)(\d)$/.exec(note)!;
  return letters.includes(letter!) && own === sign ? `${letter}${octave}` : note;
}

/** A note as its signature has it, whatever sign stands before it. */
function signed(note: string, key: string): string {
  const { letters, sign } = signature(key);
  const [, letter, , octave] = /^([A-G])([#b]*)(\d)$/.exec(note)!;
  return `${letter}${letters.includes(letter!) ? sign : ''}${octave}`;
}

const SWAPPED: Readonly<Record<string, string>> = { M: 'm', m: 'M', A: 'd', d: 'A' };

function intervals(question: Question): Guess[] {
  const [from, to, key] = [text(question, 'from'), text(question, 'to'), text(question, 'key')];
  const right = ours(Interval.distance(from, to));
  const [, quality, digits] = /^(\D+)(\d+)$/.exec(right)!;
  const number = Number(digits);
  const plain = ours(Interval.distance(unsigned(from, key), unsigned(to, key)));
  // A sign that stands before the note, and is not seen.
  const unseen = [
    [signed(from, key), to],
    [from, signed(to, key)],
  ].map(([low, high]) => ours(Interval.distance(low!, high!)));
  const other = SWAPPED[quality!];
  const guesses: Guess[] = [
    [
      other ? other + digits : null,
      'AAdd'.includes(quality!) ? 'augmented-diminished-exchanged' : 'major-minor-exchanged',
    ],
    [number < 8 && number > 1 ? ours(Interval.invert(theirs(right))) : null, 'inverted'],
    [number > 8 ? `${quality}${number - 7}` : null, 'octave-left-out'],
    [quality === 'P' && number !== 8 ? `M${digits}` : null, 'major-perfect-confused'],
    [quality === 'M' ? `P${digits}` : null, 'major-perfect-confused'],
    [right === 'A4' ? 'd5' : right === 'd5' ? 'A4' : null, 'enharmonic-spelling'],
    [plain, 'signature-forgotten'],
    ...unseen.map((answer): Guess => [answer, 'accidental-forgotten', 'also']),
    ...[unsigned(from, key), from].flatMap((low) =>
      [unsigned(to, key), to].map((high): Guess => [
        ours(Interval.distance(low, high)),
        'signature-accidental-forgotten',
        'also',
      ]),
    ),
  ];
  return guesses.filter(([answer]) => answer !== right);
}

interface Named {
  readonly root: string;
  readonly quality: string;
  readonly inversion: number;
}
const POSITIONS = ['root position', 'first inversion', 'second inversion', 'third inversion'];
const said = ({ root, quality, inversion }: Named) =>
  `${root} ${quality.replace(/-/g, ' ')}, ${POSITIONS[inversion]}`;

const THIRD: Readonly<Record<string, string>> = { major: 'minor', minor: 'major' };
const FIFTH: Readonly<Record<string, string>> = { diminished: 'minor', augmented: 'major' };
const SEVENTH: Readonly<Record<string, string>> = {
  'dominant-seventh': 'major-seventh',
  'major-seventh': 'dominant-seventh',
  'half-diminished-seventh': 'diminished-seventh',
  'diminished-seventh': 'half-diminished-seventh',
};

/** Half steps over the root in close position. */
const SHAPES: Readonly<Record<string, string>> = {
  major: '4 7', minor: '3 7', diminished: '3 6', augmented: '4 8',
  'dominant-seventh': '4 7 10', 'major-seventh': '4 7 11', 'minor-seventh': '3 7 10',
  'half-diminished-seventh': '3 6 10', 'diminished-seventh': '3 6 9', 'minor-major-seventh': '3 7 11',
  'augmented-major-seventh': '4 8 11',
}; // prettier-ignore

/** The quality of notes over one of them; null for what has no name here. */
function qualityOver(notes: readonly string[], root: string): string | null {
  const over = notes
    .map((note) => (((Note.midi(note)! - Note.midi(root)!) % 12) + 12) % 12)
    .filter((steps) => steps > 0)
    .sort((a, b) => a - b)
    .join(' ');
  return Object.entries(SHAPES).find(([, shape]) => shape === over)?.[0] ?? null;
}

/** The name of the chord that notes read otherwise make, by half steps over the note that was the root. */
function reread(question: Question, read: (note: string, key: string) => string): string | null {
  const right = question.answers[0] as Named;
  const key = text(question, 'key');
  const notes = question.given['notes'] as string[];
  const at = notes.findIndex((note) => note.replace(/\d/, '') === right.root);
  const heard = notes.map((note) => read(note, key));
  const root = heard[at]!;
  const quality = qualityOver(heard, root);
  return quality ? said({ ...right, root: root.replace(/\d/, ''), quality }) : null;
}

function chords(question: Question): Guess[] {
  const right = question.answers[0] as Named;
  const { quality, inversion } = right;
  const asItIs = said(right);
  const lowest = (question.given['notes'] as string[])[0]!.replace(/\d/, '');
  const size = quality.includes('seventh') ? 4 : 3;
  return [
    [inversion > 0 ? said({ ...right, inversion: 0 }) : null, 'inversion-ignored'],
    [inversion > 0 ? said({ root: lowest, quality, inversion: 0 }) : null, 'lowest-for-root'],
    [
      size === 3 && inversion > 0 ? said({ ...right, inversion: 3 - inversion }) : null,
      'six-and-six-four-exchanged',
    ],
    [THIRD[quality] ? said({ ...right, quality: THIRD[quality]! }) : null, 'third-unaltered'],
    [FIFTH[quality] ? said({ ...right, quality: FIFTH[quality]! }) : null, 'fifth-unaltered'],
    [SEVENTH[quality] ? said({ ...right, quality: SEVENTH[quality]! }) : null, 'seventh-exchanged'],
    ...READINGS.map(([cause, read]): Guess => [reread(question, read), cause, 'also']),
  ].filter(([answer]) => answer !== asItIs) as Guess[];
}

type Reading = (note: string, key: string) => string;
const READINGS: readonly (readonly [cause: string, read: Reading])[] = [
  ['signature-forgotten', unsigned],
  ['accidental-forgotten', signed],
  ...[...SHARPS].flatMap((letter): (readonly [string, Reading])[] => [
    ['signature-accidental-forgotten', (note, key) => (note.startsWith(letter) ? unsigned(note, key) : note)],
    ['accidental-forgotten', (note, key) => (note.startsWith(letter) ? signed(note, key) : note)],
  ]),
];

const CIRCLE = ['Cb', 'Gb', 'Db', 'Ab', 'Eb', 'Bb', 'F', 'C', 'G', 'D', 'A', 'E', 'B', 'F#', 'C#'];

function signatures(question: Question): Guess[] {
  const [tonic, mode] = String(question.answers[0]).split(' ') as [string, 'major' | 'minor'];
  const major = mode === 'minor' ? Note.transpose(tonic, '3m') : tonic;
  const at = CIRCLE.indexOf(major);
  const named = (home: string | undefined) =>
    home === undefined ? null : mode === 'major' ? `${home} major` : `${Note.transpose(home, '-3m')} minor`;
  const { letters, sign } = signature(`${major} major`);
  const last = letters.at(-1);
  return [
    [mode === 'major' ? `${Note.transpose(tonic, '-3m')} minor` : `${major} major`, 'relative-key'],
    [`${tonic} ${mode === 'major' ? 'minor' : 'major'}`, 'parallel-key'],
    [last && sign === '#' ? `${last}# ${mode}` : null, 'last-sharp-for-tonic'],
    [last && sign === 'b' && `${last}b` !== tonic ? `${last}b ${mode}` : null, 'last-flat-for-tonic'],
    [named(CIRCLE[at + 1]), 'signature-one-off'],
    [named(CIRCLE[at - 1]), 'signature-one-off'],
    [at === 7 ? null : named(CIRCLE[14 - at]), 'sharps-for-flats'],
  ];
}

const TURNED: Readonly<Record<string, string>> = { '6': '64', '64': '6' };
const WITHOUT: Readonly<Record<string, string>> = { '6': '', '64': '', '65': '7', '43': '7', '42': '7' };
const TRIAD: Readonly<Record<string, string>> = { '7': '', '65': '6', '43': '64' };

function numerals(question: Question): Guess[] {
  const right = String(question.answers[0]);
  const match = /^([ivIV]+)([oø]?)(\d*)$/.exec(right);
  if (!match) return [];
  const [, degree, sign, figures] = match as unknown as [string, string, string, string];
  const swapped = degree === degree.toLowerCase() ? degree.toUpperCase() : degree.toLowerCase();
  const guesses: Guess[] = [
    [sign === '' ? swapped + figures : null, 'case-wrong'],
    [figures in WITHOUT ? degree + sign + WITHOUT[figures] : null, 'inversion-ignored'],
    [figures in TURNED ? degree + sign + TURNED[figures] : null, 'six-and-six-four-exchanged'],
    [figures in TRIAD && sign !== 'ø' ? degree + sign + TRIAD[figures] : null, 'seventh-left-out'],
    [sign === 'o' && figures !== '7' ? degree + figures : null, 'quality-sign-forgotten'],
    [sign === '' && figures === '' ? `${degree}7` : null, 'seventh-added'],
    ...READINGS.map(([cause, read]): Guess => [
      rereadNumeral(question, degree, read, figures),
      cause,
      'also',
    ]),
  ];
  return guesses.filter(([answer]) => answer !== right);
}

/** What a numeral becomes in case and sign when its notes are read otherwise; null where they are no such chord. */
function rereadNumeral(
  question: Question,
  degree: string,
  read: (note: string, key: string) => string,
  figures: string,
): string | null {
  const key = text(question, 'key');
  const place = ['I', 'II', 'III', 'IV', 'V', 'VI', 'VII'].indexOf(degree.toUpperCase());
  const letter = 'CDEFGAB'[('CDEFGAB'.indexOf(key[0]!) + place) % 7]!;
  const heard = (question.given['notes'] as string[]).map((note) => read(note, key));
  const quality = qualityOver(
    heard,
    heard.find((note) => note.startsWith(letter))!,
  );
  if (quality === null || quality === 'augmented') return null;
  const upper = /^(?:major|dominant)/.test(quality);
  const sign = /^(?:diminished|half)/.test(quality) ? (quality.startsWith('half') ? 'ø' : 'o') : '';
  return (upper ? degree.toUpperCase() : degree.toLowerCase()) + sign + figures;
}

const DEGREES = ['tonic', 'supertonic', 'mediant', 'subdominant', 'dominant', 'submediant', 'leading note'];

function degrees(question: Question): Guess[] {
  const at = DEGREES.indexOf(
    String(question.answers[0]).replace('leading', 'leading note').replace('note note', 'note'),
  );
  if (at < 1) return [];
  // Above the tonic for below it: mediant and submediant, dominant and subdominant.
  const turned = at > 1 && at < 6 ? DEGREES[7 - at]! : null;
  return [
    [DEGREES[at - 1]!, 'counted-from-zero'],
    [turned, 'supertonic-for-mediant'],
    // The same note in the relative key lies two degrees lower or higher.
    [DEGREES[(at + (text(question, 'key').endsWith('minor') ? 5 : 2)) % 7]!, 'relative-key', 'also'],
  ];
}

/** The table: every row is a wrong answer to one question. */
export const TEACHER_TABLE: readonly Row[] = [
  ...rowsOf('interval-name', 11, 60, { chromatic: 'none', compound: true }, intervals),
  ...rowsOf('triad-name', 12, 40, { chromatic: 'none', inversions: [0, 1, 2] }, chords),
  ...rowsOf('seventh-name', 13, 40, { chromatic: 'none', inversions: [0, 1, 2, 3] }, chords),
  ...rowsOf('signature-name', 14, 24, {}, signatures),
  ...rowsOf('numeral-label', 15, 60, { inversions: [0, 1, 2, 3] }, numerals),
  ...rowsOf('degree-name', 16, 12, {}, degrees),
];
