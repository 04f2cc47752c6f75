import { sameValue } from '@diatonix/core';

/** A part of a document three times: as both last had it, as another has it, as it is here. Undefined: not there. */
export interface Three {
  readonly base: unknown;
  readonly theirs: unknown;
  readonly mine: unknown;
}

/** Names of fields and keys of items, from the body of a document down; empty for the whole document. */
export type Path = readonly string[];

/** What both changed, each to something else. Undefined: it was deleted. */
export interface Clash {
  readonly path: Path;
  /** What stands in the merged document. */
  readonly stands: unknown;
  /** What does not. */
  readonly other: unknown;
}

/** How two changes of one part come together, and how a value is put in its place. */
export interface MergePart {
  /** For what both changed, each to something else that is there; what clashes is added to the list. */
  readonly merge: (three: Three, path: Path, clashes: Clash[]) => unknown;
  /** The part with a value at a path below it; undefined takes out what is there. */
  readonly put: (part: unknown, path: Path, value: unknown) => unknown;
}

type Fields = Readonly<Record<string, unknown>>;

/**
 * Three states of a part as one: what only one of the two changed is taken from it. Of what one deleted and the other
 * changed the changed one stands, and the clash is told.
 */
export function merged(part: MergePart, three: Three, path: Path, clashes: Clash[]): unknown {
  const { base, theirs, mine } = three;
  if (sameValue(theirs, mine) || sameValue(base, mine)) return theirs;
  if (sameValue(base, theirs)) return mine;
  if (theirs !== undefined && mine !== undefined) return part.merge(three, path, clashes);
  const stands = mine === undefined ? theirs : mine;
  clashes.push({ path, stands, other: undefined });
  return stands;
}

/** What is one thing: two changes of it clash, and the one from here stands. */
export const whole: MergePart = {
  merge: ({ theirs, mine }, path, clashes) => {
    clashes.push({ path, stands: mine, other: theirs });
    return mine;
  },
  put: (_part, _path, value) => value,
};

/** What is worked out from the rest of the document: the one from here stands, and nothing is told. */
export const derived: MergePart = { ...whole, merge: ({ mine }) => mine };

const objectOf = (value: unknown): Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value) ? (value as Fields) : {};
const listOf = (value: unknown): readonly unknown[] => (Array.isArray(value) ? value : []);

/** Fields, each merged by itself; those that are not named are merged as `rest`. */
export function fields(named: Readonly<Record<string, MergePart>> = {}, rest: MergePart = whole): MergePart {
  const partOf = (name: string) => (Object.hasOwn(named, name) ? named[name]! : rest);
  return {
    merge: ({ base, theirs, mine }, path, clashes) => {
      const [was, other, own] = [objectOf(base), objectOf(theirs), objectOf(mine)];
      const made: [string, unknown][] = [];
      for (const name of new Set([...Object.keys(other), ...Object.keys(own)])) {
        const three = { base: at(was, name), theirs: at(other, name), mine: at(own, name) };
        const value = merged(partOf(name), three, [...path, name], clashes);
        if (value !== undefined) made.push([name, value]);
      }
      return Object.fromEntries(made);
    },
    put: (part, [name = '', ...below], value) => {
      const { [name]: old, ...others } = objectOf(part);
      const now = below.length > 0 ? partOf(name).put(old, below, value) : value;
      return now === undefined ? others : { ...objectOf(part), [name]: now };
    },
  };
}

const at = (value: Fields, name: string) => (Object.hasOwn(value, name) ? value[name] : undefined);

/** Words or numbers of which each is there or not: both sides' additions and removals are made. */
export const mergedMembers: MergePart = {
  ...whole,
  merge: ({ base, theirs, mine }) => {
    const [was, own] = [new Set(listOf(base)), new Set(listOf(mine))];
    const kept = listOf(theirs).filter((one) => own.has(one) || !was.has(one));
    return [...kept, ...listOf(mine).filter((one) => !was.has(one) && !kept.includes(one))];
  },
};

/** A list that is added to at its end; two that changed otherwise clash. */
export const added: MergePart = {
  ...whole,
  merge: (three, path, clashes) => {
    const [was, other, own] = [listOf(three.base), listOf(three.theirs), listOf(three.mine)];
    const goesOn = (list: readonly unknown[]) => sameValue(list.slice(0, was.length), was);
    if (!goesOn(other) || !goesOn(own)) return whole.merge(three, path, clashes);
    return [...other, ...own.slice(was.length)];
  },
};

/** The step of a path that stands for the order of a list. */
export const ORDER = '(order)';

const idOf = (item: unknown): string => String(objectOf(item)['id']);

/** Items by their keys, each merged by itself; what was added on both sides is there, in the order of each. */
export function items(item: MergePart = whole, keyOf: (item: never) => string = idOf): MergePart {
  const keyed = (value: unknown): Map<string, unknown> => {
    const found = new Map<string, unknown>();
    for (const one of listOf(value)) {
      const key = keyOf(one as never);
      let own = key;
      // Two items that say the same are two items.
      for (let count = 2; found.has(own); count++) own = `${key} (${count})`;
      found.set(own, one);
    }
    return found;
  };
  return {
    merge: ({ base, theirs, mine }, path, clashes) => {
      const [was, other, own] = [keyed(base), keyed(theirs), keyed(mine)];
      const made = new Map<string, unknown>();
      for (const key of new Set([...other.keys(), ...own.keys()])) {
        const three = { base: was.get(key), theirs: other.get(key), mine: own.get(key) };
        const value = merged(item, three, [...path, key], clashes);
        if (value !== undefined) made.set(key, value);
      }
      const order = orderOf([...was.keys()], [...other.keys()], [...own.keys()], made);
      if (order.other) clashes.push({ path: [...path, ORDER], stands: order.stands, other: order.other });
      return order.stands.map((key) => made.get(key));
    },
    put: (part, [key = '', ...below], value) => {
      const now = keyed(part);
      if (key === ORDER) return inOrder(now, listOf(value) as readonly string[]);
      const next = below.length > 0 ? item.put(now.get(key), below, value) : value;
      if (next === undefined) now.delete(key);
      else now.set(key, next);
      return [...now.values()];
    },
  };
}

/** The items with those that are named in that order; the others stay where they are. */
function inOrder(now: ReadonlyMap<string, unknown>, keys: readonly string[]): unknown[] {
  const wanted = keys.filter((key) => now.has(key));
  const moved = new Set(wanted);
  let next = 0;
  return [...now.keys()].map((key) => now.get(moved.has(key) ? wanted[next++]! : key));
}

/** The order of what stands: as on the side that moved something; what the other added comes after what it followed. */
function orderOf(
  was: readonly string[],
  other: readonly string[],
  own: readonly string[],
  made: ReadonlyMap<string, unknown>,
): { readonly stands: readonly string[]; readonly other?: readonly string[] } {
  const [inOther, inOwn] = [new Set(other), new Set(own)];
  const shared = (list: readonly string[], inA: ReadonlySet<string>, inB: ReadonlySet<string>) =>
    list.filter((key) => inA.has(key) && inB.has(key));
  const common = new Set(shared(was, inOther, inOwn));
  const [before, there, here] = [was, other, own].map((list) => list.filter((key) => common.has(key)));
  const movedThere = !sameValue(before, there);
  const movedHere = !sameValue(before, here);
  const [first, second] = movedHere ? [own, other] : [other, own];
  const stands = first.filter((key) => made.has(key));
  const standing = new Set(stands);
  const inSecond = new Set(second);
  let place = 0;
  for (const key of second) {
    if (standing.has(key)) place = stands.indexOf(key) + 1;
    else if (made.has(key)) {
      // Behind what the first added at the same place.
      while (place < stands.length && !inSecond.has(stands[place]!)) place++;
      stands.splice(place, 0, key);
      place++;
    }
  }
  return movedThere && movedHere && !sameValue(there, here) ? { stands, other } : { stands };
}

/** Several fields that say one thing together, such as what was typed and what was understood of it. */
export function together(names: readonly string[], inner: MergePart): MergePart {
  const own = names.join('|');
  const split = (value: unknown): Fields => {
    const all = Object.entries(objectOf(value));
    const one = all.filter(([name]) => names.includes(name));
    const rest = Object.fromEntries(all.filter(([name]) => !names.includes(name)));
    return one.length === 0 ? rest : { ...rest, [own]: Object.fromEntries(one) };
  };
  const join = (value: unknown): Fields => {
    const { [own]: one, ...rest } = objectOf(value);
    return { ...rest, ...objectOf(one) };
  };
  return {
    merge: ({ base, theirs, mine }, path, clashes) =>
      join(inner.merge({ base: split(base), theirs: split(theirs), mine: split(mine) }, path, clashes)),
    put: (part, path, value) => (path.length === 0 ? value : join(inner.put(split(part), path, value))),
  };
}
