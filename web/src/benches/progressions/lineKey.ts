import { diatonicNumeral, printNumeral, type Key } from '@diatonix/core';
import type { KeyboardEvent } from 'react';
import { stop } from '../../sound/player';
import { PROGRESSIONS_DESK } from './desk';
import { addEntry, invertColumn, moveColumn } from './state';

interface LineNow {
  readonly key: Key;
  /** The selected column; null where there is none. */
  readonly column: string | null;
  readonly remove: () => void;
  /** Plays what is selected, or from there to the end. */
  readonly hear: (toEnd: boolean) => void;
}

/** What a key does to the line, other than the arrows; true when it was used. */
export function lineKey({ key: pressed, shiftKey }: KeyboardEvent, now: LineNow): boolean {
  const { key, column, remove, hear } = now;
  if (/^[1-7]$/.test(pressed)) {
    const text = printNumeral(diatonicNumeral(key, Number(pressed)), key);
    PROGRESSIONS_DESK.set({ column: addEntry({ kind: 'numeral', text }, column) });
    return true;
  }
  if (column === null) return false;
  switch (pressed) {
    case ']':
    case '[':
      invertColumn(column, pressed === ']' ? 1 : -1);
      return true;
    case ' ':
      hear(shiftKey);
      return true;
    case 'Delete':
    case 'Backspace':
      remove();
      return true;
    case '<':
    case '>':
      moveColumn(column, pressed === '>' ? 1 : -1);
      return true;
    case 'Escape':
      stop();
      return true;
    default:
      return false;
  }
}
