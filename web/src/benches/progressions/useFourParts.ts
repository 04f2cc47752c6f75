import {
  faultsWhereSet,
  fixedVoices,
  givenVoices,
  isGiven,
  isRestColumn,
  parseNote,
  printKey,
  printNumeral,
  ruleWords,
  settingFacts,
  settingFit,
  type Fault,
  type Fit,
  type FourNotes,
  type Key,
  type RuleWeights,
  type SettingFact,
  type LabelStyle,
} from '@diatonix/core';
import { useCallback, useEffect, useMemo, useState } from 'react';
import type { VoicesAnswer, VoicesRequest } from '../../workers/setVoices';
import { runTask } from '../../workers/client';
import { columnPlaceWords } from './placeWords';
import type { ShownColumn } from './derive';
import type { Progression } from '../../documents/kinds/progression/type';

/** The progression in four voices: what was found or given, and what is wrong with it. */
export interface FourParts {
  /** By column; null while it is being found, or where a column has no place in it. */
  readonly voices: readonly (FourNotes | null)[];
  readonly faults: readonly Fault[];
  /** How smooth the found setting is beside the best, and what keeps it from being plainer; null for one given. */
  readonly smooth: { readonly fit: Fit; readonly facts: readonly SettingFact[] } | null;
  readonly searching: boolean;
  readonly said: string | null;
}

export const NO_PARTS: FourParts = { voices: [], faults: [], smooth: null, searching: false, said: null };

/** Finds a four-part setting in the worker, or checks the one that was entered; past edits are given up. */
export function useFourParts(
  id: string | null,
  progression: Progression | null,
  derived: readonly ShownColumn[],
  key: Key,
  school: LabelStyle,
): FourParts & { readonly next: () => void } {
  const on = progression?.view === 'four-part';
  const weights = progression?.weights;
  const asked = useMemo((): Omit<VoicesRequest, 'skip'> | null => {
    const sounding = derived.filter(({ column }) => !isRestColumn(column));
    if (!on || sounding.length === 0 || !weights) return null;
    const columns = sounding.map((one) => {
      if (!one.labelled.ok || !one.line) return null;
      return {
        key: printKey(one.line.key),
        numeral: printNumeral(one.labelled.labels.numeral, one.line.key),
        locks: fixedVoices(one),
      };
    });
    return columns.every((column) => column !== null) ? { columns, weights } : { columns: [], weights };
  }, [on, derived, weights]);
  const line = JSON.stringify([id, asked]);
  // How many settings were passed over; of another line, or of one that was changed, it is the first again.
  const [passed, setPassed] = useState({ line, count: 0 });
  const skip = passed.line === line ? passed.count : 0;
  const next = useCallback(() => setPassed({ line, count: skip + 1 }), [line, skip]);
  const request = JSON.stringify(asked && { ...asked, skip });
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

  const parts = useMemo((): FourParts => {
    if (!asked) return NO_PARTS;
    if (asked.columns.length === 0)
      return {
        ...NO_PARTS,
        said: 'Four voices need every column to be understood. Mend the marked ones first.',
      };
    if (given) return { ...NO_PARTS, ...givenVoices(derived, key, asked.weights) };
    if (answer?.request !== request) return { ...NO_PARTS, searching: true };
    return said(answer.answer, derived, key, asked.weights, school);
  }, [asked, given, answer, request, derived, key, school]);
  return useMemo(() => ({ ...parts, next }), [parts, next]);
}

function said(
  answer: VoicesAnswer,
  derived: readonly ShownColumn[],
  key: Key,
  weights: RuleWeights,
  school: LabelStyle,
): FourParts {
  const sounding = derived.filter(({ column }) => !isRestColumn(column));
  const set = (voices: readonly (readonly string[])[]) => {
    const notes = voices.map((own) => own.map(parseNote) as unknown as FourNotes);
    const byColumn = derived.map((one) => notes[sounding.indexOf(one)] ?? null);
    return { voices: byColumn, faults: faultsWhereSet(byColumn, derived, key, weights) };
  };
  switch (answer.kind) {
    case 'found': {
      const found = set(answer.voices);
      const sounded = derived.flatMap((one, at) => {
        const notes = found.voices[at];
        return notes && one.labelled.ok ? [{ at, notes, chord: one.labelled.labels.chord }] : [];
      });
      const facts = settingFacts(
        sounded.map(({ notes }) => notes),
        sounded.map(({ chord }) => chord),
      ).map((fact) => ({ ...fact, at: sounded[fact.at]!.at }));
      return {
        ...NO_PARTS,
        ...found,
        smooth: { fit: settingFit(answer.cost - answer.least, sounded.length), facts },
      };
    }
    case 'blocked': {
      const where = columnPlaceWords(sounding[answer.at]!.place, school);
      const why = `No legal setting goes on at ${where}: ${ruleWords(answer.rule, school)}.`;
      const mend = 'Free a locked note, or switch a rule off under Writing rules.';
      return answer.voices
        ? { ...NO_PARTS, ...set(answer.voices), said: `${why} This is the nearest to a legal one. ${mend}` }
        : { ...NO_PARTS, ...givenVoices(derived, key, weights), said: `${why} ${mend}` };
    }
    case 'no-more':
      return { ...NO_PARTS, said: 'There is no further setting.' };
    case 'failed':
      return { ...NO_PARTS, said: answer.message };
  }
}
