import { DEFAULT_LABEL_STYLE, type LabelStyle } from '../school/school';
import { vocabulary, type Vocabulary } from './vocabulary';
import { printNumeral } from '../label/numeralPrint';
import type { ContextReading } from '../context/chordIn';

/** Why a numeral stands as it does, in a few words. */
const wordsIn = ({ leading, wholeStep }: Vocabulary): Record<ContextReading['reason'], string> => ({
  diatonic: 'in the scale',
  harmonic: `with the raised ${leading}`,
  melodic: 'from the melodic form',
  mixture: 'borrowed from the parallel key',
  applied: 'the dominant of another degree',
  neapolitan: 'the lowered second degree',
  'augmented-sixth': 'an augmented sixth to the dominant',
  'common-tone': 'holds a common tone',
  substitute: 'stands in for the dominant a tritone away',
  backdoor: `comes to the tonic from a ${wholeStep} below`,
  blues: 'the seventh of the blues',
  chromatic: 'outside the scale',
  given: 'as it was written',
  modal: 'in the mode that the passage turns about',
  'cadential-six-four': 'a six-four over the dominant that follows',
});

/** The reason of a reading in context. */
export function contextReasonWords(
  { reason, numeral, key }: Pick<ContextReading, 'reason'> & Partial<ContextReading>,
  school: LabelStyle = DEFAULT_LABEL_STYLE,
): string {
  if (numeral?.target && (reason === 'applied' || reason === 'given')) {
    const of = printNumeral(numeral.target, key!, school);
    if (numeral.degree === 2) return `the ii of ${of}`;
    if (numeral.degree === 7) return `the leading-note chord of ${of}`;
    return `the dominant of ${of}`;
  }
  if (reason === 'mixture' && key)
    return key.mode === 'minor' ? 'borrowed from the major' : 'borrowed from the minor';
  return wordsIn(vocabulary(school))[reason];
}
