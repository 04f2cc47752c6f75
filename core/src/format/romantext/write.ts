import { printNoteName } from '../../pitch/print';
import { type Key, sameKey } from '../../key/key';
import { partAdditions } from '../../label/romanAdditions';
import { isSmall } from '../../label/diatonic';
import { printNumeral } from '../../label/numeralPrint';
import { ROMANTEXT } from '../../school/school';
import { localKey, type Numeral } from '../../label/numeral';
import { parseMetre, printMetre } from '../../time/metre';
import { labelLine } from '../../context/labelLine';
import { placesOf } from '../../time/bars';
import { counted, type Carried, type LineFile } from '../lineFile';
import { beatText } from './beats';

/** Names of the augmented sixths in RomanText. */
const SIXTHS: Partial<Record<NonNullable<Numeral['special']>, string>> = {
  It: 'It6',
  Fr: 'Fr43',
  Ger: 'Ger65',
};

/**
 * Writes a progression as RomanText (Tymoczko and others 2019): bars and beats
 * in its metre, keys where they change, `||` where a phrase ends, repeats.
 * Rulings go as the numerals they are. What RomanText cannot say is told in the
 * remarks.
 */
export function writeRomanText(file: LineFile): Carried<string> {
  const remarks: string[] = [];
  const labels = labelLine(file.columns, file.key, { modulate: false });
  const metre = parseMetre(file.metre);
  const places = placesOf(file.columns, metre, file.upbeat);
  let key: Key | null = null;
  const bars = new Map<number, { metre: string | null; words: string[] }>();
  labels.forEach(({ labelled, key: own }, at) => {
    const { entry, phraseEnd, repeatStart, repeatEnd } = file.columns[at]!;
    const { bar, beat: exact, metre, metreBegins } = places[at]!;
    const line = bars.get(bar) ?? { metre: metreBegins ? printMetre(metre) : null, words: [] };
    bars.set(bar, line);
    const { words } = line;
    if (repeatStart) words.push('||:');
    const beat = beatText(exact);
    if (beat !== '1') words.push(`b${beat}`);
    if (entry.kind === 'rest') {
      // Where no chord sounds nothing is written; another chord begins at its own beat.
    } else if (entry.kind === 'sought' || !labelled.ok) {
      remarks.push(
        `Chord ${at + 1} has no numeral and was left out${labelled.ok ? '' : `: ${labelled.error.message}`}`,
      );
    } else {
      if (!key || !sameKey(key, own)) words.push(`${keyText(own)}:`);
      key = own;
      const { text, remark } = romanTextNumeral(labelled.labels.numeral, own);
      if (remark) remarks.push(`Chord ${at + 1}: ${remark}`);
      words.push(text);
    }
    if (repeatEnd) words.push(':||');
    else if (phraseEnd) words.push('||');
  });
  const left = (['words', 'melody', 'locks'] as const).flatMap((name) => {
    const count = file.columns.filter((column) => column[name] !== undefined).length;
    return count === 0
      ? []
      : [`${LEFT[name]} of ${counted(count, 'chord', 'chords')} cannot be said in RomanText.`];
  });
  const notes = file.columns.filter(({ entry }) => entry.kind === 'notes').length;
  if (notes > 0) left.push(`The very notes of ${counted(notes, 'chord', 'chords')} went as numerals.`);
  const head = [
    `Title: ${oneLine(file.title)}`,
    ...(file.source === '' ? [] : [`Source: ${oneLine(file.source)}`]),
    `Time Signature: ${file.metre}`,
    `Tempo: ${file.tempo}`,
  ];
  const lines = [...bars].map(
    ([bar, { metre: from, words }]) =>
      `${from === null ? '' : `Time Signature: ${from}\n`}m${bar} ${words.join(' ')}`,
  );
  return { value: [...head, '', ...lines, ''].join('\n'), remarks: [...remarks, ...left] };
}

const LEFT = { words: 'The words', melody: 'The melody', locks: 'The voices' } as const;

function oneLine(text: string): string {
  return text.replace(/\s+/g, ' ');
}

/**
 * Capital for major, small for minor, as RomanText has it; other modes go as major or minor by their third.
 */
function keyText({ tonic, mode }: Key): string {
  const name = printNoteName(tonic);
  return mode === 'major' || mode === 'lydian' || mode === 'mixolydian'
    ? name
    : name.charAt(0).toLowerCase() + name.slice(1);
}

export function romanTextNumeral(numeral: Numeral, key: Key): { text: string; remark: string | null } {
  if (numeral.special && SIXTHS[numeral.special] && !numeral.target)
    return { text: SIXTHS[numeral.special]!, remark: null };
  // Others hear Cad64 with the third of the key.
  if (numeral.special === 'Cad' && isSmall(numeral.members) !== (key.mode === 'minor'))
    return { text: isSmall(numeral.members) ? 'i64' : 'I64', remark: null };
  if (numeral.special === 'sub' || numeral.special === 'CT') {
    const plain: Numeral =
      numeral.special === 'sub'
        ? { ...numeral, special: null, degree: 2, alteration: -1 }
        : { ...numeral, special: null, degree: 2, alteration: 1 };
    return {
      text: spelled(plain, key),
      remark: 'a substitute or common-tone chord went as the plain numeral of its root.',
    };
  }
  return { text: spelled(numeral, key), remark: null };
}

/**
 * A numeral as readers of RomanText hear it: what is left out stands one by one, a suspended note is added and
 * the third left out, and what stands over the seventh is added as the signature has it.
 */
function spelled(numeral: Numeral, key: Key): string {
  const { base, additions, top } = partAdditions(numeral, key);
  const own = printNumeral({ ...base, target: null }, localKey(base, key), ROMANTEXT)
    .replaceAll('ø', '/o')
    .replace(/^N$/, 'bII')
    .replace(/\[no([\d,]+)\]/g, (_, degrees: string) =>
      degrees
        .split(',')
        .map((degree) => `[no${degree}]`)
        .join(''),
    )
    .replace(/sus([24])/, '[add$1][no3]');
  const figured = top === null ? own : own.replace(/7(?!.*7)/, String(top));
  const target = base.target ? `/${printNumeral(base.target, key, ROMANTEXT)}` : '';
  return figured + additions + target;
}
