import { nameOf, type Documents, type DocumentKind } from '../store/document';
import type { ClashRow, OtherValue } from './clashes';
import { ORDER } from './part';

/** What single fields and the items of lists are called where the name in the document does not say it. */
const FIELD_WORDS: Readonly<Record<string, string>> = {
  'entry|unread': 'what was entered',
  upbeat: 'upbeat',
  follow: 'what following through earns',
  answer: 'answer',
  at: 'time',
  score: 'notes',
  symbols: 'symbols',
  modulation: 'readiness to change key',
  chordsFrom: 'where the chords come from',
  pattern: 'pattern of the keyboard',
  perBar: 'number of intervals in a bar',
  naming: 'whether names are left blank',
  notYetTaught: 'what has been taught',
  classId: 'class',
};
const ITEM_WORDS: Readonly<Record<string, string>> = {
  columns: 'chord',
  items: 'interval',
  pupils: 'pupil',
  lessons: 'lesson',
  entries: 'answer',
  sections: 'section',
  pinned: 'question',
  rulings: 'ruling',
  theory: 'piece of theory',
  ticks: 'tick',
  answers: 'answer',
  inversionAnswers: 'answer',
};

/** What two tabs changed, in words: `the title of “Tide”`. */
export function placeWords({ document, path }: ClashRow, documents: Documents): string {
  if (document === '') return 'the name of the workbook';
  const found = documents[document];
  const name = found ? nameOf(found) : 'a document that is gone';
  if (path.length === 0) return name;
  return `${partWords(path, found?.kind, found?.body)} of ${name}`;
}

function partWords(path: readonly string[], kind: DocumentKind | undefined, body: unknown): string {
  if (kind === 'score' && path.at(-2) === 'notes') {
    const [part = 0, bar = 0] = path.at(-1)!.split(' ').map(Number);
    return `part ${part + 1}, bar ${bar + 1}`;
  }
  if (path.at(-1) === ORDER) return `the order of ${plural(ITEM_WORDS[path.at(-2) ?? ''] ?? 'item')}`;
  const list = path.findLastIndex((step, at) => at < path.length - 1 && step in ITEM_WORDS);
  const last = path.at(-1)!;
  if (list < 0) return `the ${fieldWords(last)}`;
  const item = itemWords(path, list, body);
  return list === path.length - 2 ? item : `the ${fieldWords(last)} of ${item}`;
}

/** An item of a list: by its name where it has one, by its place otherwise. */
function itemWords(path: readonly string[], list: number, body: unknown): string {
  const word = ITEM_WORDS[path[list]!]!;
  const all = path
    .slice(0, list + 1)
    .reduce<unknown>((one, step) => (one as Record<string, unknown> | undefined)?.[step], body);
  const key = path[list + 1];
  const items = Array.isArray(all) ? (all as { id?: unknown; name?: unknown }[]) : [];
  const at = items.findIndex(({ id }) => id === key);
  const name = items[at]?.name;
  if (typeof name === 'string') return `the ${word} “${name}”`;
  return at >= 0 ? `${word} ${at + 1}` : `one ${word}`;
}

const fieldWords = (name: string): string =>
  FIELD_WORDS[name] ?? name.replace(/([A-Z])/g, (letter) => ` ${letter.toLowerCase()}`);
const plural = (word: string) => `${word}s`;

const LONGEST = 60;

/** A value in words; what is no short text is told by what it is. */
export function valueWords({ value }: OtherValue): string {
  if (value === undefined) return 'deleted';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'number') return String(value);
  if (typeof value === 'string') return value === '' ? 'empty' : `“${cut(value)}”`;
  if (Array.isArray(value) && value.every((one) => typeof one === 'string'))
    return value.length === 0 ? 'none' : `“${cut(value.join(', '))}”`;
  for (const name of ['text', 'unread', 'name', 'title', 'answer', 'entry', 'numeral', 'key']) {
    const inner = (value as Record<string, unknown>)[name];
    if (typeof inner === 'string' || (typeof inner === 'object' && inner !== null))
      return valueWords({ value: inner });
  }
  const { notes, from, to } = value as { notes?: unknown; from?: unknown; to?: unknown };
  if (notes !== undefined) return valueWords({ value: notes });
  if (typeof from === 'string') return `“${from} ${String(to)}”`;
  return 'another version';
}

const cut = (text: string) => (text.length > LONGEST ? `${text.slice(0, LONGEST)}…` : text);
