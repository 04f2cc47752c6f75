import { printSymbol } from '../chord/symbolPrint';
import { DEFAULT_LABEL_STYLE, type LabelStyle } from '../school/school';
import type { Comparison, Difference, TheirLabel } from '../score/reading/compare';
import type { ReadChord } from '../score/reading/scoreReading';
import { fitWords, readingFit } from './fitWords';
import type { Sentence } from '../working/step';

/** How far labels agree with a reading, in one line. */
export function agreementWords({ full, chord, key }: Comparison): string {
  const share = (part: number) => `${Math.round(part * 100)} %`;
  return (
    `Agrees for ${share(full)} of the time in key, chord and lowest note; ` +
    `for ${share(chord)} in chord and lowest note, for ${share(key)} in key.`
  );
}

/** What differs, and what speaks for each. */
export function differenceSentence(
  { what, excess }: Difference,
  theirs: TheirLabel,
  ours: ReadChord,
  school: LabelStyle = DEFAULT_LABEL_STYLE,
): Sentence {
  const symbol = ({ chord }: { readonly chord: TheirLabel['chord'] }) =>
    printSymbol(chord, { glyphs: true, letters: school.letters, school: school.symbols });
  const why =
    what === 'key'
      ? 'the chord is the same, counted in another key'
      : what === 'inversion'
        ? `another lowest note, ${symbol(theirs)} for ${symbol(ours)}`
        : `another chord, ${symbol(theirs)} for ${symbol(ours)}`;
  const fits = excess === null ? 'It is not one of the readings' : `It ${fitWords(readingFit(excess))}`;
  return [
    { numeral: theirs.numeral, key: theirs.key },
    ' for ',
    { numeral: ours.numeral, key: ours.key },
    `: ${why}. ${fits}.`,
  ];
}
