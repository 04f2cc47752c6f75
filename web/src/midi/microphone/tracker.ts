import { PitchDetector } from 'pitchy';

/** What is heard: a note that begins, with how far it is from its place in cents, or the end of the one before. */
export type HeardNote =
  | { readonly kind: 'on'; readonly key: number; readonly cents: number }
  | { readonly kind: 'off'; readonly key: number };

export interface TrackerOptions {
  /** Samples a second. */
  readonly rate: number;
  /** The A over middle C, in hertz. */
  readonly tuning: number;
}

/** So many samples are looked at, which are two periods of C2 and more, and so many come between two looks. */
const WINDOW = 2048;
const HOP = 512;
/** Clearer than this a frame has a pitch; louder than this it is no silence (full scale is 1). */
const CLEAR = 0.86;
const LOUD = 0.004;
/** So many frames of the same key begin a note, so many without one end it. */
const BEGINS = 3;
const ENDS = 4;
/** A note that swells to twice its loudness of the last frames is struck again. */
const STRUCK_AGAIN = 2.2;
/** From C1 to C8. */
const [LOWEST, HIGHEST] = [24, 108];

/** Hears single notes in what comes from a microphone, block by block. */
export class NoteTracker {
  private readonly detector = PitchDetector.forFloat32Array(WINDOW);
  private readonly window = new Float32Array(WINDOW);
  private filled = 0;
  private since = 0;
  /** The key of the last frames, and how many there were of it. */
  private candidate = { key: -1, frames: 0, cents: 0 };
  private silent = 0;
  private sounding = -1;
  private loudness = 0;

  constructor(private readonly options: TrackerOptions) {}

  /** Takes a block of samples of any length; gives what begins and ends in it. */
  push(block: Float32Array): HeardNote[] {
    const heard: HeardNote[] = [];
    for (let at = 0; at < block.length;) {
      const room = Math.min(block.length - at, HOP - this.since);
      this.window.copyWithin(0, room);
      this.window.set(block.subarray(at, at + room), WINDOW - room);
      at += room;
      this.filled = Math.min(WINDOW, this.filled + room);
      this.since += room;
      if (this.since < HOP) continue;
      this.since = 0;
      if (this.filled === WINDOW) heard.push(...this.look());
    }
    return heard;
  }

  /** Looks at the window as it stands. */
  private look(): HeardNote[] {
    const { rate, tuning } = this.options;
    const loudness = Math.sqrt(this.window.reduce((sum, one) => sum + one * one, 0) / WINDOW);
    const [pitch, clarity] = loudness < LOUD ? [0, 0] : this.detector.findPitch(this.window, rate);
    const place = pitch > 0 ? 69 + 12 * Math.log2(pitch / tuning) : -1;
    const key = clarity >= CLEAR && place >= LOWEST && place <= HIGHEST ? Math.round(place) : -1;
    const isStruck = key >= 0 && key === this.sounding && loudness > STRUCK_AGAIN * this.loudness;
    this.loudness = this.loudness === 0 ? loudness : 0.7 * this.loudness + 0.3 * loudness;
    if (key < 0) return this.quiet();
    this.silent = 0;
    const cents = 100 * (place - key);
    const { candidate } = this;
    const goesOn = candidate.key === key && !isStruck;
    this.candidate = goesOn
      ? { key, frames: candidate.frames + 1, cents: candidate.cents + cents }
      : { key, frames: 1, cents };
    if (isStruck) return this.ended();
    if (key === this.sounding || this.candidate.frames < BEGINS) return [];
    const ended = this.ended();
    this.sounding = key;
    return [...ended, { kind: 'on', key, cents: Math.round(this.candidate.cents / this.candidate.frames) }];
  }

  private ended(): HeardNote[] {
    const key = this.sounding;
    this.sounding = -1;
    return key < 0 ? [] : [{ kind: 'off', key }];
  }

  private quiet(): HeardNote[] {
    this.candidate = { key: -1, frames: 0, cents: 0 };
    this.silent++;
    if (this.silent < ENDS) return [];
    this.loudness = 0;
    return this.ended();
  }
}
