import { TheoryError } from '../errors';
import { printKey, type Key } from '../key/key';
import type { ScaleForm } from '../key/scale';
import { pitchClass } from '../pitch/note';

/** Fingers from the tonic up to the tonic an octave above, thumb = 1, for each hand. */
export interface ScaleFingering {
  readonly right: readonly number[];
  readonly left: readonly number[];
}

const fingers = (text: string) => [...text].map(Number);
const hands = (right: string, left: string): ScaleFingering => ({
  right: fingers(right),
  left: fingers(left),
});

/**
 * Major scales by the keyboard place of their tonic (0 = C). Common practice:
 * C G D A E use 1-2-3-1-2-3-4-5; from F on through the flats the right thumb
 * falls on C and F. Hands differ, so they are suggestions.
 */
const MAJOR: readonly ScaleFingering[] = [
  hands('12312345', '54321321'), // C
  hands('23123412', '32143213'), // D flat
  hands('12312345', '54321321'), // D
  hands('21234123', '32143213'), // E flat
  hands('12312345', '54321321'), // E
  hands('12341234', '54321321'), // F
  hands('23412312', '43213214'), // G flat, F sharp
  hands('12312345', '54321321'), // G
  hands('23123123', '32143213'), // A flat
  hands('12312345', '54321321'), // A
  hands('21231234', '32143213'), // B flat
  hands('12312345', '43214321'), // B
];

/** Natural and harmonic minor scales (common practice). */
const MINOR: readonly ScaleFingering[] = [
  hands('12312345', '54321321'), // C
  hands('34123123', '32143213'), // C sharp
  hands('12312345', '54321321'), // D
  hands('31234123', '21432132'), // E flat
  hands('12312345', '54321321'), // E
  hands('12341234', '54321321'), // F
  hands('34123123', '43213214'), // F sharp
  hands('12312345', '54321321'), // G
  hands('34123123', '32143213'), // G sharp
  hands('12312345', '54321321'), // A
  hands('21231234', '21321432'), // B flat
  hands('12312345', '43214321'), // B
];

/** Where a form moves a black key under the thumb, its own fingering. */
const FORM_CHANGES: Partial<Record<ScaleForm, Record<number, ScaleFingering>>> = {
  natural: { 8: hands('34123123', '32132143') },
  melodic: { 1: hands('34123412', '32143213'), 6: hands('34123412', '43213214') },
};

/**
 * Fingering of a major or minor scale, one octave up, both hands. The melodic
 * minor is the ascending form; it comes down as the natural. Throws TheoryError
 * `key` for a church mode, which has no settled table.
 */
export function scaleFingering(key: Key, form: ScaleForm = 'natural'): ScaleFingering {
  const place = pitchClass(key.tonic);
  if (key.mode === 'major') return MAJOR[place]!;
  if (key.mode === 'minor') return FORM_CHANGES[form]?.[place] ?? MINOR[place]!;
  throw new TheoryError(
    'key',
    printKey(key),
    'there is no settled fingering for a church mode.',
    'Take the fingering of the major scale with the same signature.',
  );
}
