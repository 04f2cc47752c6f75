import { derivePassage, type DerivedColumn as Derived, type LabelStyle } from '@diatonix/core';
import type { ProgressionColumn, Progression } from '../../documents/kinds/progression/type';

/** A column of a progression with everything derived from it. */
export type ShownColumn = Derived<ProgressionColumn>;

/** A progression with everything derived from it; columns that say the same as in `before` stay the same. */
export function deriveProgression(
  progression: Progression,
  school: LabelStyle,
  before: readonly ShownColumn[] = [],
): ShownColumn[] {
  const fingered = progression.view === 'keyboard' && !progression.hidden.includes('fingers');
  return derivePassage(progression, school, fingered, before);
}
