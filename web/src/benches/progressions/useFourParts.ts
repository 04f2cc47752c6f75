import {
  checkSetting,
  chordOfNumeral,
  localKey,
  lockedVoices,
  midiNumber,
  parseNote,
  printKey,
  printNote,
  printNumeral,
  senseOf,
  type Fault,
  type FourNotes,
  type Key,
  type RuleWeights,
} from '@diatonix/core';
import { useEffect, useMemo, useState } from 'react';
import type { Progression } from '../../workbook/model';
import type { VoicesAnswer, VoicesRequest } from '../../workers/voicesMessages';
import { placeWords } from './cells';
import type { DerivedColumn } from './derive';

const VOICES = 4;

/** The progression in four voices: what was found or given, and what is wrong with it. */
export interface FourParts {
  /** By column; null while it is being found, or where a column has no place in it. */
  readonly voices: readonly (FourNotes | null)[];
  readonly faults: readonly Fault[];
  /**
   * What the found setting costs in doubling, layout, motion and faults that are let through; null for one
   * that was given.
   */
  readonly cost: number | null;
  readonly searching: boolean;
  readonly said: string | null;
}

export const NO_PARTS: FourParts = { voices: [], faults: [], cost: null, searching: false, said: null };

/** Notes that a column fixes: those that were locked, or all four where it was entered as four notes. */
function locksOf({ column, labelled }: DerivedColumn): readonly (string | null)[] | null {
  if (column.locks?.every((note) => note !== null)) return column.locks;
  const notes =
    'entry' in column && column.entry.kind === 'notes' && labelled.ok ? labelled.labels.notes : null;
  if (notes?.length === VOICES)
    return [...notes].sort((a, b) => midiNumber(b) - midiNumber(a)).map(printNote);
  return column.locks ?? null;
}

/** Finds a four-part setting in the worker, or checks the one that was entered; past edits are given up. */
export function useFourParts(
  progression: Progression | null,
  derived: readonly DerivedColumn[],
  key: Key,
  skip: number,
): FourParts {
  const on = progression?.view === 'four-part';
  const weights = progression?.weights;
  const asked = useMemo((): VoicesRequest | null => {
    if (!on || derived.length === 0 || !weights) return null;
    const columns = derived.map((one) => {
      if (!one.labelled.ok || !one.line) return null;
      return {
        key: printKey(one.line.key),
        numeral: printNumeral(one.labelled.labels.numeral, one.line.key),
        locks: locksOf(one),
      };
    });
    return columns.every((column) => column !== null)
      ? { columns, weights, skip }
      : { columns: [], weights, skip };
  }, [on, derived, weights, skip]);
  const request = JSON.stringify(asked);
  const [answer, setAnswer] = useState<{ request: string; answer: VoicesAnswer } | null>(null);
  const given =
    asked !== null &&
    asked.columns.length > 0 &&
    derived.every(
      ({ column }) =>
        'entry' in column && column.entry.kind === 'notes' && column.entry.notes.length === VOICES,
    );

  useEffect(() => {
    const parsed = JSON.parse(request) as VoicesRequest | null;
    if (!parsed || parsed.columns.length === 0 || given) return;
    const worker = new Worker(new URL('../../workers/setVoices.worker.ts', import.meta.url), {
      type: 'module',
    });
    worker.onmessage = ({ data }: MessageEvent<VoicesAnswer>) => setAnswer({ request, answer: data });
    worker.onerror = () =>
      setAnswer({ request, answer: { kind: 'failed', message: 'The setting could not be worked out.' } });
    worker.postMessage(parsed);
    return () => worker.terminate();
  }, [request, given]);

  return useMemo((): FourParts => {
    if (!asked) return NO_PARTS;
    if (asked.columns.length === 0)
      return {
        ...NO_PARTS,
        said: 'Four voices need every column to be understood. Mend the marked ones first.',
      };
    if (given) {
      const voices = asked.columns.map(
        ({ locks }) => locks!.map((note) => parseNote(note!)) as unknown as FourNotes,
      );
      return { ...NO_PARTS, voices, faults: faultsOf(voices, derived, key, asked.weights) };
    }
    if (answer?.request !== request) return { ...NO_PARTS, searching: true };
    return said(answer.answer, derived, key, asked.weights);
  }, [asked, given, answer, request, derived, key]);
}

function said(
  answer: VoicesAnswer,
  derived: readonly DerivedColumn[],
  key: Key,
  weights: RuleWeights,
): FourParts {
  switch (answer.kind) {
    case 'found': {
      const voices = answer.voices.map((notes) => notes.map(parseNote) as unknown as FourNotes);
      return { ...NO_PARTS, voices, faults: faultsOf(voices, derived, key, weights), cost: answer.cost };
    }
    case 'blocked':
      return {
        ...NO_PARTS,
        ...givenRuns(derived, key, weights),
        said: `No legal setting goes on at ${placeWords(derived[answer.at]!.place)}: ${answer.rule.replaceAll('-', ' ')} stands in the way. Free a locked note, or switch that rule off.`,
      };
    case 'no-more':
      return { ...NO_PARTS, said: 'There is no further setting.' };
    case 'failed':
      return { ...NO_PARTS, said: answer.message };
  }
}

/** Where no setting goes on: what was given all the same, checked as far as it stands side by side. */
function givenRuns(
  derived: readonly DerivedColumn[],
  key: Key,
  weights: RuleWeights,
): Pick<FourParts, 'voices' | 'faults'> {
  const voices = derived.map((one) => lockedVoices(locksOf(one)));
  const faults: Fault[] = [];
  for (let start = 0; start < voices.length; start++) {
    if (!voices[start] || (start > 0 && voices[start - 1])) continue;
    let end = start;
    while (voices[end]) end++;
    const run = voices.slice(start, end) as FourNotes[];
    faults.push(
      ...faultsOf(run, derived.slice(start, end), key, weights).map((fault) => ({
        ...fault,
        at: fault.at + start,
      })),
    );
  }
  return { voices, faults };
}

function faultsOf(
  voices: readonly FourNotes[],
  derived: readonly DerivedColumn[],
  key: Key,
  weights: RuleWeights,
): Fault[] {
  const senses = derived.map(({ labelled, line }) => {
    const own = line?.key ?? key;
    if (!labelled.ok) return senseOf(null, own);
    const { numeral } = labelled.labels;
    return senseOf(chordOfNumeral(numeral, own), own, localKey(numeral, own));
  });
  return checkSetting(voices, key, senses).filter(({ rule }) => weights[rule] !== 0);
}
