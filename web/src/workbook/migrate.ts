import { EMPTY_INTERVALS, FIRST_CHORD, FIRST_CLASS, FIRST_KEY, FIRST_PROGRESSION } from './model';

/** The version of the workbook's shape, in files and in the browser's database. */
export const WORKBOOK_VERSION = 4;

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
  // Views of the benches, bars of intervals, what is decided about a progression, and a mask of what is
  // taught for each class.
  2: ({ notYetTaught, ...body }) => ({
    ...body,
    keyBench: { ...FIRST_KEY, ...(body['keyBench'] as Body) },
    intervals: { ...EMPTY_INTERVALS, ...(body['intervals'] as Body) },
    chords: { ...FIRST_CHORD, ...(body['chords'] as Body) },
    classes: [{ ...FIRST_CLASS, notYetTaught: notYetTaught ?? FIRST_CLASS.notYetTaught }],
    openClass: FIRST_CLASS.id,
    progressions: Array.isArray(body['progressions'])
      ? body['progressions'].map((one: Body) => ({ ...FIRST_PROGRESSION, hidden: [], rulesOff: [], ...one }))
      : body['progressions'],
  }),
  // Metre, upbeat and source of a progression, the order of its rows, weights of the rules, the keyboard's
  // pattern.
  3: (body) => ({
    ...body,
    progressions: Array.isArray(body['progressions'])
      ? body['progressions'].map(({ rulesOff, ...one }: Body) => ({
          ...FIRST_PROGRESSION,
          ...one,
          hidden: withFingers(one['hidden']),
          weights: weightsOff(rulesOff),
        }))
      : body['progressions'],
  }),
};

/** Rules that were switched off, as weights. */
function weightsOff(rules: unknown): Record<string, number> {
  return Object.fromEntries(Array.isArray(rules) ? rules.map((rule) => [String(rule), 0]) : []);
}

/** The new row of fingers is not shown until it is asked for. */
function withFingers(hidden: unknown): unknown {
  return Array.isArray(hidden) ? [...new Set([...(hidden as string[]), 'fingers'])] : hidden;
}

/**
 * Brings the body of an older workbook up to date (or to the version `to`), step by step. Anything that is
 * not an object is left for the check that follows.
 */
export function migrateWorkbook(body: unknown, version: number, to = WORKBOOK_VERSION): unknown {
  if (typeof body !== 'object' || body === null || Array.isArray(body)) return body;
  let current = body as Body;
  for (let from = version; from < to; from++) current = STEPS[from]!(current);
  return current;
}
