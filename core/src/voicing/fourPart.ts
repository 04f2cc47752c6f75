import { memberNote, type Chord } from '../chord/chord';
import { perObject } from '../memo';
import { midiNumber, sameName, type Note, type NoteName } from '../pitch/note';
import { parseNote } from '../pitch/parse';
import { RANGES, VOICES } from './register';

/** Soprano, alto, tenor, bass. */
export type FourNotes = readonly [Note, Note, Note, Note];

/** One legal setting of a chord in four voices; lower `cost` is the plainer one. */
export interface FourPartSetting {
  readonly notes: FourNotes;
  readonly cost: number;
}

const OCTAVE = 12;
/**
 * Costs of what is allowed but not the plainest (common practice: root doubled, all members there, voices
 * apart).
 */
const COST = {
  fifthLeftOut: 3,
  tripled: 2,
  thirdDoubled: 2.5,
  fifthDoubled: 1,
  unison: 1.5,
  wideTenor: 0.15,
  centre: 0.06,
};
const CENTRES = [70, 64, 57, 48];

/**
 * Every setting of a chord of three or four notes in four voices: within the
 * ranges, no voices crossed, soprano–alto and alto–tenor at most an octave
 * apart, all members there but for a plain fifth in root position. Plainest
 * first. Notes that must never be doubled are left to the rules of a line.
 */
export const fourPartSettings: (chord: Chord) => readonly FourPartSetting[] = perObject(buildSettings);

function buildSettings(chord: Chord): FourPartSetting[] {
  const names = chord.members.map((m) => memberNote(chord.root, m));
  const settings: FourPartSetting[] = [];
  for (const bass of placed(chord.bass, 3)) {
    for (const { upper, cost } of upperNames(chord, names)) {
      for (const tenor of placed(upper[0]!, 2)) {
        if (midiNumber(tenor) < midiNumber(bass)) continue;
        for (const alto of placed(upper[1]!, 1)) {
          if (tooFar(tenor, alto)) continue;
          for (const soprano of placed(upper[2]!, 0)) {
            if (tooFar(alto, soprano)) continue;
            settings.push({
              notes: [soprano, alto, tenor, bass],
              cost: cost + layoutCost([soprano, alto, tenor, bass]),
            });
          }
        }
      }
    }
  }
  return settings.sort((a, b) => a.cost - b.cost);
}

/** Whether the upper voice lies below the lower, or more than an octave above it. */
function tooFar(lower: Note, upper: Note): boolean {
  const gap = midiNumber(upper) - midiNumber(lower);
  return gap < 0 || gap > OCTAVE;
}

/** A name wherever it lies in a voice's range; voices count from the soprano. */
function placed(name: NoteName, voice: number): Note[] {
  const [low, high] = RANGES[VOICES[voice]!];
  const notes: Note[] = [];
  for (let octave = 1; octave <= 6; octave++) {
    const note = { step: name.step, alteration: name.alteration, octave };
    const height = midiNumber(note);
    if (height >= low && height <= high) notes.push(note);
  }
  return notes;
}

/** What tenor, alto and soprano may take together, in every order, with what the choice of doubling costs. */
function upperNames(chord: Chord, names: readonly NoteName[]): { upper: NoteName[]; cost: number }[] {
  const choices: { upper: NoteName[]; cost: number }[] = [];
  const [root, fifth] = [
    chord.root,
    names[chord.members.findIndex((m) => m.degree === 5 && m.alteration === 0)],
  ];
  const inRoot = sameName(chord.bass, root);
  for (const a of names) {
    for (const b of names) {
      for (const c of names) {
        const all = [chord.bass, a, b, c];
        const missing = names.filter((name) => !all.some((other) => sameName(other, name)));
        const withoutFifth =
          missing.length === 1 && fifth !== undefined && inRoot && sameName(missing[0]!, fifth);
        if (missing.length > 0 && !withoutFifth) continue;
        choices.push({
          upper: [a, b, c],
          cost: doublingCost(chord, all) + (withoutFifth ? COST.fifthLeftOut : 0),
        });
      }
    }
  }
  return choices;
}

function doublingCost(chord: Chord, all: readonly NoteName[]): number {
  let cost = 0;
  for (const member of chord.members) {
    const name = memberNote(chord.root, member);
    const count = all.filter((other) => sameName(other, name)).length;
    if (count < 2) continue;
    if (count > 2) cost += COST.tripled * (count - 2);
    const six = sameName(name, chord.bass) && member.degree === 5;
    if (member.degree === 3) cost += COST.thirdDoubled;
    else if (member.degree >= 7) cost += COST.thirdDoubled * 2;
    else if (member.degree === 5) cost += six ? 0 : COST.fifthDoubled;
  }
  return cost;
}

function layoutCost(notes: FourNotes): number {
  const heights = notes.map(midiNumber);
  let cost = 0;
  for (let i = 0; i < 3; i++) if (heights[i] === heights[i + 1]) cost += COST.unison;
  cost += COST.wideTenor * Math.max(0, heights[2]! - heights[3]! - OCTAVE);
  heights.forEach((height, i) => (cost += COST.centre * Math.abs(height - CENTRES[i]!)));
  return cost;
}

/**
 * Four locked notes, from the soprano, as a setting; null where a voice is free. Throws TheoryError for an
 * unreadable note.
 */
export function lockedVoices(locks: readonly (string | null)[] | null | undefined): FourNotes | null {
  if (locks?.length !== VOICES.length || locks.includes(null)) return null;
  return locks.map((note) => parseNote(note!)) as unknown as FourNotes;
}
