import { makeChord } from '../../../chord/chord';
import { TheoryError } from '../../../errors';
import { halfSteps, intervalBetween, parseInterval, printInterval } from '../../../interval/interval';
import { midiNumber } from '../../../pitch/note';
import { printNote, printNoteName } from '../../../pitch/print';
import { nameChordWorking } from '../../../working/chordWorking';
import { intervalWorking } from '../../../working/intervalWorking';
import { textIn } from '../../ask/given';
import type { Dice } from '../../ask/dice';
import { LISTENED, type Listened, type Material } from '../../ask/material';
import type { Asking, Given } from '../../ask/question';
import { ASK_CADENCE_NAME } from '../cadenceName/ask';
import { INVERSIONS_OF, rollChord, setOnStaff } from '../chordName/ask';
import { chordOfQuality, namesOfNotes, QUALITIES } from '../chordName/qualities';
import { rollInterval } from '../intervalName/ask';
import { soundIn } from './sound';

/** The names by which simple intervals go that are heard alike: a tritone is both augmented and diminished. */
const HEARD = [
  ...['m2', 'M2', 'A2', 'm3', 'M3', 'd4', 'P4', 'A4', 'd5', 'P5', 'A5', 'm6', 'M6', 'd7', 'A6', 'm7'],
  ...['M7', 'P8', 'P1'],
];

const ofIn = (given: Given) => textIn(given, 'of') as Listened;
/** The same sound as a question of cadences on paper. */
const asCadence = (given: Given): Given => ({ key: given['key'], chords: given['sound'] });

function rollSound(dice: Dice, material: Material, of: Listened): Given | null {
  const wide = { ...material, accidentals: 'single', ledgerLines: 2 } as const;
  if (of === 'interval') {
    const found = rollInterval(dice, wide);
    if (!found || halfSteps(found.interval) < 0) return null;
    return { of, sound: [[printNote(found.from)], [printNote(found.to)]] };
  }
  if (of === 'cadence') {
    const rolled = ASK_CADENCE_NAME.roll(dice, material);
    return rolled && { of, key: rolled['key'], sound: rolled['chords'] };
  }
  const family = of === 'seventh' ? QUALITIES.seventh.slice(0, 5) : QUALITIES.triad;
  // An augmented triad is the same in every inversion.
  const qualities = of === 'inversion' ? ['major', 'minor'] : family;
  const found = rollChord(dice, {
    ...wide,
    qualities,
    inversions:
      of === 'inversion' ? [0, 1, 2] : of === 'seventh' ? [0] : material.inversions.filter((one) => one < 3),
  });
  const notes = found && setOnStaff(dice, found.chord, found.clef, 'close', 2);
  return notes && { of, sound: [notes.map(printNote)] };
}

/** The chord that notes make. Throws TheoryError for notes that are none. */
function chordHeard(notes: Parameters<typeof namesOfNotes>[0]): ReturnType<typeof namesOfNotes>[number] {
  const [name] = namesOfNotes(notes);
  if (name) return name;
  throw new TheoryError(
    'request',
    notes.map((one) => printNoteName(one)).join(' '),
    'these notes are no triad or seventh chord.',
    'Give the notes of one chord: E4 G4 C5.',
  );
}

/** Something is played, and named: an interval, the quality of a triad or a seventh chord, an inversion, a cadence. */
export const ASK_LISTEN: Asking = {
  id: 'listen',
  takes: ['listened', 'keys', 'clefs', 'intervals', 'compound', 'inversions', 'cadences'],
  usual: { inversions: [0] },
  inversions: INVERSIONS_OF.triad,
  roll: (dice, material) => rollSound(dice, material, dice.pick(material.listened)),
  answers(given) {
    const sound = soundIn(given);
    switch (ofIn(given)) {
      case 'interval': {
        const interval = intervalBetween(sound[0]![0]!, sound[1]![0]!);
        const octave = interval.number > 8 ? 7 : 0;
        const alike = HEARD.flatMap((text) => {
          const one = parseInterval(text);
          const wider = { ...one, number: one.number + octave };
          return halfSteps(wider) === halfSteps(interval) ? [printInterval(wider)] : [];
        });
        const own = printInterval(interval);
        return [own, ...alike.filter((one) => one !== own)];
      }
      case 'triad':
      case 'seventh':
        return [chordHeard(sound[0]!).quality];
      case 'inversion':
        return [chordHeard(sound[0]!).inversion];
      case 'cadence':
        return ASK_CADENCE_NAME.answers(asCadence(given));
      default:
        throw new TheoryError(
          'request',
          textIn(given, 'of'),
          'this is not heard.',
          `Choose ${LISTENED.join(', ')}.`,
        );
    }
  },
  difficulty(given) {
    const sound = soundIn(given);
    const of = ofIn(given);
    if (of === 'cadence') return { sound: 1.2 };
    if (of === 'interval') {
      const wide = Math.abs(midiNumber(sound[1]![0]!) - midiNumber(sound[0]![0]!));
      return { sound: 0.6, ...([5, 7, 12].includes(wide) ? {} : { interval: 0.3 }) };
    }
    const { quality, inversion } = chordHeard(sound[0]!);
    return {
      sound: of === 'seventh' ? 1.2 : of === 'inversion' ? 1 : 0.6,
      ...(/^(?:major|minor|dominant-seventh)$/.test(quality) ? {} : { quality: 0.3 }),
      ...(inversion > 0 ? { inversion: 0.3 } : {}),
    };
  },
  same: (given) => given['sound'],
  steps(given, ways = {}) {
    const sound = soundIn(given);
    const of = ofIn(given);
    if (of === 'interval')
      return intervalWorking(sound[0]![0]!, sound[1]![0]!, ways.intervals ?? 'half-steps');
    if (of === 'cadence') return ASK_CADENCE_NAME.steps(asCadence(given));
    const notes = sound[0]!;
    const { root, quality } = chordHeard(notes);
    const chord = chordOfQuality(root, quality)!;
    return nameChordWorking(notes, makeChord(chord.root, chord.members, notes[0]), null);
  },
};
