/** How often a chart names a chord. */
export const CHART_RATES = ['chord', 'beat', 'half', 'bar'] as const;
export type ChartRate = (typeof CHART_RATES)[number];

/** The highest fret of a capo. */
export const HIGHEST_FRET = 7;

/** Instruments for which a chart is named, and how many fifths their names lie over the sounding ones. */
export const CHART_PARTS = { C: 0, Bb: 2, Eb: 3, F: 1 } as const;
export type ChartPart = keyof typeof CHART_PARTS;
