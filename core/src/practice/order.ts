import { keyFromSignature, printKey } from '../key/key';

/** In what order the keys come: sharps and flats by turns, flats first, or sharps first. */
export const KEY_ORDERS = ['circle', 'flats', 'sharps'] as const;
export type KeyOrder = (typeof KEY_ORDERS)[number];
export const KEY_MODES = ['major', 'minor', 'both'] as const;
export type KeyModes = (typeof KEY_MODES)[number];

/**
 * The keys round the circle from the plainest on, up to so many sharps or flats (0 to 6); each minor key after its
 * relative major. Six sharps stand for six flats too (common practice).
 */
export function keysInOrder(order: KeyOrder, modes: KeyModes, most: number): string[] {
  const flats = Array.from({ length: Math.min(most, 6) }, (_, at) => -(at + 1));
  const sharps = flats.map((fifths) => -fifths);
  const alternating = sharps.flatMap((fifths) => (fifths === 6 ? [fifths] : [fifths, -fifths]));
  // Six of one are six of the other: the keys are played once.
  const round =
    order === 'circle'
      ? alternating
      : order === 'flats'
        ? [...flats, ...sharps.filter((fifths) => fifths < 6)]
        : [...sharps, ...flats.filter((fifths) => fifths > -6)];
  return [0, ...round].flatMap((fifths) =>
    (modes === 'both' ? (['major', 'minor'] as const) : [modes]).map((mode) =>
      printKey(keyFromSignature(fifths, mode)),
    ),
  );
}
