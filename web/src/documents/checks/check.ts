import { plainToInstance, type ClassConstructor } from 'class-transformer';
import { useContainer as findChecksIn, validateSync, type ValidationError } from 'class-validator';
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

/** What the checks are made of, found by its class: the package’s own store looks through a list for every value. */
const MADE = new Map<new () => object, object>();
findChecksIn({
  get: (made) => {
    const one = MADE.get(made as new () => object) ?? new (made as new () => object)();
    MADE.set(made as new () => object, one);
    return one as never;
  },
});

const STRICT = {
  whitelist: true,
  forbidNonWhitelisted: true,
  forbidUnknownValues: true,
  stopAtFirstError: true,
};

/** One thing that is wrong with the body of a document. */
export interface Wrong {
  /** Fields and places in lists, from the body down; empty where nothing in it can be read. */
  readonly path: readonly string[];
  readonly reason: string;
  /** What the check calls it. */
  readonly sort: string;
}

/** What is wrong with the body of a document, place by place; empty when it is sound. Never throws. */
export function wrongsOf(kind: unknown, body: unknown): Wrong[] {
  const all = (reason: string): Wrong[] => [{ path: [], reason, sort: '' }];
  const check =
    typeof kind === 'string' && Object.hasOwn(CHECKS, kind) ? CHECKS[kind as DocumentKind] : undefined;
  if (!check) return all(`“${String(kind)}” is not a kind of document.`);
  if (typeof body !== 'object' || body === null || Array.isArray(body)) return all('It holds nothing.');
  try {
    const looked = kind === 'pile' ? withoutSoundEntries(body) : body;
    return validateSync(plainToInstance(check, looked), STRICT).flatMap((error) => wrongIn(error, []));
  } catch (error) {
    if (error instanceof RangeError) return all('It is nested too deeply.');
    return all(`It cannot be read (${error instanceof Error ? error.message : String(error)}).`);
  }
}

/** What is wrong with the body of a document, a sentence each; empty when it is sound. Never throws. */
export function checkBody(kind: unknown, body: unknown): string[] {
  return wrongsOf(kind, body).map(sentenceOf);
}

/** A wrong as a sentence: `columns 2 › metre: “x” is not a metre.` */
export function sentenceOf({ path, reason }: Wrong): string {
  let place = '';
  for (const step of path)
    place += place === '' ? step : /^\d+$/.test(step) ? ` ${Number(step) + 1}` : ` › ${step}`;
  return place === '' ? reason : `${place}: ${reason}`;
}

function wrongIn(error: ValidationError, above: readonly string[]): Wrong[] {
  const path = [...above, error.property];
  const own = Object.entries(error.constraints ?? {}).map(([sort, message]) => ({
    path,
    sort,
    reason:
      sort === 'whitelistValidation'
        ? 'this field is not known here.'
        : error.value === undefined
          ? 'it is missing.'
          : `${message}.`,
  }));
  return [...own, ...(error.children ?? []).flatMap((child) => wrongIn(child, path))];
}
