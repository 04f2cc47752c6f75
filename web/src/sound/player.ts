import { frequency, type Note } from '@diatonix/core';
import type { Sampler } from 'tone';
import { create } from 'zustand';
import { fetchScript } from '../fetchScript';

/** What is sounding now: the column being played, −1 for none. */
interface Playback {
  readonly playing: boolean;
  readonly loading: boolean;
  readonly column: number;
  /** Which of several versions sounds, from 0. */
  readonly version: number;
  readonly problem: string | null;
}

export const usePlayback = create<Playback>()(() => ({
  playing: false,
  loading: false,
  column: -1,
  version: 0,
  problem: null,
}));

/** Moderate to begin with; the page asks to check headphones. */
const LEVEL_DB = -14;
const NOTE_GAP_SECONDS = 0.45;

export interface SampledInstrument {
  readonly sampler: Sampler;
  readonly resume: () => Promise<void>;
}

let loading: Promise<SampledInstrument> | null = null;

function load(): Promise<SampledInstrument> {
  loading ??= fetchScript(() => import('./instrument')).then(({ loadPiano }) => loadPiano(LEVEL_DB));
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
  usePlayback.setState({ playing: false, loading: false, column: -1, version: 0 });
  void loading?.then(({ sampler }) => sampler.releaseAll()).catch(() => undefined);
}

/** One column as it sounds: notes with their beginnings and ends in seconds from its own beginning. */
export interface Sounding {
  /** Its number in the grid, for the moving mark. */
  readonly column: number;
  readonly seconds: number;
  readonly notes: readonly { readonly note: Note; readonly from: number; readonly to: number }[];
}

export interface PerformOptions {
  /** Begins again at the end, until it is stopped. */
  readonly loop?: boolean;
  /** Clicks before the beginning: how many, and how far apart. */
  readonly countIn?: { readonly beats: number; readonly seconds: number } | null;
}

const LEAD_SECONDS = 0.08;
/** Detached a little, so that a repeated note is heard twice. */
const GAP_SECONDS = 0.05;
const SHORTEST_SECONDS = 0.15;
const LOUDNESS = 0.75;
/** The click of the count-in, high above the music; the first of a bar higher. */
const CLICKS = { first: 3520, others: 2637, seconds: 0.06, loudness: 0.5 };

/** Plays versions of a line one after the other (usually one), moving the mark along. */
export async function perform(
  versions: readonly (readonly Sounding[])[],
  options: PerformOptions = {},
): Promise<void> {
  const { loop = false, countIn = null } = options;
  stop();
  const own = ++run;
  usePlayback.setState({ playing: true, loading: true, version: 0, problem: null });
  let instrument: SampledInstrument;
  try {
    instrument = await load();
    await instrument.resume();
  } catch {
    if (run === own)
      usePlayback.setState({
        playing: false,
        loading: false,
        problem: 'The sounds could not be loaded. Reload the page to try again.',
      });
    return;
  }
  if (run !== own) return;
  usePlayback.setState({ loading: false });
  const { sampler } = instrument;
  const later = (seconds: number, act: () => void) =>
    timers.push(setTimeout(() => run === own && act(), seconds * 1000));
  const sound = (pitch: number, seconds: number, at: number, loudness: number) =>
    sampler.triggerAttackRelease(pitch, seconds, at, loudness);

  const start = (version: number, counted: boolean) => {
    const begin = sampler.now() + LEAD_SECONDS;
    let at = 0;
    if (!counted && countIn)
      for (let beat = 0; beat < countIn.beats; beat++, at += countIn.seconds)
        sound(beat === 0 ? CLICKS.first : CLICKS.others, CLICKS.seconds, begin + at, CLICKS.loudness);
    for (const { column, seconds, notes } of versions[version] ?? []) {
      for (const { note, from, to } of notes)
        sound(
          frequency(note),
          Math.max(SHORTEST_SECONDS, to - from - GAP_SECONDS),
          begin + at + from,
          LOUDNESS,
        );
      later(at + LEAD_SECONDS, () => usePlayback.setState({ column, version }));
      at += seconds;
    }
    later(at + LEAD_SECONDS, () => {
      if (version + 1 < versions.length) start(version + 1, true);
      else if (loop && at > 0) start(0, true);
      else stop();
    });
  };
  start(0, false);
}

export interface PlayOptions {
  /** Seconds for each column. */
  readonly seconds: number;
  /** Number of the first column, for the moving mark. */
  readonly from: number;
  /** Together, or one note after the other from the lowest. */
  readonly manner: 'together' | 'note by note';
  readonly loop?: boolean;
}

/** Plays columns of notes one after the other, all equally long. */
export function play(
  columns: readonly (readonly Note[])[],
  { seconds, from, manner, loop = false }: PlayOptions,
): Promise<void> {
  const line = columns.map((notes, index): Sounding => {
    const sorted = [...notes].sort((a, b) => frequency(a) - frequency(b));
    const length =
      manner === 'together' ? seconds : Math.max(seconds, sorted.length * NOTE_GAP_SECONDS + 0.6);
    return {
      column: from + index,
      seconds: length,
      notes: sorted.map((note, at) => ({
        note,
        from: manner === 'together' ? 0 : at * NOTE_GAP_SECONDS,
        to: length,
      })),
    };
  });
  return perform([line], { loop });
}
