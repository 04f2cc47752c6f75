import { attempt, TheoryError } from '../../errors';
import { parseKey, type Key } from '../../key/key';
import { chordOfNumeral } from '../../label/numeral';
import { parseNumeral } from '../../label/numeralParse';
import type { TheirLabel } from './compare';
import type { ScoreToRead } from '../model/scoreNote';
import type { ScoreReading } from './scoreReading';

/**
 * Labels as they are typed over a piece: `I IV V6 | ii6 V`. A bar with as many labels as the reading has chords in
 * it lays them on those, another divides its time among its own; `%` repeats the last label, `G: ` and `g: ` change
 * the key. Without barlines there is a label for each chord of the reading. Throws TheoryError `numeral` or
 * `request` saying which bar and label cannot be read.
 */
export function parseTypedLabels(
  text: string,
  { bars }: Pick<ScoreToRead, 'bars'>,
  { chords, keys }: Pick<ScoreReading, 'chords' | 'keys'>,
): TheirLabel[] {
  const cells = text
    .trim()
    .replace(/^\|+|\|+$/g, '')
    .split(/\|+/)
    .map((cell) => cell.trim());
  let key = keys[0]?.key ?? parseKey('C major');
  const labels: TheirLabel[] = [];
  const put = (label: string, from: number, to: number, where: string) => {
    if (label === '%') {
      const last = labels[labels.length - 1];
      if (last) labels[labels.length - 1] = { ...last, to };
      return;
    }
    const read = attempt(() => parseNumeral(label, key));
    if (!read.ok)
      throw new TheoryError(
        'numeral',
        label,
        `in ${where} this is not a numeral.`,
        'Write for example V65 or viio7/V.',
      );
    labels.push({ from, to, key, numeral: read.value, chord: chordOfNumeral(read.value, key) });
  };
  const spread = (cell: string, spans: readonly Span[], whole: Span, where: string) => {
    const said = wordsOf(cell);
    const count = said.filter((one) => typeof one === 'string').length;
    const step = (whole.to - whole.from) / Math.max(1, count);
    let at = 0;
    for (const one of said) {
      if (typeof one !== 'string') {
        key = one;
        continue;
      }
      const { from, to } =
        count === spans.length
          ? spans[at]!
          : { from: whole.from + Math.round(at * step), to: whole.from + Math.round((at + 1) * step) };
      at++;
      put(one, from, to, where);
    }
    return count;
  };
  if (cells.length === 1) {
    const end = chords[chords.length - 1]?.to ?? 0;
    const count = wordsOf(cells[0]!).filter((one) => typeof one === 'string').length;
    if (count !== chords.length)
      throw new TheoryError(
        'request',
        `${count} ${count === 1 ? 'label' : 'labels'}`,
        `the reading has ${chords.length} chords.`,
        'Write one for each, or put barlines: I IV V | I.',
      );
    spread(cells[0]!, chords, { from: 0, to: end }, 'the line');
    return labels;
  }
  if (cells.length > bars.length)
    throw new TheoryError(
      'request',
      `${cells.length} bars`,
      `the piece has ${bars.length}.`,
      'Write as many barlines as the piece has.',
    );
  cells.forEach((cell, at) => {
    const bar = bars[at]!;
    const own = chords
      .filter(({ from, to }) => from < bar.to && to > bar.from)
      .map(({ from, to }) => ({ from: Math.max(from, bar.from), to: Math.min(to, bar.to) }));
    spread(cell, own, bar, `bar ${bar.number}`);
  });
  return labels;
}

interface Span {
  readonly from: number;
  readonly to: number;
}

/** Labels and changes of key, `g:` or `Bb:`, of one bar. */
function wordsOf(cell: string): (string | Key)[] {
  return cell.split(/\s+/).flatMap((word): (string | Key)[] => {
    if (word === '') return [];
    const named = /^([A-Ga-g])([#b]*):$/.exec(word);
    if (!named) return [word];
    const mode = named[1] === named[1]!.toUpperCase() ? 'major' : 'minor';
    return [parseKey(`${named[1]!.toUpperCase()}${named[2]} ${mode}`)];
  });
}
