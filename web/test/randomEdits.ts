/** Random edits of documents of any kind, each with a mark that can be looked for afterwards. */
type Fields = Record<string, unknown>;
const isObject = (value: unknown): value is Fields => typeof value === 'object' && value !== null;

/** The marks in a value: `tok12x`. */
export const tokensIn = (value: unknown): Set<string> =>
  new Set(JSON.stringify(value ?? null).match(/tok[a-z]?\d+x/g) ?? []);

/** What an edit may not write over: what other parts are found by. */
const NAMES = new Set(['id', 'kind', 'pupil', 'question', 'from', 'to']);

/** One edit of a body, drawn by numbers: a text is written over, an item added, taken out or moved. */
export function edited(body: unknown, draw: () => number, token: () => string): unknown {
  const next = structuredClone(body);
  const places: (() => void)[] = [];
  const look = (value: unknown, depth: number): void => {
    if (Array.isArray(value)) {
      const list = value as unknown[];
      const items = list.filter((one) => isObject(one) && 'id' in one) as Fields[];
      if (items.length > 0 && items.length === list.length) {
        places.push(
          () => list.push({ ...another(items[draw() % items.length]!, token), id: token() }),
          () => list.splice(draw() % list.length, 1),
          () => list.splice(draw() % list.length, 0, ...list.splice(draw() % list.length, 1)),
        );
      } else if (list.length > 0 && list.every((one) => typeof one === 'string')) {
        const at = draw() % list.length;
        // A row of a score says where it stands: only words are put behind it.
        places.push(
          () => (list[at] = / /.test(String(list[at])) ? `${String(list[at])} ${token()}` : token()),
        );
      }
    }
    if (!isObject(value) || depth > 5) return;
    for (const [name, one] of Object.entries(value)) {
      if (typeof one === 'string' && !NAMES.has(name) && !Array.isArray(value))
        places.push(() => (value[name] = token()));
      // What an answer earned is worked out again.
      else if (name !== 'result') look(one, depth + 1);
    }
  };
  look(next, 0);
  if (places.length > 0) places[draw() % places.length]!();
  return next;
}

/** A copy of an item with marks of its own: one mark never stands in two places. */
const another = (item: Fields, token: () => string): Fields =>
  JSON.parse(JSON.stringify(item).replace(/tok[a-z]?\d+x/g, token)) as Fields;
