/** A key going down or up, read from the bytes of a MIDI message. */
export interface KeyMessage {
  readonly kind: 'on' | 'off';
  /** 0–127, C4 = 60. */
  readonly key: number;
}

const NOTE_OFF = 0x80;
const NOTE_ON = 0x90;
const KIND = 0xf0;
const MOST = 127;

/**
 * Reads a channel message of MIDI 1.0: note on (with velocity 0 it is a note
 * off) and note off, on any channel. Null for everything else.
 */
export function readMessage(data: ArrayLike<number>): KeyMessage | null {
  const [status = 0, key = -1, velocity = 0] = [data[0], data[1], data[2]];
  const kind = status & KIND;
  if (data.length < 3 || key < 0 || key > MOST || (kind !== NOTE_ON && kind !== NOTE_OFF)) return null;
  return { kind: kind === NOTE_ON && velocity > 0 ? 'on' : 'off', key };
}

/** The bytes of a message, on the first channel at a moderate velocity. */
export function writeMessage({ kind, key }: KeyMessage): Uint8Array {
  return new Uint8Array([kind === 'on' ? NOTE_ON : NOTE_OFF, key, kind === 'on' ? 80 : 0]);
}
