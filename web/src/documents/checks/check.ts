import { plainToInstance, type ClassConstructor } from 'class-transformer';
import { validateSync, type ValidationError } from 'class-validator';
import type { Kind } from '../document';
import {
  ChordStudyCheck,
  IntervalLineCheck,
  KeyMapCheck,
  LabelsCheck,
  SchoolClassCheck,
} from './benchChecks';
import { PileCheck } from './pileCheck';
import { PlanCheck } from './planCheck';
import { ProgressionCheck } from './progressionCheck';
import { ScoreCheck } from './scoreCheck';
import { SheetCheck } from './sheetCheck';

/** What the body of each kind of document has to be; the published schema is made from the same classes. */
export const CHECKS: { readonly [K in Kind]: ClassConstructor<object> } = {
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

const STRICT = {
  whitelist: true,
  forbidNonWhitelisted: true,
  forbidUnknownValues: true,
  stopAtFirstError: true,
};

/** What is wrong with the body of a document, a sentence each; empty when it is sound. Never throws. */
export function checkBody(kind: unknown, body: unknown): string[] {
  const check = typeof kind === 'string' && Object.hasOwn(CHECKS, kind) ? CHECKS[kind as Kind] : undefined;
  if (!check) return [`“${String(kind)}” is not a kind of document.`];
  if (typeof body !== 'object' || body === null || Array.isArray(body)) return ['It holds nothing.'];
  try {
    return validateSync(plainToInstance(check, body), STRICT).flatMap((error) => sentences(error, ''));
  } catch (error) {
    if (error instanceof RangeError) return ['It is nested too deeply.'];
    return [`It cannot be read (${error instanceof Error ? error.message : String(error)}).`];
  }
}

function sentences(error: ValidationError, path: string): string[] {
  const place =
    path === ''
      ? error.property
      : /^\d+$/.test(error.property)
        ? `${path} ${Number(error.property) + 1}`
        : `${path} › ${error.property}`;
  const own = Object.values(error.constraints ?? {}).map((message) => `${place}: ${message}.`);
  return [...own, ...(error.children ?? []).flatMap((child) => sentences(child, place))];
}
