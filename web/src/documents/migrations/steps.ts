/**
 * What each version of a workbook added to the one before it, frozen: the values stand here as they were when
 * the version was written, and never follow today's defaults. Total on whatever comes in; the check that
 * follows says what is wrong.
 */

export type Body = Readonly<Record<string, unknown>>;

/** An object as it is, anything else as an empty one. */
export function record(value: unknown): Body {
  return typeof value === 'object' && value !== null && !Array.isArray(value) ? (value as Body) : {};
}

const INTERVALS_2 = {
  clef: 'treble', key: 'C major', pencilled: true, way: 'scale', naming: false, answers: {}, items: [],
}; // prettier-ignore
const CHORDS_2 = { symbol: 'C', key: 'C major', clef: 'treble' };
const KEY_3 = {
  key: 'C major', form: 'harmonic', top: 5, clef: 'treble', fingering: false, beside: false, view: 'map',
  print: { keys: [], blank: false, answers: true },
}; // prettier-ignore
const INTERVALS_3 = { ...INTERVALS_2, inversionAnswers: {}, perBar: 1 };
const CHORDS_3 = { ...CHORDS_2, view: 'inversions', doubled: [], chain: 'I I6 I IV64 I V65 I' };
const CLASS_3 = { id: 'class', name: 'My class', notYetTaught: { major: [], minor: [] } };
const PROGRESSION_3 = {
  key: 'C major', tempo: 80, modulate: false, view: 'keyboard', hidden: [], blank: [], rulesOff: [], columns: [],
}; // prettier-ignore
const EARLY_3 = { modulate: false, view: 'keyboard', hidden: [], blank: [] };
const PROGRESSION_4 = { metre: '2/4', pickup: '0', source: '', order: [], pattern: 'block' };

function progressions(body: Body, step: (one: Body) => Body): unknown {
  const list = body['progressions'];
  return Array.isArray(list) ? list.map((one) => (isObject(one) ? step(one) : one)) : list;
}

function isObject(value: unknown): value is Body {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** Steps of whole workbooks, by the version that they start from; version 5 came in documents. */
export const WORKBOOK_STEPS: Readonly<Record<number, (body: Body) => Body>> = {
  // Forms of the scale, fingering, and the Intervals and Chords benches.
  1: (body) => ({
    ...body,
    keyBench: { form: 'harmonic', fingering: false, ...record(body['keyBench']) },
    intervals: body['intervals'] ?? INTERVALS_2,
    chords: body['chords'] ?? CHORDS_2,
  }),
  // Views of the benches, bars of intervals, what is decided about a progression, and what each class was taught.
  2: ({ notYetTaught, ...body }) => ({
    ...body,
    keyBench: { ...KEY_3, ...record(body['keyBench']) },
    intervals: { ...INTERVALS_3, ...record(body['intervals']) },
    chords: { ...CHORDS_3, ...record(body['chords']) },
    classes: [{ ...CLASS_3, notYetTaught: notYetTaught ?? CLASS_3.notYetTaught }],
    openClass: CLASS_3.id,
    progressions: progressions(body, (one) => ({ ...PROGRESSION_3, ...one })),
  }),
  // Metre, upbeat and source of a progression, the order of its rows, weights of the rules, the keyboard's pattern. The
  // first builds of version 3 wrote progressions without what was decided about them.
  3: (body) => ({
    ...body,
    progressions: progressions(body, ({ rulesOff, ...one }) => ({
      ...EARLY_3,
      ...PROGRESSION_4,
      ...one,
      hidden: withFingers(one['hidden']),
      weights: one['weights'] ?? weightsOff(rulesOff),
    })),
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

const CHROMATIC_6 = [
  'interval-name', 'interval-build', 'interval-invert', 'triad-name', 'triad-build', 'seventh-name', 'seventh-build',
  'extended-name', 'extended-build', 'inversion-turn',
]; // prettier-ignore
const SEVENTHS_6 = [
  'dominant-seventh', 'major-seventh', 'minor-seventh', 'half-diminished-seventh', 'diminished-seventh',
  'minor-major-seventh', 'augmented-major-seventh',
]; // prettier-ignore

/** Version 5 to 6: a sheet that was made before keeps its questions, from outside the key and of rare chords too. */
export function anyChromatic(sheet: Body): Body {
  const { sections } = sheet;
  if (!Array.isArray(sections)) return sheet;
  const kept = (section: unknown): unknown => {
    if (!isObject(section) || !CHROMATIC_6.includes(String(section['kind']))) return section;
    const rare = /^seventh-/.test(String(section['kind'])) ? { qualities: SEVENTHS_6 } : {};
    return { ...section, material: { ...rare, chromatic: 'any', ...record(section['material']) } };
  };
  return { ...sheet, sections: sections.map(kept) };
}

/** Version 6 to 7: the upbeat of a line has the name that it has everywhere else. */
export function withUpbeat({ pickup, ...line }: Body): Body {
  return pickup === undefined ? line : { upbeat: pickup, ...line };
}
