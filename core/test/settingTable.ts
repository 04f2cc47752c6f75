/**
 * Progressions as part-writing courses set them: the rule of the octave, lament basses, sequences, six-fours,
 * chromatic predominants, ninths (common practice).
 */
export const TO_SET: readonly (readonly [mode: 'major' | 'minor', chords: string])[] = [
  ['major', 'I IV V I'], ['major', 'I V6 vi'], ['major', 'I V6 IV6'], ['major', 'I V6 vi iii6 IV I6 ii65 V'],
  ['major', 'I V43 I6 IV V65/V V'], ['major', 'I V43 I6 IV V V65 I'], ['major', 'I viio6 I6 IV V V7 I'],
  ['major', 'I IV viio iii vi ii V I'], ['major', 'Imaj7 IVmaj7 viiø7 iii7 vi7 ii7 V7 I'],
  ['major', 'I V vi iii IV I IV V'], ['major', 'I V vi'], ['major', 'I V7 vi'], ['major', 'ii7 V9 I'],
  ['major', 'I IV V9 I'], ['major', 'ii7 V13 I'], ['major', 'I N6 V I'], ['major', 'I ii6 Cad64 V7 I'],
  ['major', 'I ii6 I64 V7 I'], ['major', 'I IV Cad64 V I'], ['major', 'I V65/V V V65/vi vi V7/ii ii V7 I'],
  ['major', 'I V42/IV IV6 iv6 Cad64 V7 I'], ['major', 'I bVII IV I'], ['major', 'I viio7/V V viio7/vi vi'],
  ['major', 'I6 V43 I ii6 V I'], ['major', 'I vi IV ii V I'], ['major', 'I iii vi IV ii V7 I'],
  ['major', 'I IV6 I64 V'], ['major', 'I V I V I IV V I'], ['major', 'I I6 I64 V7 I'],
  ['major', 'I IV64 I V64 I6'], ['major', 'V V6 I I6 IV'], ['major', 'I iii IV I V'], ['major', 'I V42 I6 ii6 V7 I'],
  ['major', 'I vi ii65 V7 I'], ['major', 'I IV ii V7 vi IV V I'], ['major', 'I I6 IV ii6 V I'],
  ['major', 'I V6 I IV6 V I'], ['major', 'I V7/IV IV V7 I'], ['major', 'I V7/ii ii V7 I'],
  ['major', 'I V7/vi vi ii6 V I'],
  ['minor', 'i iv V i'], ['minor', 'i v6 iv6 V'], ['minor', 'i VII6 iv6 V'], ['minor', 'i V6 v6 IV6 iv6 V'],
  ['minor', 'i i42 IV6 iv6 V'], ['minor', 'i VI iv6 V'], ['minor', 'i iv VII III VI iio V i'], ['minor', 'i V VI'],
  ['minor', 'i V7 VI'], ['minor', 'i V7b9 i'], ['minor', 'i N6 V i'], ['minor', 'i It+6 V i'],
  ['minor', 'i Ger+6 Cad64 V7 i'], ['minor', 'i Fr+6 V i'], ['minor', 'i iio6 V i'], ['minor', 'i i6 iv V i'],
  ['minor', 'i iv6 V'], ['minor', 'i viio6 i6 iv V7 i'], ['minor', 'i V43 i6 iio6 V7 i'], ['minor', 'i VI iio6 V i'],
  ['minor', 'i V65 i iv6 V i'], ['minor', 'i viio7 i iv Cad64 V7 i'], ['minor', 'i III VI iio6 V7 i'],
]; // prettier-ignore
