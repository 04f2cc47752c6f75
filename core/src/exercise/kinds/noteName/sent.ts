import { parseKey, printedFifths } from '../../../key/key';
import { type Clef, signatureAlteration } from '../../../key/scale';
import { type Note, modulo, noteName, staffPosition } from '../../../pitch/note';
import { parseNote } from '../../../pitch/parse';
import { printNote } from '../../../pitch/print';
import { clefField } from '../../givenFields';
import type { GivenData } from '../../question';
import type { NoteNameGiven } from './given';

/** The staff position of the middle line of each clef: B4, C4, A3 and D3 (common practice). */
const MIDDLE: Readonly<Record<Clef, number>> = { treble: 34, alto: 28, tenor: 26, bass: 22 };

/** A note as it is drawn: lines and spaces up from the middle line, and the half steps of a sign before it. */
type Drawn = readonly [on: number, sign: number | null];

/** What goes to pupils in the place of names: what is drawn of them. */
type SentNoteName = Pick<NoteNameGiven, 'clef' | 'key'> & { readonly drawn?: unknown };

/** The note is what is asked for: what is drawn goes in its place. */
export function drawNoteName(given: NoteNameGiven): GivenData {
  const { note, earlier = [], ...rest } = given;
  if (!given.clef) return given;
  const middle = MIDDLE[given.clef];
  const signs = new Signs(given.key);
  const drawn = [...earlier, note].map((text): Drawn => {
    const one = parseNote(text);
    const position = staffPosition(one);
    const holds = signs.at(position) === one.alteration;
    signs.set(position, one.alteration);
    return [position - middle, holds ? null : one.alteration];
  });
  return { ...rest, drawn };
}

/** The question of what was drawn. Throws TheoryError for a bad key. */
export function readDrawnNote(sent: GivenData): GivenData {
  const { drawn, ...rest } = sent as SentNoteName;
  if (!isDrawn(drawn) || !clefField.holds(rest.clef)) return sent;
  const middle = MIDDLE[rest.clef];
  const signs = new Signs(rest.key);
  const notes = drawn.map(([on, sign]) => {
    const position = middle + on;
    const alteration = sign ?? signs.at(position);
    signs.set(position, alteration);
    return printNote(noteAt(position, alteration));
  });
  const note = notes.pop();
  return { ...rest, note, ...(notes.length > 0 ? { earlier: notes } : {}) };
}

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

  constructor(key: string | undefined) {
    this.fifths = key === undefined ? 0 : printedFifths(parseKey(key));
  }

  at(position: number): number {
    return this.inBar.get(position) ?? signatureAlteration(this.fifths, modulo(position, 7));
  }

  set(position: number, alteration: number): void {
    this.inBar.set(position, alteration);
  }
}
