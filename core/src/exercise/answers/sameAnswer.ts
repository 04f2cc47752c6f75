import { isRecord } from './answerForm';

const NOTE = /^[A-G](?:#{1,3}|b{1,3})?-?\d?$/;
const bare = (note: string) => note.replace(/-?\d$/, '');

/** Whether two answers are the same; octaves count where both have them. */
export function sameAnswer(a: unknown, b: unknown): boolean {
  if (typeof a === 'string' && typeof b === 'string') {
    if (a === b) return true;
    return NOTE.test(a) && NOTE.test(b) && /\d$/.test(a) !== /\d$/.test(b) && bare(a) === bare(b);
  }
  if (Array.isArray(a) && Array.isArray(b))
    return a.length === b.length && a.every((one, at) => sameAnswer(one, b[at]));
  if (isRecord(a) && isRecord(b)) {
    const fields = Object.keys(a);
    return fields.length === Object.keys(b).length && fields.every((field) => sameAnswer(a[field], b[field]));
  }
  return a === b;
}
