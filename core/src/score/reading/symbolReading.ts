import { structureOf } from '../../context/structure';
import type { ChordIn } from '../../context/chordIn';
import { isCadential } from '../../context/readings';
import { inversionOf } from '../../chord/chord';
import { chordOfNumeral } from '../../label/numeral';
import type { ScoreSymbol, ScoreToRead } from '../model/scoreNote';
import { keyAreas, lastOfPhrases, pivotsOf } from './assemble';
import { neighboursOf } from './melodic';
import { nonChordNotes } from './nonChord';
import type { PhraseEnd } from './phrases';
import type { ReadOptions } from './readScore';
import type { ScoreRuling } from './rulings';
import type { ReadChord, ScoreReading } from './scoreReading';
import type { Slice } from './slices';

/** So many symbols are the chords of a piece; a single one is a remark. */
const LEAST_SYMBOLS = 2;

/** Whether the symbols that stand over a score are its chords. */
export const hasSymbols = ({ symbols = [] }: ScoreToRead): boolean => symbols.length >= LEAST_SYMBOLS;

interface Timed extends ScoreSymbol {
  readonly to: number;
}

/**
 * Reads a score by the symbols that stand over it: they are its chords, each until the next, labelled in context as a
 * typed line is; its notes are judged against them. A numeral that is ruled for the time of a symbol stands in its
 * place. Throws TheoryError as structureOf.
 */
export function readingBySymbols(
  score: ScoreToRead,
  slices: readonly Slice[],
  phraseEnds: readonly PhraseEnd[],
  { key, rulings = [] }: ReadOptions,
): ScoreReading {
  const end = slices[slices.length - 1]!.to;
  const timed = timesOf(score.symbols!, score.noChord ?? [], end);
  const ruled = timed.map(({ at }) => numeralAt(rulings, at));
  const chordsIn = timed.map(({ chord }, at): ChordIn => {
    const own = ruled[at];
    return own
      ? { numeral: own.numeral, key: own.key, chord: chordOfNumeral(own.numeral, own.key) }
      : { chord };
  });
  const fifths = score.signatures[0]?.fifths ?? 0;
  const keys = timed.map(({ at }) => keyAt(rulings, at));
  const structure = structureOf(chordsIn, {
    // A signature of none may only not have been written.
    ...(fifths === 0 ? {} : { signature: fifths }),
    ...(key ? { key } : {}),
    ...(keys.some((one) => one !== null) ? { keys } : {}),
    phraseEnds: lastOfPhrases(
      phraseEnds,
      timed.map(({ at, to }) => ({ from: at, to })),
    ),
  });
  const neighbours = neighboursOf(score.notes);
  const pivots = pivotsOf(structure.best);
  const chords = structure.best.map((best, at): ReadChord => {
    const { at: from, to } = timed[at]!;
    const next = structure.best[at + 1];
    const [firstSlice, endSlice] = [placeOf(slices, from), placeOf(slices, to)];
    const own = slices.slice(firstSlice, endSlice);
    const isSixFour =
      next !== undefined &&
      isCadential(
        { key: best.key, degree: best.numeral.degree, inversion: inversionOf(best.chord) ?? 0 },
        { key: next.key, degree: next.numeral.degree, inversion: inversionOf(next.chord) ?? 0 },
      );
    return {
      ...{ from, to, firstSlice, endSlice, key: best.key, numeral: best.numeral, chord: best.chord },
      reason: isSixFour ? 'cadential-six-four' : best.reason,
      ruled: ruled[at] !== null,
      ...(ruled[at] === null ? { bySymbol: true as const } : {}),
      nonChord:
        own.length === 0 ? [] : nonChordNotes(score.notes, neighbours, own, best.chord, next?.chord ?? null),
      supplied: [],
      readings: structure.readings[at]!.map((one) => ({
        ...{ from, to, key: one.key, numeral: one.numeral, chord: one.chord, excess: one.excess },
      })),
      pivot: pivots.get(at) ?? null,
    };
  });
  const { cadences, brackets, arrows } = structure;
  return { slices, chords, keys: keyAreas(chords), cadences, brackets, arrows, phraseEnds };
}

/** Each symbol until the next, or until no chord is meant. */
function timesOf(symbols: readonly ScoreSymbol[], silences: readonly number[], end: number): Timed[] {
  const sorted = [...symbols].filter(({ at }) => at < end).sort((a, b) => a.at - b.at);
  return sorted.map((one, place) => {
    const next = sorted[place + 1]?.at ?? end;
    return { ...one, to: silences.find((at) => at > one.at && at < next) ?? next };
  });
}

const numeralAt = (rulings: readonly ScoreRuling[], at: number) =>
  (rulings.findLast((one) => one.kind === 'numeral' && one.from <= at && at < one.to) as
    Extract<ScoreRuling, { kind: 'numeral' }> | undefined) ?? null;

const keyAt = (rulings: readonly ScoreRuling[], at: number) => {
  const found = rulings.findLast((one) => one.kind === 'key' && one.from <= at && at < one.to);
  return found?.kind === 'key' ? found.key : null;
};

/** The first slice from a time on. */
function placeOf(slices: readonly Slice[], time: number): number {
  const place = slices.findIndex(({ from }) => from >= time);
  return place < 0 ? slices.length : place;
}
