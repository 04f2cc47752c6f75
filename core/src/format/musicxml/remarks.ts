import { counted } from '../lineFile';

/** What a reader passes over, counted by kind and told at the end with the bar where it was first met. */
export class Remarks {
  private readonly found = new Map<
    string,
    { count: number; readonly bar: string; readonly told: RemarkWords }
  >();

  add(told: RemarkWords, bar: string): void {
    const known = this.found.get(told.one);
    if (known) known.count++;
    else this.found.set(told.one, { count: 1, bar, told });
  }

  /** In words; without some kinds, where those are carried after all. */
  sentences(without: readonly RemarkWords[] = []): string[] {
    const told = [...this.found.values()].filter(({ told }) => !without.includes(told));
    return told.map(({ count, bar, told: { one, many, what } }) => {
      const where = count === 1 ? `in ${bar}` : `first in ${bar}`;
      return `${counted(count, one, many)} ${count === 1 ? 'was' : 'were'} ${what} (${where}).`;
    });
  }
}

/** What is passed over: one of them, several, and what was done. */
export interface RemarkWords {
  readonly one: string;
  readonly many: string;
  readonly what: string;
}

const left = (one: string, many = `${one}s`): RemarkWords => ({ one, many, what: 'left out' });

export const LEFT = {
  grace: left('grace note'),
  unpitched: left('note of percussion', 'notes of percussion'),
  pitch: { one: 'note without a readable pitch', many: 'notes without a readable pitch', what: 'left out' },
  quarterTone: { one: 'quarter tone', many: 'quarter tones', what: 'taken to the nearest half step' },
  duration: {
    one: 'duration that is not a number',
    many: 'durations that are no numbers',
    what: 'taken for none',
  },
  keys: { one: 'further change of key', many: 'further changes of key', what: 'passed over' },
  signature: { one: 'signature that no key has', many: 'signatures that no key has', what: 'passed over' },
  metre: {
    one: 'metre that a line cannot have',
    many: 'metres that a line cannot have',
    what: 'passed over',
  },
  harmony: {
    one: 'chord symbol without notes of its own',
    many: 'chord symbols without notes of their own',
    what: 'passed over',
  },
  noChord: {
    one: 'place without a chord (N.C.)',
    many: 'places without a chord (N.C.)',
    what: 'passed over',
  },
  verse: left('further verse'),
  pedal: left('pedal mark'),
  ending: { one: 'third or later ending', many: 'third or later endings', what: 'left out' },
  uneven: {
    one: 'bar that a part does not fill as it should',
    many: 'bars that a part does not fill as it should',
    what: 'read as written',
  },
  rest: { one: 'shorter rest', many: 'shorter rests', what: 'taken into the chord before' },
} as const satisfies Record<string, RemarkWords>;
