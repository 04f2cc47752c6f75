import { sentenceOf, wrongsIn, type Wrong } from '@diatonix/doors';
import type { ClassConstructor } from 'class-transformer';
import type { DocumentKind } from '../store/document';
import { ChordStudyCheck } from '../kinds/chord/check';
import { IntervalLineCheck } from '../kinds/intervals/check';
import { KeyMapCheck } from '../kinds/key/check';
import { LabelsCheck } from '../kinds/labels/check';
import { SchoolClassCheck } from '../kinds/schoolClass/check';
import { PileCheck } from '../kinds/pile/check';
import { withoutSoundEntries } from './soundEntries';
import { PlanCheck } from '../kinds/plan/check';
import { ProgressionCheck } from '../kinds/progression/check';
import { ScoreCheck } from '../kinds/score/check';
import { SheetCheck } from '../kinds/sheet/check';

/** What the body of each kind of document has to be; the published schema is made from the same classes. */
export const CHECKS: { readonly [K in DocumentKind]: ClassConstructor<object> } = {
  key: KeyMapCheck,
  intervals: IntervalLineCheck,
  chord: ChordStudyCheck,
  labels: LabelsCheck,
  class: SchoolClassCheck,
  progression: ProgressionCheck,
  score: ScoreCheck,
  sheet: SheetCheck,
  pile: PileCheck,
  plan: PlanCheck,
};

/** What is wrong with the body of a document, place by place; empty when it is sound. Never throws. */
export function wrongsOf(kind: unknown, body: unknown): Wrong[] {
  const all = (reason: string): Wrong[] => [{ path: [], reason, sort: '' }];
  const check =
    typeof kind === 'string' && Object.hasOwn(CHECKS, kind) ? CHECKS[kind as DocumentKind] : undefined;
  if (!check) return all(`“${String(kind)}” is not a kind of document.`);
  if (typeof body !== 'object' || body === null || Array.isArray(body)) return all('It holds nothing.');
  try {
    const looked = kind === 'pile' ? withoutSoundEntries(body) : body;
    return wrongsIn(check, looked);
  } catch (error) {
    if (error instanceof RangeError) return all('It is nested too deeply.');
    return all(`It cannot be read (${error instanceof Error ? error.message : String(error)}).`);
  }
}

/** What is wrong with the body of a document, a sentence each; empty when it is sound. Never throws. */
export function checkBody(kind: unknown, body: unknown): string[] {
  return wrongsOf(kind, body).map(sentenceOf);
}
