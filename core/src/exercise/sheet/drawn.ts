import { parseKey, printedFifths } from '../../key/key';
import { signatureAlteration, type Clef } from '../../key/scale';
import { noteName, modulo, staffPosition, type Note } from '../../pitch/note';
import { parseNote } from '../../pitch/parse';
import { printNote } from '../../pitch/print';
import type { Given } from '../ask/question';

/** The staff position of the middle line of each clef: B4, C4, A3 and D3 (common practice). */
const MIDDLE: Readonly<Record<string, number>> = {
  treble: 34,
  alto: 28,
  tenor: 26,
  bass: 22,
} satisfies Record<Clef, number>;

/** A note as it is drawn: lines and spaces up from the middle line, and the half steps of a sign before it. */
type Drawn = readonly [on: number, sign: number | null];

/**
 * What is given in a question as it goes to pupils: where the answer would stand in it in letters, what is drawn is
 * sent instead. Anything else goes as it is.
 */
export function drawnGiven(kind: string, given: Given): Given {
  if (kind === 'work-back' && Array.isArray(given['roles'])) {
    const { roles, ...rest } = given;
    return { ...rest, sought: (roles as unknown[]).length };
  }
  if (kind !== 'note-name' || typeof given['note'] !== 'string' || middleOf(given) === null) return given;
  const { note, earlier = [], ...rest } = given;
  const texts = [...(Array.isArray(earlier) ? (earlier as unknown[]).map(String) : []), note];
  const drawn: Drawn[] = [];
  const signs = new Signs(given);
  for (const text of texts) {
    const one = parseNote(text);
    const position = staffPosition(one);
    const holds = signs.at(position) === one.alteration;
    drawn.push([position - middleOf(given)!, holds ? null : one.alteration]);
    signs.set(position, one.alteration);
  }
  return { ...rest, drawn };
}

/** What is given in a question as the page works with it, from what was sent. Throws TheoryError for a bad key. */
export function givenOfDrawn(kind: string, sent: Given): Given {
  if (kind === 'work-back' && typeof sent['sought'] === 'number') {
    const { sought, ...rest } = sent;
    return { ...rest, roles: sought === 1 ? ['V'] : ['ii', 'V'] };
  }
  const middle = middleOf(sent);
  if (kind !== 'note-name' || !isDrawn(sent['drawn']) || middle === null) return sent;
  const { drawn, ...rest } = sent;
  const signs = new Signs(sent);
  const notes = drawn.map(([on, sign]) => {
    const position = middle + on;
    const alteration = sign ?? signs.at(position);
    signs.set(position, alteration);
    return printNote(noteAt(position, alteration));
  });
  const note = notes.pop();
  return { ...rest, note, ...(notes.length > 0 ? { earlier: notes } : {}) };
}

const middleOf = ({ clef }: Given): number | null =>
  typeof clef === 'string' && Object.hasOwn(MIDDLE, clef) ? MIDDLE[clef]! : null;

const noteAt = (position: number, alteration: number): Note => ({
  ...noteName(modulo(position, 7), alteration),
  octave: Math.floor(position / 7),
});

function isDrawn(value: unknown): value is readonly Drawn[] {
  return (
    Array.isArray(value) &&
    value.length > 0 &&
    value.every(
      (one) =>
        Array.isArray(one) &&
        Number.isInteger(one[0]) &&
        Math.abs(one[0] as number) < 40 &&
        (one[1] === null || (Number.isInteger(one[1]) && Math.abs(one[1] as number) <= 3)),
    )
  );
}

/** Which sign holds at a place of the staff: the last in the bar, else that of the signature. */
class Signs {
  private readonly fifths: number;
  private readonly inBar = new Map<number, number>();

  constructor({ key }: Given) {
    this.fifths = typeof key === 'string' ? printedFifths(parseKey(key)) : 0;
  }

  at(position: number): number {
    return this.inBar.get(position) ?? signatureAlteration(this.fifths, modulo(position, 7));
  }

  set(position: number, alteration: number): void {
    this.inBar.set(position, alteration);
  }
}
