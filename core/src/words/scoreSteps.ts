import { stackedNotes } from '../chord/chord';
import { printSymbol } from '../chord/symbolPrint';
import { inversionWords } from '../chord/inversionNames';
import { lineOfFifths, type NoteName } from '../pitch/note';
import { DEFAULT_LABEL_STYLE, type LabelStyle } from '../school/school';
import type { ScoreToRead } from '../score/model/scoreNote';
import type { ReadChord, ScoreReading } from '../score/reading/scoreReading';
import type { Sentence } from '../working/step';
import { list } from './grammar';
import { contextReasonWords } from './contextReasons';
import { displayNoteName } from '../pitch/print';
import { cadenceWords, nonChordSentence, withArticle } from './scoreWords';

/** How a chord of a score was found, step by step: what sounds, what is not of it, the stack, the numeral. */
export function scoreChordSteps(
  score: ScoreToRead,
  reading: ScoreReading,
  at: number,
  school: LabelStyle = DEFAULT_LABEL_STYLE,
): Sentence[] {
  const one = reading.chords[at]!;
  const name = (note: NoteName) => displayNoteName(note, school.letters);
  const row = (notes: readonly NoteName[]) => notes.map(name).join(' ');
  const symbol = printSymbol(one.chord, { glyphs: true, letters: school.letters, school: school.symbols });
  const steps: Sentence[] = [
    one.bySymbol
      ? ['The symbol ', { strong: symbol }, ' says the chord.']
      : soundingStep(score, reading, one, name),
  ];
  for (const foreign of one.nonChord) steps.push([nonChordSentence(foreign, score.notes, school)]);
  if (!one.bySymbol && one.endSlice - one.firstSlice > 1 && one.nonChord.length > 0)
    steps.push(['All of it is one chord: ', { strong: row(stackedNotes(one.chord)) }, '.']);
  if (one.supplied.length > 0)
    steps.push([
      { strong: row(one.supplied) },
      one.supplied.length === 1 ? ' does not sound: it is supplied.' : ' do not sound: they are supplied.',
    ]);
  steps.push([
    'Stacked in thirds: ',
    { strong: row(stackedNotes(one.chord)) },
    `, lowest note ${name(one.chord.bass)}: ${inversionWords(one.chord)}.`,
  ]);
  steps.push([
    { numeral: one.numeral, key: one.key },
    ` in ${keyWords(one, name)}: ${contextReasonWords(one, school)}.`,
  ]);
  if (one.pivot)
    steps.push([
      'It is ',
      { numeral: one.pivot.numeral, key: one.pivot.key },
      ` in ${keyWords(one.pivot, name)} too: the pivot from one key to the other.`,
    ]);
  const cadence = reading.cadences.find((found) => found.at === at);
  if (cadence) steps.push([`It ends the phrase with ${withArticle(cadenceWords(cadence.kind))} cadence.`]);
  return steps;
}

function keyWords({ key }: Pick<ReadChord, 'key'>, name: (note: NoteName) => string): string {
  return `${name(key.tonic)} ${key.mode}`;
}

/** What sounds in the time of a chord, from the lowest up, and how often what is doubled. */
function soundingStep(
  { notes }: ScoreToRead,
  { slices }: ScoreReading,
  { firstSlice, endSlice }: ReadChord,
  name: (note: NoteName) => string,
): Sentence {
  const seen = new Map<number, { note: NoteName; count: number }>();
  const counted = new Set<number>();
  for (const { sounding } of slices.slice(firstSlice, endSlice))
    for (const one of sounding) {
      if (counted.has(one)) continue;
      counted.add(one);
      const place = lineOfFifths(notes[one]!.note);
      const known = seen.get(place);
      if (known) known.count++;
      else seen.set(place, { note: notes[one]!.note, count: 1 });
    }
  const all = [...seen.values()];
  const doubled = all.filter(({ count }) => count > 1).map(({ note }) => name(note));
  const said =
    doubled.length === 0
      ? ''
      : ` ${list(doubled)} ${doubled.length === 1 ? 'comes' : 'come'} more than once.`;
  return [`Sounding: ${all.map(({ note }) => name(note)).join(', ')}.${said}`];
}
