import type { DocumentKind } from '../store/document';
import { sentenceOf, type Wrong } from '@diatonix/doors';
import { wrongsOf } from './check';
import { defaultAt } from './defaults';

/** A part of a document that could not be read, with what is wrong with it. */
export interface LeftOut {
  readonly path: readonly string[];
  readonly reason: string;
  readonly raw: unknown;
}

export interface Salvaged {
  readonly body: unknown;
  readonly left: readonly LeftOut[];
}

const MOST_ROUNDS = 12;
/** Lists of so many are looked through item by item. */
const LONGEST_LOOKED_THROUGH = 2000;

/**
 * What of a body can be read: a missing field takes its default, a field that is not known here is left out, and so
 * is a chord, a question, an answer that is none; whatever is left out is given beside it. Null where the rest is
 * nothing without what is wrong.
 */
export function salvage(kind: DocumentKind, body: unknown): Salvaged | null {
  const left: LeftOut[] = [];
  let now = body;
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const wrongs = wrongsOf(kind, now);
    if (wrongs.length === 0) return { body: now, left };
    if (wrongs.some(({ path }) => path.length === 0)) return null;
    const next = mended(kind, now, wrongs, left);
    if (next === null) return null;
    now = next;
  }
  return null;
}

function mended(kind: DocumentKind, body: unknown, wrongs: readonly Wrong[], left: LeftOut[]): unknown {
  let now: unknown = structuredClone(body);
  // From the last place to the first, so that the places before stay what they are.
  for (const wrong of [...wrongs].sort((a, b) => byPlace(b.path, a.path))) {
    const holder = at(now, wrong.path.slice(0, -1));
    const name = wrong.path.at(-1)!;
    if (!isHolder(holder)) continue;
    const isHere = Object.hasOwn(holder, name);
    // Answers belong to the questions by their places: of a sheet that was answered nothing can be left out.
    if (kind === 'pile' && wrong.path[0] === 'sheet' && wrong.path.length > 1 && isHere) return null;
    const leave = (raw: unknown) => left.push({ path: wrong.path, reason: sentenceOf(wrong), raw });
    if (Array.isArray(holder)) {
      if (isHere) leave(holder.splice(Number(name), 1)[0]);
      continue;
    }
    const old = isHere ? holder[name] : undefined;
    const part = Array.isArray(old) ? readable(kind, now, wrong, old) : null;
    if (part) {
      if (part.left.length > 0) leave(part.left);
      holder[name] = part.list;
      continue;
    }
    const usual = wrong.sort === 'whitelistValidation' ? undefined : defaultAt(kind, wrong.path);
    if (old !== undefined) leave(old);
    if (usual !== undefined) holder[name] = usual;
    else if (isHere) delete holder[name];
    else {
      const without = kind === 'pile' && wrong.path[0] === 'sheet' ? null : withoutItem(now, wrong, left);
      if (without === null) return null;
      now = without;
    }
  }
  return now;
}

type Holder = Record<string, unknown>;
const isHolder = (value: unknown): value is Holder => typeof value === 'object' && value !== null;

const at = (value: unknown, path: readonly string[]): unknown =>
  path.reduce<unknown>(
    (one, step) => (isHolder(one) && Object.hasOwn(one, step) ? one[step] : undefined),
    value,
  );

/** The nearest item of a list round a field that it cannot be without is left out. Null where there is none. */
function withoutItem(body: unknown, wrong: Wrong, left: LeftOut[]): unknown {
  for (let length = wrong.path.length - 1; length > 0; length--) {
    const list = at(body, wrong.path.slice(0, length - 1));
    if (!Array.isArray(list)) continue;
    const path = wrong.path.slice(0, length);
    const [raw] = list.splice(Number(path.at(-1)), 1);
    left.push({ path, reason: sentenceOf(wrong), raw });
    return body;
  }
  return null;
}

/** What of a list can be read, for wrongs that are told of the list and not of its items; null for other wrongs. */
function readable(
  kind: DocumentKind,
  body: unknown,
  wrong: Wrong,
  list: readonly unknown[],
): { readonly list: unknown[]; readonly left: unknown[] } | null {
  const { sort, path } = wrong;
  if (sort === 'nestedValidation') return divided(list, isHolder);
  if (sort === 'ownIds') return withIds(list);
  if (list.length > LONGEST_LOOKED_THROUGH && sort !== 'arrayMaxSize') return null;
  const holder = at(body, path.slice(0, -1)) as Holder;
  const name = path.at(-1)!;
  const isSound = (some: readonly unknown[]): boolean => {
    holder[name] = some;
    const same = (one: Wrong) => one.path.length === path.length && one.path.every((s, i) => s === path[i]);
    return !wrongsOf(kind, body).some(same);
  };
  if (sort === 'arrayMaxSize') return longest(list, isSound);
  const bad = new Set<number>();
  const search = (from: number, to: number): void => {
    if (from >= to || isSound(list.slice(from, to))) return;
    if (to - from === 1) bad.add(from);
    else {
      const middle = (from + to) >> 1;
      search(from, middle);
      search(middle, to);
    }
  };
  search(0, list.length);
  const kept = list.filter((_, place) => !bad.has(place));
  // What is wrong with all of them together is not found one by one.
  return isSound(kept) ? { list: kept, left: list.filter((_, place) => bad.has(place)) } : null;
}

function divided(list: readonly unknown[], isGood: (one: unknown) => boolean) {
  return { list: list.filter(isGood), left: list.filter((one) => !isGood(one)) };
}

/** As many from the front as may stand. */
function longest(list: readonly unknown[], isSound: (some: readonly unknown[]) => boolean) {
  let [low, high] = [0, list.length];
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if (isSound(list.slice(0, middle))) low = middle;
    else high = middle - 1;
  }
  return { list: list.slice(0, low), left: list.slice(low) };
}

/** Items without an id, or with that of another, get one of their own; what is no item is left out. */
function withIds(list: readonly unknown[]) {
  const taken = new Set(list.flatMap((one) => (isHolder(one) && 'id' in one ? [String(one['id'])] : [])));
  const seen = new Set<string>();
  let count = 0;
  const own = (): string => {
    let id = `item-${++count}`;
    while (taken.has(id)) id = `item-${++count}`;
    taken.add(id);
    return id;
  };
  const items = list
    .filter((one) => isHolder(one) && !Array.isArray(one))
    .map((one) => {
      const { id } = one as { id?: unknown };
      if (typeof id === 'string' && id !== '' && !seen.has(id)) {
        seen.add(id);
        return one;
      }
      const fresh = own();
      seen.add(fresh);
      return { ...(one as object), id: fresh };
    });
  return { list: items, left: list.filter((one) => !isHolder(one) || Array.isArray(one)) };
}

/** The order of places: a later item of a list after an earlier one. */
function byPlace(one: readonly string[], other: readonly string[]): number {
  for (let step = 0; step < Math.min(one.length, other.length); step++) {
    const [a, b] = [one[step]!, other[step]!];
    if (a === b) continue;
    const [x, y] = [Number(a), Number(b)];
    return Number.isInteger(x) && Number.isInteger(y) ? x - y : a < b ? -1 : 1;
  }
  return one.length - other.length;
}
