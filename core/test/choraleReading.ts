/**
 * Chorales by J. S. Bach with an expert's labels (music21's corpus; analysts Andrew Jones and Dmitri
 * Tymoczko, proofreader Hamish Robb), and how far a reading from the notes alone agrees with them.
 */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  parseMetre,
  parseNote,
  printKey,
  printNoteName,
  stackedNotes,
  TICKS_A_QUARTER,
  type Chord,
  type Key,
  type ScoreReading,
  type ScoreToRead,
} from '../src';

export const CHORALES = ['001', '002', '004', '006', '008', '012', '016'] as const;
/** Twelve more of the same analysts, by which the weights of the reading are fitted as well. */
export const MORE_CHORALES = [
  ...['003', '005', '007', '009', '010', '013'],
  ...['014', '015', '017', '018', '019', '020'],
] as const;

interface Table {
  readonly signature: number;
  readonly time: string;
  readonly measures: readonly (readonly [number, string])[];
  readonly fermatas: readonly string[];
  readonly notes: readonly (readonly [string, string, string, number])[];
  readonly labels: readonly {
    readonly at: string;
    readonly for: string;
    readonly key: string;
    readonly numeral: string;
    readonly root: string;
    readonly bass: string;
    readonly notes: readonly string[];
  }[];
}

/** The score of a chorale and its labels, times in ticks. */
export interface Chorale {
  readonly name: string;
  readonly score: ScoreToRead;
  readonly labels: readonly (Said & { readonly from: number; readonly to: number })[];
}

/** What is said of a chord: key, root, lowest note, and its notes as a set. */
export interface Said {
  readonly key: string;
  readonly root: string;
  readonly bass: string;
  readonly notes: string;
}

const ticks = (text: string) => {
  const [over, under = '1'] = text.split('/');
  return Math.round((Number(over) * TICKS_A_QUARTER) / Number(under));
};

/** `folder` holds `chorale-001.json` and the others. */
export function chorale(name: string, folder = join(__dirname, 'oracles')): Chorale {
  const table = JSON.parse(readFileSync(join(folder, `chorale-${name}.json`), 'utf8')) as Table;
  const metre = parseMetre(table.time);
  const notes = table.notes.map(([at, length, pitch, part]) => ({
    onset: ticks(at),
    end: ticks(at) + ticks(length),
    note: parseNote(pitch),
    part,
    voice: String(part),
  }));
  const end = Math.max(...notes.map((note) => note.end));
  const bars = table.measures.map(([number, at], index) => ({
    number,
    from: ticks(at),
    to: table.measures[index + 1] ? ticks(table.measures[index + 1]![1]) : end,
    metre,
  }));
  const signatures = [{ at: 0, fifths: table.signature }];
  return {
    name,
    score: { notes, bars, signatures, fermatas: table.fermatas.map(ticks) },
    labels: table.labels.map((label) => ({
      from: ticks(label.at),
      to: ticks(label.at) + ticks(label.for),
      key: label.key,
      root: label.root,
      bass: label.bass,
      notes: [...new Set(label.notes)].sort().join(' '),
    })),
  };
}

export function said({ key, chord }: { readonly key: Key; readonly chord: Chord }): Said {
  return {
    key: printKey(key),
    root: printNoteName(chord.root),
    bass: printNoteName(chord.bass),
    notes: [...new Set(stackedNotes(chord).map((note) => printNoteName(note)))].sort().join(' '),
  };
}

/** Ticks of agreement: in all of key, chord and lowest note; in chord and lowest note; in root; in key; shown. */
export interface Agreement {
  total: number;
  full: number;
  chord: number;
  root: number;
  key: number;
  shown: number;
}

export const sum = (all: readonly Agreement[]): Agreement =>
  all.reduce(
    (into, one) => {
      for (const name of Object.keys(into) as (keyof Agreement)[]) into[name] += one[name];
      return into;
    },
    { total: 0, full: 0, chord: 0, root: 0, key: 0, shown: 0 },
  );

export function agreement({ labels }: Chorale, { chords }: ScoreReading): Agreement {
  const result = sum([]);
  const ours = chords.map((chord) => ({ chord, own: said(chord), shown: chord.readings.map(said) }));
  const sameChord = (a: Said, b: Said) => a.bass === b.bass && a.notes === b.notes;
  for (const label of labels) {
    result.total += label.to - label.from;
    for (const { chord, own, shown } of ours) {
      const over = Math.min(label.to, chord.to) - Math.max(label.from, chord.from);
      if (over <= 0) continue;
      const [key, same] = [own.key === label.key, sameChord(own, label)];
      if (key && same) result.full += over;
      if (same) result.chord += over;
      if (own.root === label.root) result.root += over;
      if (key) result.key += over;
      if (shown.some((one) => one.key === label.key && sameChord(one, label))) result.shown += over;
    }
  }
  return result;
}
