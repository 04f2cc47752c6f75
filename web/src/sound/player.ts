import { midiNumber, type Note } from '@diatonix/core';
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

type Tone = typeof import('tone');
interface Instrument {
  readonly tone: Tone;
  readonly sampler: import('tone').Sampler;
}

let loading: Promise<Instrument> | null = null;

function load(): Promise<Instrument> {
  loading ??= (async () => {
    const [tone, samples] = await Promise.all([import('tone'), import('virtual:piano-samples')]);
    // The timeout clock needs no worker made from a blob, which the page forbids.
    tone.setContext(new tone.Context({ clockSource: 'timeout', latencyHint: 'interactive' }));
    const sampler = new tone.Sampler({ urls: samples.default, release: 1.2, volume: LEVEL_DB }).toDestination();
    await tone.loaded();
    return { tone, sampler };
  })();
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
}

/** Plays columns of notes one after the other, moving the mark along. */
export async function play(columns: readonly (readonly Note[])[], { seconds, from, manner }: PlayOptions): Promise<void> {
  stop();
  const own = ++run;
  usePlayback.setState({ playing: true, loading: true, problem: null });
  let instrument: Instrument;
  try {
    instrument = await load();
    await instrument.tone.start();
  } catch {
    if (run === own)
      usePlayback.setState({ playing: false, loading: false, problem: 'The sounds could not be loaded. Reload the page to try again.' });
    return;
  }
  if (run !== own) return;
  usePlayback.setState({ loading: false });
  const { tone, sampler } = instrument;
  const start = tone.now() + 0.08;
  let at = 0;
  columns.forEach((notes, index) => {
    const names = [...notes].sort((a, b) => midiNumber(a) - midiNumber(b)).map((note) => tone.Frequency(midiNumber(note), 'midi').toNote());
    const length = manner === 'together' ? seconds : Math.max(seconds, names.length * NOTE_GAP_SECONDS + 0.6);
    names.forEach((name, i) => {
      const delay = manner === 'together' ? 0 : i * NOTE_GAP_SECONDS;
      sampler.triggerAttackRelease(name, Math.max(0.2, length - delay - 0.05), start + at + delay, 0.75);
    });
    timers.push(setTimeout(() => run === own && usePlayback.setState({ column: from + index }), (at + 0.08) * 1000));
    at += length;
  });
  timers.push(setTimeout(() => run === own && stop(), (at + 0.1) * 1000));
}
