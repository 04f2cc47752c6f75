import {
  degreeName,
  HAND_CARE,
  intervalWords,
  parseInterval,
  qualityWords,
  scaleFingering,
  scaleOf,
  signatureWords,
  solfegeOf,
  vocabulary,
  DEFAULT_LABEL_STYLE,
  type ScaleForm,
  type LabelStyle,
  displayNoteName,
  parseNoteName,
  parseSymbol,
  stackQuality,
} from '@diatonix/core';
import { keyRequested } from './reading';
import type {
  figuresAnswer,
  fingeringAnswer,
  homesAnswer,
  intervalAnswer,
  keyAnswer,
  answerNotes,
  numeralAnswer,
} from './answers';
import type { LabelledChord } from './label';

/** Lines up a table, columns parted by two spaces. */
function table(rows: readonly (readonly string[])[]): string {
  const widths = rows[0]!.map((_, column) => Math.max(...rows.map((row) => [...(row[column] ?? '')].length)));
  return rows
    .map((row) =>
      row
        .map((cell, column) => cell + ' '.repeat(widths[column]! - [...cell].length))
        .join('  ')
        .trimEnd(),
    )
    .join('\n');
}

export function intervalText(answer: ReturnType<typeof intervalAnswer>): string {
  const steps = `${answer.halfSteps} half ${answer.halfSteps === 1 ? 'step' : 'steps'}`;
  const way = answer.direction === 'same' ? '' : ` ${answer.direction}`;
  const turned = answer.inversion ? `inverts to ${answer.inversion}` : 'has no inversion within the octave';
  return `${intervalWords(parseInterval(answer.name))}${way} (${answer.name}), ${steps}; ${turned}`;
}

export function plainNumeral(answer: ReturnType<typeof numeralAnswer>): string {
  const figures = answer.figures.length > 0 ? `figures ${answer.figures.join(' ')}` : 'no figures';
  const root = answer.root ? `, root ${answer.root}` : '';
  return `${answer.symbol}: ${answer.notes.join(' ')}, ${qualityWords(answer.quality)}${root}, ${figures}`;
}

export function chordText(answer: ReturnType<typeof answerNotes>, school = DEFAULT_LABEL_STYLE): string {
  const { readings } = answer;
  const beyond = 'beyondThirds' in answer && answer.beyondThirds ? [answer.beyondThirds.sentence] : [];
  const lines = readings.slice(0, 4).map((r, index) => {
    const extras = [r.missing.length > 0 ? `missing ${r.missing.join(' ')}` : ''].filter(Boolean);
    const parts = [
      `${r.symbol}: ${r.notes.join(' ')}`,
      qualityWords(stackQuality(parseSymbol(r.symbol, school.letters).members)),
      r.numeral ?? '',
      r.figures.length > 0 ? `figures ${r.figures.join(' ')}` : '',
      ...extras,
    ];
    return `${readings.length > 1 ? `${index + 1}. ` : ''}${parts.filter(Boolean).join(', ')}`;
  });
  return [...lines, ...beyond].join('\n');
}

export function figuresText(answer: ReturnType<typeof figuresAnswer>): string {
  const resolution = 'resolution' in answer && answer.resolution ? ` → ${answer.resolution.join(' ')}` : '';
  return `${answer.notes.join(' ')}${resolution}${answer.numeral ? `: ${answer.numeral}` : ''}`;
}

export function keyText(
  text: string,
  form: ScaleForm,
  answer: ReturnType<typeof keyAnswer>,
  school: LabelStyle = DEFAULT_LABEL_STYLE,
): string {
  const key = keyRequested(text, school);
  const name = (degree: number) => {
    const word = degreeName(key, degree, form);
    return word === 'leading' ? vocabulary(school).leading : word;
  };
  const scale = scaleOf(key, form);
  const sung = school.solfege;
  const rows = answer.degrees.map(({ degree, triad, seventh, thirteenth }, index) => [
    String(degree),
    displayNoteName(scale[index]!, school.letters),
    ...(sung === 'off' ? [] : [solfegeOf(key, scale[index]!, sung)]),
    name(degree),
    triad.numeral,
    triad.symbol,
    seventh.numeral,
    seventh.symbol,
    thirteenth.symbol,
  ]);
  const minor = key.mode === 'minor' ? `, ${form} form` : '';
  const hands = key.mode === 'major' || key.mode === 'minor' ? scaleFingering(key, form) : null;
  const fingers = hands ? `\n${handsText(hands)}` : '';
  const title = `${displayNoteName(key.tonic, school.letters)} ${key.mode}${minor}`;
  return `${title}: ${signatureWords(key, school.letters)}\n${table(rows)}${fingers}`;
}

export function labelText(
  { chords }: { chords: readonly LabelledChord[] },
  school = DEFAULT_LABEL_STYLE,
): string {
  const letters = (notes: readonly string[]) =>
    school.letters === 'english'
      ? notes.join(' ')
      : notes.map((note) => displayNoteName(parseNoteName(note), school.letters)).join(' ');
  const rows = chords.map((chord) =>
    'error' in chord
      ? [chord.read, '!', chord.error.message]
      : [chord.read, chord.numeral, chord.symbol, chord.figures.join(' '), letters(chord.notes)],
  );
  const good = rows.filter((row) => row[1] !== '!');
  const bad = rows.filter((row) => row[1] === '!').map((row) => row[2]);
  return [good.length > 0 ? table(good) : '', ...bad].filter(Boolean).join('\n');
}

export function homesText(homes: ReturnType<typeof homesAnswer>): string {
  return homes.length === 0
    ? 'lives in no ordinary key'
    : `lives as ${homes.map(({ key, numeral }) => `${numeral} in ${key}`).join(', ')}`;
}

export function fingeringText(fingering: NonNullable<ReturnType<typeof fingeringAnswer>>): string {
  return `${handsText(fingering)}${fingering.stretch ? `. ${HAND_CARE}` : ''}`;
}

/** The fingers of both hands on one line. */
function handsText({ right, left }: { readonly right: readonly number[]; readonly left: readonly number[] }) {
  return `right hand ${right.join(' ')} · left hand ${left.join(' ')}`;
}
