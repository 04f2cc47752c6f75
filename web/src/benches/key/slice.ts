import type { Clef, ScaleForm, StackTop } from '@diatonix/core';
import { newId } from '../../workbook/ids';
import { openClassOf, type KeyBenchState, type KeyView, type SchoolClass } from '../../workbook/model';
import type { WorkbookState } from '../../workbook/store';

export interface KeyBenchActions {
  readonly chooseKey: (key: string) => void;
  /** The key and, for minor, the form of its scale, in one edit. */
  readonly chooseScale: (key: string, form: ScaleForm, beside: boolean) => void;
  readonly chooseTop: (top: StackTop) => void;
  readonly showFingering: (fingering: boolean) => void;
  readonly chooseClef: (clef: Clef) => void;
  readonly toggleTaught: (mode: 'major' | 'minor', degree: number) => void;
  readonly chooseKeyView: (view: KeyView) => void;
  readonly changePrint: (part: Partial<KeyBenchState['print']>) => void;
  readonly chooseClass: (id: string) => void;
  /** A class of its own mask, beginning with that of the open one. */
  readonly addClass: () => void;
  readonly renameClass: (name: string) => void;
}

/** What the Key bench decides: the key, how high the stacks go, the clef, and which degrees are taught. */
export function keyBenchSlice(get: () => WorkbookState): KeyBenchActions {
  const change = (part: Partial<WorkbookState['workbook']['keyBench']>) =>
    get().edit((workbook) => ({ ...workbook, keyBench: { ...workbook.keyBench, ...part } }));
  const changeClass = (update: (open: SchoolClass) => SchoolClass, burst?: string) =>
    get().edit((workbook) => {
      const open = openClassOf(workbook);
      return { ...workbook, classes: workbook.classes.map((one) => (one === open ? update(open) : one)) };
    }, burst);
  return {
    chooseKey: (key) => change({ key }),
    chooseScale: (key, form, beside) => change({ key, form, beside }),
    chooseTop: (top) => change({ top }),
    showFingering: (fingering) => change({ fingering }),
    chooseClef: (clef) => change({ clef }),
    toggleTaught: (mode, degree) =>
      changeClass((open) => {
        const now = open.notYetTaught[mode];
        const next = now.includes(degree)
          ? now.filter((d) => d !== degree)
          : [...now, degree].sort((a, b) => a - b);
        return { ...open, notYetTaught: { ...open.notYetTaught, [mode]: next } };
      }),
    chooseKeyView: (view) => change({ view }),
    changePrint: (part) => change({ print: { ...get().workbook.keyBench.print, ...part } }),
    chooseClass: (id) => get().edit((workbook) => ({ ...workbook, openClass: id })),
    addClass: () =>
      get().edit((workbook) => {
        const id = newId();
        const made = { ...openClassOf(workbook), id, name: `Class ${workbook.classes.length + 1}` };
        return { ...workbook, classes: [...workbook.classes, made], openClass: id };
      }),
    renameClass: (name) => changeClass((open) => ({ ...open, name }), 'class-name'),
  };
}
