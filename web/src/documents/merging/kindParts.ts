import { chordStudyPart } from '../kinds/chord/merge';
import { intervalLinePart } from '../kinds/intervals/merge';
import { keyMapPart } from '../kinds/key/merge';
import { labelsPart } from '../kinds/labels/merge';
import { pilePart } from '../kinds/pile/merge';
import { planPart } from '../kinds/plan/merge';
import { progressionPart } from '../kinds/progression/merge';
import { schoolClassPart } from '../kinds/schoolClass/merge';
import { scorePart } from '../kinds/score/merge';
import { sheetPart } from '../kinds/sheet/merge';
import type { DocumentKind } from '../store/document';
import type { MergePart } from './part';

/** How two changes of one document come together, by its kind. */
export const KIND_PARTS: Readonly<Record<DocumentKind, MergePart>> = {
  key: keyMapPart,
  intervals: intervalLinePart,
  chord: chordStudyPart,
  labels: labelsPart,
  class: schoolClassPart,
  progression: progressionPart,
  score: scorePart,
  sheet: sheetPart,
  pile: pilePart,
  plan: planPart,
};
