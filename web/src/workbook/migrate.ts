import { EMPTY_INTERVALS, FIRST_CHORD } from './model';

/** The version of the workbook's shape, in files and in the browser's database. */
export const WORKBOOK_VERSION = 2;

type Body = Record<string, unknown>;

/** What each version added to the one before it. */
const STEPS: Record<number, (body: Body) => Body> = {
  // Forms of the scale, fingering, and the Intervals and Chords benches.
  1: (body) => ({
    ...body,
    keyBench: { form: 'harmonic', fingering: false, ...(body['keyBench'] as Body) },
    intervals: body['intervals'] ?? EMPTY_INTERVALS,
    chords: body['chords'] ?? FIRST_CHORD,
  }),
};

/** Brings the body of an older workbook up to date, step by step. Anything that is not an object is left for the check that follows. */
export function migrateWorkbook(body: unknown, version: number): unknown {
  if (typeof body !== 'object' || body === null || Array.isArray(body)) return body;
  let current = body as Body;
  for (let from = version; from < WORKBOOK_VERSION; from++) current = STEPS[from]!(current);
  return current;
}
