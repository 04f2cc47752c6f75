/** Values of a package without types, taken for what they should be: what is none is empty. */
export const record = (value: unknown): Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null ? (value as Record<string, unknown>) : {};

export const list = (value: unknown): readonly unknown[] => (Array.isArray(value) ? value : []);

export const text = (value: unknown): string => (typeof value === 'string' ? value : '');

export const number = (value: unknown): number | null =>
  typeof value === 'number' && Number.isFinite(value) ? value : null;
