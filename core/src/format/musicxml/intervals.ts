import type { NotePair } from '../../interval/intervalLine';
import { printedFifths, type Key } from '../../key/key';
import { signatureAlteration, type Clef } from '../../key/scale';
import { accidentalsInBar } from '../../pitch/barAccidentals';
import type { Note } from '../../pitch/note';
import { accidentalElement, el, musicXmlDocument, pitchElement, type XmlElement } from './xml';

/** A line of intervals as it stands on one staff. */
export interface IntervalLineOut {
  readonly title: string;
  readonly key: Key;
  readonly clef: Clef;
  /** Intervals in a bar; an accidental holds to its end. */
  readonly perBar: number;
  readonly pairs: readonly NotePair[];
}

/** The sign and the line of each clef. */
export const CLEF_SIGNS: Record<Clef, readonly [string, number]> = {
  treble: ['G', 2],
  bass: ['F', 4],
  alto: ['C', 3],
  tenor: ['C', 4],
};

/**
 * Writes a line of intervals as MusicXML 4.0: two half notes an interval, accidentals only where the bar and
 * the signature leave them.
 */
export function intervalsToMusicXml({ title, key, clef, perBar, pairs }: IntervalLineOut): string {
  const fifths = printedFifths(key);
  const bars: XmlElement[] = [];
  for (let start = 0; start < pairs.length; start += perBar) {
    const notes = pairs.slice(start, start + perBar).flatMap(({ from, to }) => [from, to]);
    const signs = accidentalsInBar(
      notes.map((note) => [note]),
      (step) => signatureAlteration(fifths, step),
    );
    const first = start === 0 ? [attributesOf(key, clef, perBar)] : [];
    bars.push(
      el('measure', [...first, ...notes.map((note, index) => halfNote(note, signs[index]![0]!))], {
        number: bars.length + 1,
      }),
    );
  }
  const measures = bars.length > 0 ? bars : [el('measure', [attributesOf(key, clef, perBar)], { number: 1 })];
  return musicXmlDocument({ title }, [{ name: 'Intervals', measures }]);
}

function attributesOf(key: Key, clef: Clef, perBar: number): XmlElement {
  const [sign, line] = CLEF_SIGNS[clef];
  return el('attributes', [
    el('divisions', [1]),
    el('key', [el('fifths', [printedFifths(key)]), el('mode', [key.mode])]),
    el('time', [el('beats', [2 * perBar]), el('beat-type', [2])]),
    el('clef', [el('sign', [sign]), el('line', [line])]),
  ]);
}

function halfNote(note: Note, signed: boolean): XmlElement {
  return el('note', [
    pitchElement(note),
    el('duration', [2]),
    el('voice', [1]),
    el('type', ['half']),
    ...(signed ? [accidentalElement(note)] : []),
  ]);
}
