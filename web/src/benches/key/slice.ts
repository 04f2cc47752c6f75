import type { Clef, ScaleForm, StackTop } from '@diatonix/core';
import type { WorkbookState } from '../../workbook/store';

export interface KeyBenchActions {
  readonly chooseKey: (key: string) => void;
  /** The key and, for minor, the form of its scale, in one edit. */
  readonly chooseScale: (key: string, form: ScaleForm) => void;
  readonly chooseTop: (top: StackTop) => void;
  readonly showFingering: (fingering: boolean) => void;
  readonly chooseClef: (clef: Clef) => void;
  readonly toggleTaught: (mode: 'major' | 'minor', degree: number) => void;
}

/** What the Key bench decides: the key, how high the stacks go, the clef, and which degrees are taught. */
export function keyBenchSlice(get: () => WorkbookState): KeyBenchActions {
  const change = (part: Partial<WorkbookState['workbook']['keyBench']>) =>
    get().edit((workbook) => ({ ...workbook, keyBench: { ...workbook.keyBench, ...part } }));
  return {
    chooseKey: (key) => change({ key }),
    chooseScale: (key, form) => change({ key, form }),
    chooseTop: (top) => change({ top }),
    showFingering: (fingering) => change({ fingering }),
    chooseClef: (clef) => change({ clef }),
    toggleTaught: (mode, degree) =>
      get().edit((workbook) => {
        const now = workbook.notYetTaught[mode];
        const next = now.includes(degree) ? now.filter((d) => d !== degree) : [...now, degree].sort((a, b) => a - b);
        return { ...workbook, notYetTaught: { ...workbook.notYetTaught, [mode]: next } };
      }),
  };
}
