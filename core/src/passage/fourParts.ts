import type { Key } from '../key/key';
import { midiNumber } from '../pitch/note';
import { printNote } from '../pitch/print';
import { lockedVoices, type FourNotes } from '../voicing/fourPart';
import type { Fault } from '../voicing/rules';
import { faultsOfChords } from '../voicing/settingFaults';
import type { RuleWeights } from '../voicing/settingProblem';
import type { DerivedColumn } from './derive';

const VOICES = 4;

/** Notes that a column fixes, from the soprano: those that were locked, or all four where four were entered. */
export function fixedVoices({ column, labelled }: DerivedColumn): readonly (string | null)[] | null {
  if (column.locks?.every((note) => note !== null)) return column.locks;
  const notes = column.entry?.kind === 'notes' && labelled.ok ? labelled.labels.notes : null;
  if (notes?.length === VOICES)
    return [...notes].sort((a, b) => midiNumber(b) - midiNumber(a)).map(printNote);
  return column.locks ?? null;
}

/** Whether every column was entered as four notes: there is nothing to find, only to check. */
export function isGiven(columns: readonly DerivedColumn[]): boolean {
  return (
    columns.length > 0 &&
    columns.every(({ column }) => column.entry?.kind === 'notes' && column.entry.notes.length === VOICES)
  );
}

/** The faults of four voices over a passage, against the rules that are not switched off. */
export function faultsOver(
  voices: readonly FourNotes[],
  columns: readonly DerivedColumn[],
  key: Key,
  weights: RuleWeights,
): Fault[] {
  const chords = columns.map(({ labelled, line }) => ({
    key: line?.key ?? key,
    numeral: labelled.ok ? labelled.labels.numeral : null,
  }));
  return faultsOfChords(voices, chords, key, weights);
}

/** What was given in four voices, and its faults as far as it stands side by side; null where it was not. */
export function givenVoices(
  columns: readonly DerivedColumn[],
  key: Key,
  weights: RuleWeights,
): { readonly voices: readonly (FourNotes | null)[]; readonly faults: readonly Fault[] } {
  const voices = columns.map((one) => lockedVoices(fixedVoices(one)));
  return { voices, faults: faultsWhereSet(voices, columns, key, weights) };
}

/** The faults of voices that stand side by side; across a column without any, nothing moves. */
export function faultsWhereSet(
  voices: readonly (FourNotes | null)[],
  columns: readonly DerivedColumn[],
  key: Key,
  weights: RuleWeights,
): Fault[] {
  const faults: Fault[] = [];
  for (let start = 0; start < voices.length; start++) {
    if (!voices[start] || (start > 0 && voices[start - 1])) continue;
    let end = start;
    while (voices[end]) end++;
    const run = voices.slice(start, end) as FourNotes[];
    for (const fault of faultsOver(run, columns.slice(start, end), key, weights))
      faults.push({ ...fault, at: fault.at + start });
  }
  return faults;
}
