import { displayNoteName, type Key, type LabelStyle } from '@diatonix/core';

/** `F♯ minor` in the school's letters. */
export function keyName(key: Key, school: LabelStyle): string {
  return `${displayNoteName(key.tonic, school.letters)} ${key.mode}`;
}
