const NAMES = new Intl.Collator('en', { sensitivity: 'base', numeric: true });

/** The order in which names stand in lists: as a reader looks for them, whatever their accents and capitals. */
export const byName = (a: string, b: string): number => NAMES.compare(a, b);
