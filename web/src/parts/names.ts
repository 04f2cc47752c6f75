import { displayNoteName, type Key, type School } from '@diatonix/core';

/** `F♯ minor` in the school's letters. */
export function keyName(key: Key, school: School): string {
  return `${displayNoteName(key.tonic, school.letters)} ${key.mode}`;
}
