import { derivePassage, type DerivedColumn as Derived, type School } from '@diatonix/core';
import type { Column, Progression } from '../../documents/kinds/progression/type';

/** A column of a progression with everything derived from it. */
export type DerivedColumn = Derived<Column>;

/** A progression with everything derived from it; columns that say the same as in `before` stay the same. */
export function deriveProgression(
  progression: Progression,
  school: School,
  before: readonly DerivedColumn[] = [],
): DerivedColumn[] {
  const fingered = progression.view === 'keyboard' && !progression.hidden.includes('fingers');
  return derivePassage(progression, school, fingered, before);
}
