import type { Dice } from '../generating/dice';
import type { Material } from '../generating/material';
import { chordLine } from '../chordLine';
import { rollLineTo, rollTaughtLine } from '../generating/rollLine';
import { type GivenFields, textField } from '../givenFields';
import { chordsIn } from '../givenReading';
import type { Key } from '../../key/key';
import { printKey } from '../../key/key';
import { beforeIn, cleared, inTime, printed, soundingsField, type Sounding } from './timedSound';

/** What is heard in a key: what gives the key, and then the question itself. */
export type HeardInKey = {
  readonly key: string;
  readonly before: readonly Sounding[];
  readonly sound: readonly Sounding[];
};

export const HEARD_IN_KEY_FIELDS: GivenFields<HeardInKey> = {
  key: textField,
  before: soundingsField,
  sound: soundingsField,
};

/** Seconds of a beat at the tempo of the material. */
export const beatOf = ({ tempo }: Material): number => 60 / tempo;
/** A chord of a line is heard for two beats. */
const BEATS_A_CHORD = 2;

/** What gives a key before a question of the material. */
export const beforeOf = (key: Key, material: Material): Sounding[] =>
  beforeIn(key, material.before, beatOf(material));

/** The chords of a line as they are heard, in a clear register; null where they lie too high then. */
export function heardLine(key: Key, numerals: readonly string[], material: Material): HeardInKey | null {
  const line = chordLine(key, numerals);
  const clear = line && cleared(chordsIn(line.chords));
  if (!clear) return null;
  return {
    key: printKey(key),
    before: beforeOf(key, material),
    sound: inTime(printed(clear), BEATS_A_CHORD * beatOf(material)),
  };
}

/** A line of what has been taught, to a cadence of the material where one is asked for. */
export function rollHeard(dice: Dice, material: Material, toCadence: boolean) {
  const rolled = toCadence ? rollLineTo(dice, material) : rollTaughtLine(dice, material);
  const heard = rolled && heardLine(rolled.key, rolled.line, material);
  return heard && { ...rolled, heard };
}
