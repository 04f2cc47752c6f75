import {
  kindOf,
  attempt,
  staffLayout,
  questionOf,
  type GivenData,
  type Question,
  type Result,
} from '@diatonix/core';

const NOTHING = '–';

/** A field of a question as it is written: lists with spaces, chords or voices one after the other with bars. */
export function fieldText(value: unknown): string {
  if (!Array.isArray(value)) return String(value);
  if (!value.some(Array.isArray)) return value.map((one) => (one === null ? NOTHING : String(one))).join(' ');
  return value.map((one) => fieldText(one) || NOTHING).join(' | ');
}

/** A field read again, in the shape that it had. */
export function readField(text: string, like: unknown): unknown {
  if (typeof like === 'number') return text.trim() === '' ? text : Number(text);
  if (typeof like === 'boolean') return text === 'true';
  if (!Array.isArray(like)) return text.trim();
  if (like.some(Array.isArray)) return text.split('|').map((part) => words(part, like.flat().includes(null)));
  return words(text, false);
}

/** Words of a list; a dash is an empty place among voices, and nothing among figures. */
function words(text: string, places: boolean): (string | null)[] {
  const all = text.split(/\s+/).filter((one) => one !== '');
  return places
    ? all.map((one) => (one === NOTHING || one === '-' ? null : one))
    : all.filter((one) => one !== NOTHING);
}

/** A question of what is given, if it is one: with its answers, and what stands on its staff. */
export function questionFrom(kind: string, given: GivenData): Result<Question> {
  return attempt(() => {
    const question = questionOf(kindOf(kind), given, 'changed');
    staffLayout(question);
    return question;
  });
}
