import type { Clef, ScaleForm, StackTop } from '@diatonix/core';
import { createDesk, numberField, deskOneOf } from '../../documents/store/desk';
import { changeClass } from '../../documents/kinds/schoolClass/edit';
import type { KeyMap, PrintedMap } from '../../documents/kinds/key/type';
import { editSingle } from '../../documents/store/store';
import { withDegree, withKey, withSeventh } from '../../documents/kinds/schoolClass/taught';

export const KEY_VIEWS = ['map', 'primary', 'circle', 'print'] as const;
export type KeyView = (typeof KEY_VIEWS)[number];

/** What the Key bench shows: its view, and the selected column, counted from 1. */
export const KEY_DESK = createDesk<{ readonly view: KeyView; readonly column: number }>('key', {
  view: deskOneOf(KEY_VIEWS, 'map'),
  column: numberField(1),
});

const change = (words: string, part: Partial<KeyMap>) =>
  editSingle('key', words, (map) => ({ ...map, ...part }));

export const chooseKey = (key: string) => change('the key', { key });

/** The key and, for minor, the form of its scale, in one edit. */
export const chooseScale = (key: string, form: ScaleForm, beside: boolean) =>
  change('the scale', { key, form, beside });

export const chooseTop = (top: StackTop) => change('the height of the stacks', { top });
export const showFingering = (fingering: boolean) => change('the rows of fingering', { fingering });
export const chooseClef = (clef: Clef) => change('the clef', { clef });

export const changePrint = (part: Partial<PrintedMap>) =>
  editSingle('key', 'what is printed', (map) => ({ ...map, print: { ...map.print, ...part } }));

export function toggleTaught(mode: 'major' | 'minor', degree: number): void {
  changeClass('what has been taught', (open) => withDegree(open, mode, degree));
}

export function toggleSeventh(mode: 'major' | 'minor', degree: number): void {
  changeClass('what has been taught', (open) => withSeventh(open, mode, degree));
}

export function toggleKey(key: string): void {
  changeClass('the keys that have been taught', (open) => withKey(open, key));
}
