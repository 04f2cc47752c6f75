import {
  faultsOver,
  fixedVoices,
  givenVoices,
  isGiven,
  parseNote,
  printKey,
  printNumeral,
  type Fault,
  type FourNotes,
  type Key,
  type RuleWeights,
} from '@diatonix/core';
import { useEffect, useMemo, useState } from 'react';
import type { VoicesAnswer, VoicesRequest } from '../../workers/setVoices';
import { runTask } from '../../workers/client';
import { placeWords } from './placeWords';
import type { DerivedColumn } from './derive';
import type { Progression } from '../../documents/kinds/progression';

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
        locks: fixedVoices(one),
      };
    });
    return columns.every((column) => column !== null)
      ? { columns, weights, skip }
      : { columns: [], weights, skip };
  }, [on, derived, weights, skip]);
  const request = JSON.stringify(asked);
  const [answer, setAnswer] = useState<{ request: string; answer: VoicesAnswer } | null>(null);
  const given = asked !== null && isGiven(derived);

  useEffect(() => {
    const parsed = JSON.parse(request) as VoicesRequest | null;
    if (!parsed || parsed.columns.length === 0 || given) return;
    const running = runTask('setVoices', parsed);
    running.done.then(
      (found) => found && setAnswer({ request, answer: found }),
      () =>
        setAnswer({
          request,
          answer: { kind: 'failed', message: 'The setting could not be worked out. Try again.' },
        }),
    );
    return running.cancel;
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
      return { ...NO_PARTS, voices, faults: faultsOver(voices, derived, key, asked.weights) };
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
      return { ...NO_PARTS, voices, faults: faultsOver(voices, derived, key, weights), cost: answer.cost };
    }
    case 'blocked':
      return {
        ...NO_PARTS,
        ...givenVoices(derived, key, weights),
        said: `No legal setting goes on at ${placeWords(derived[answer.at]!.place)}: ${answer.rule.replaceAll('-', ' ')} stands in the way. Free a locked note, or switch that rule off.`,
      };
    case 'no-more':
      return { ...NO_PARTS, said: 'There is no further setting.' };
    case 'failed':
      return { ...NO_PARTS, said: answer.message };
  }
}
