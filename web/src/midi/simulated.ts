import { writeMessage } from './message';
import type { MidiSource } from './sources';

/** Keys of the computer keyboard in two rows, as on a piano: the middle row is white, the one above black. */
export const PIANO_KEYS = [
  'a',
  'w',
  's',
  'e',
  'd',
  'f',
  't',
  'g',
  'y',
  'h',
  'u',
  'j',
  'k',
  'o',
  'l',
] as const;
const LOWEST = 60;

/** The piano key of a key of the computer keyboard; null where it has none. */
export function pianoKeyOf(key: string): number | null {
  const at = (PIANO_KEYS as readonly string[]).indexOf(key.toLowerCase());
  return at < 0 ? null : LOWEST + at;
}

/**
 * A MIDI keyboard without a device: what presses its keys is the page. It sends the bytes that a real one
 * would.
 */
export interface SimulatedKeyboard extends MidiSource {
  readonly press: (key: number) => void;
  readonly release: (key: number) => void;
}

/** Makes a simulated MIDI keyboard. */
export function simulatedKeyboard(): SimulatedKeyboard {
  let listener: ((data: Uint8Array) => void) | null = null;
  return {
    id: 'simulated',
    name: 'Simulated keyboard',
    listen: (next) => {
      listener = next;
      return () => {
        listener = null;
      };
    },
    press: (key) => listener?.(writeMessage({ kind: 'on', key })),
    release: (key) => listener?.(writeMessage({ kind: 'off', key })),
  };
}
