/** How often a chart names a chord. */
export const CHART_RATES = ['chord', 'beat', 'half', 'bar'] as const;
export type ChartRate = (typeof CHART_RATES)[number];

/** The highest fret of a capo. */
export const HIGHEST_FRET = 7;
