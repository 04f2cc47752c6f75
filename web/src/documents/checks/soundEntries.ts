import { LONGEST_ANSWER, MOST_ENTRIES } from '../kinds/pile/type';

type Fields = Readonly<Record<string, unknown>>;
const isObject = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const isText = (value: unknown, longest: number): boolean =>
  typeof value === 'string' && value.length <= longest;
const isMark = (value: unknown): boolean => typeof value === 'number' && value >= 0 && value <= 100;
const may = (value: unknown, is: (value: unknown) => boolean): boolean => value === undefined || is(value);

const ENTRY = new Set(['id', 'by', 'pupil', 'question', 'answer', 'at', 'marks', 'remark', 'result']);
const RESULT = new Set(['verdict', 'got', 'of', 'causes', 'degree']);
const only = (fields: Fields, known: ReadonlySet<string>): boolean =>
  Object.keys(fields).every((name) => known.has(name));

/**
 * Whether an answer is as its class in `pileCheck` wants it, said without that class: years of answers come in at once,
 * and nearly all of them are well. A test holds the two to the same.
 */
export function isSoundEntry(entry: unknown): boolean {
  if (!isObject(entry) || !only(entry, ENTRY)) return false;
  const { id, by, pupil, question, answer, at, marks, remark, result } = entry;
  return (
    may(id, (one) => isText(one, 60)) &&
    may(by, (one) => one === 'class' || one === 'file') &&
    isText(pupil, 60) &&
    typeof question === 'string' &&
    /^\d{1,2}\.\d{1,3}$/.test(question) &&
    isText(answer, LONGEST_ANSWER) &&
    typeof at === 'number' &&
    Number.isFinite(at) &&
    may(marks, isMark) &&
    may(remark, (one) => isText(one, 500)) &&
    may(result, isSoundResult)
  );
}

function isSoundResult(result: unknown): boolean {
  if (!isObject(result) || !only(result, RESULT)) return false;
  const { verdict, got, of, causes, degree } = result;
  return (
    (verdict === 'right' || verdict === 'wrong' || verdict === 'unreadable') &&
    isMark(got) &&
    isMark(of) &&
    may(causes, (all) => Array.isArray(all) && all.length <= 4 && all.every((one) => isText(one, 60))) &&
    may(degree, (one) => typeof one === 'string' && /^(?:major|minor) [1-7]$/.test(one))
  );
}

/** The body of a pile as its class has to look at it: without its answers, where all of them are sound. */
export function withoutSoundEntries(body: object): object {
  const { entries } = body as { entries?: unknown };
  if (!Array.isArray(entries) || entries.length > MOST_ENTRIES || !entries.every(isSoundEntry)) return body;
  return { ...body, entries: [] };
}
