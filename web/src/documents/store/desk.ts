import { useDocuments } from './store';

/** How one field of a desk is read: what is stored, or its first value where that is no such thing. */
export type DeskField<T> = (stored: unknown) => T;

export function deskOneOf<const T extends string>(choices: readonly T[], first: T): DeskField<T> {
  return (stored) => (choices.includes(stored as T) ? (stored as T) : first);
}

export function numberField(first: number): DeskField<number> {
  return (stored) => (typeof stored === 'number' && Number.isFinite(stored) ? stored : first);
}

export function deskFlag(first: boolean): DeskField<boolean> {
  return (stored) => (typeof stored === 'boolean' ? stored : first);
}

/** An id, or nothing. */
export const idField: DeskField<string | null> = (stored) => (typeof stored === 'string' ? stored : null);

type Fields<T> = { readonly [Name in keyof T]: DeskField<T[Name]> };

/** What one bench shows now (open document, view, selection): kept with the workbook, but not undone. */
export interface Desk<T> {
  readonly get: () => T;
  readonly set: (part: Partial<T>) => void;
  readonly use: <V>(select: (desk: T) => V) => V;
}

/** The desk of a bench, under its name. Every field is checked as it is read, whatever was stored. */
export function createDesk<T extends object>(name: string, fields: Fields<T>): Desk<T> {
  const read = (stored: unknown): T => {
    const from = (typeof stored === 'object' && stored !== null ? stored : {}) as Record<string, unknown>;
    const entries = Object.entries(fields) as [keyof T & string, DeskField<unknown>][];
    return Object.fromEntries(entries.map(([field, of]) => [field, of(from[field])])) as T;
  };
  let known: { stored: unknown; desk: T } | null = null;
  const deskOf = (stored: unknown): T => {
    if (known === null || known.stored !== stored) known = { stored, desk: read(stored) };
    return known.desk;
  };
  const get = () => deskOf(useDocuments.getState().desk[name]);
  return {
    get,
    set: (part) => {
      const { desk } = useDocuments.getState();
      useDocuments.setState({ desk: { ...desk, [name]: { ...get(), ...part } } });
    },
    use: (select) => useDocuments((state) => select(deskOf(state.desk[name]))),
  };
}
