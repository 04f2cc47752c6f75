import { frequency, type Note } from '@diatonix/core';
import type { Sampler } from 'tone';
import { create } from 'zustand';

/** What is sounding now: the column being played, −1 for none. */
interface Playback {
  readonly playing: boolean;
  readonly loading: boolean;
  readonly column: number;
  readonly problem: string | null;
}

export const usePlayback = create<Playback>()(() => ({ playing: false, loading: false, column: -1, problem: null }));

/** Moderate to begin with; the page asks to check headphones. */
const LEVEL_DB = -14;
const NOTE_GAP_SECONDS = 0.45;

export interface Instrument {
  readonly sampler: Sampler;
  readonly resume: () => Promise<void>;
}

let loading: Promise<Instrument> | null = null;

function load(): Promise<Instrument> {
  loading ??= import('./instrument').then(({ loadPiano }) => loadPiano(LEVEL_DB));
  loading.catch(() => {
    loading = null;
  });
  return loading;
}

let timers: ReturnType<typeof setTimeout>[] = [];
let run = 0;

/** Silences everything and takes the column mark away. */
export function stop(): void {
  run++;
  for (const timer of timers) clearTimeout(timer);
  timers = [];
  usePlayback.setState({ playing: false, loading: false, column: -1 });
  void loading?.then(({ sampler }) => sampler.releaseAll()).catch(() => undefined);
}

export interface PlayOptions {
  /** Seconds for each column. */
  readonly seconds: number;
  /** Number of the first column, for the moving mark. */
  readonly from: number;
  /** Together, or one note after the other from the lowest. */
  readonly manner: 'together' | 'note by note';
  /** Begins again at the end, until it is stopped. */
  readonly loop?: boolean;
}

/** Plays columns of notes one after the other, moving the mark along. */
export async function play(columns: readonly (readonly Note[])[], options: PlayOptions): Promise<void> {
  const { seconds, from, manner, loop = false } = options;
  stop();
  const own = ++run;
  usePlayback.setState({ playing: true, loading: true, problem: null });
  let instrument: Instrument;
  try {
    instrument = await load();
    await instrument.resume();
  } catch {
    if (run === own)
      usePlayback.setState({ playing: false, loading: false, problem: 'The sounds could not be loaded. Reload the page to try again.' });
    return;
  }
  if (run !== own) return;
  usePlayback.setState({ loading: false });
  const { sampler } = instrument;
  const start = sampler.now() + 0.08;
  let at = 0;
  columns.forEach((notes, index) => {
    const pitches = notes.map(frequency).sort((a, b) => a - b);
    const length = manner === 'together' ? seconds : Math.max(seconds, pitches.length * NOTE_GAP_SECONDS + 0.6);
    pitches.forEach((pitch, i) => {
      const delay = manner === 'together' ? 0 : i * NOTE_GAP_SECONDS;
      sampler.triggerAttackRelease(pitch, Math.max(0.2, length - delay - 0.05), start + at + delay, 0.75);
    });
    timers.push(setTimeout(() => run === own && usePlayback.setState({ column: from + index }), (at + 0.08) * 1000));
    at += length;
  });
  const end = () => (loop ? void play(columns, options) : stop());
  timers.push(setTimeout(() => run === own && end(), (at + 0.1) * 1000));
}
