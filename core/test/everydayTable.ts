/**
 * Everyday progressions in C major or C minor with the labels that a handbook gives them. Numerals are in the
 * house grammar; a bar ends a phrase. All are common practice; where a book teaches the case, it is named from
 * memory: Aldwell and Schachter, Harmony and Voice Leading (AS); Kostka and Payne, Tonal Harmony (KP); Levine,
 * The Jazz Theory Book (L).
 */
export interface Everyday {
  readonly symbols: string;
  readonly key: string;
  readonly numerals: string;
  /** The cadence at the end. */
  readonly cadence?: string | null;
  /** Keys of the chords where they change: `F major` at chord 4. */
  readonly keys?: string;
  readonly brackets?: string;
  readonly arrows?: string;
  /** Only where the key is given: by itself it could be another. */
  readonly given?: true;
}

export const one = (
  symbols: string,
  numerals: string,
  more: Partial<Everyday> = {},
  key = 'C major',
): Everyday => ({
  symbols,
  numerals,
  key,
  ...more,
});
export const minor = (symbols: string, numerals: string, more: Partial<Everyday> = {}) =>
  one(symbols, numerals, more, 'C minor');

export const EVERYDAY: readonly Everyday[] = [
  // What is typed rules.
  one('C6 A7 Dm7 G7 C6', 'I[add6] V7/ii ii7 V7 I[add6]', { cadence: 'authentic' }),
  one('C F6 G7 C', 'I IV[add6] V7 I', { cadence: 'authentic' }),
  one('C Fm6 C', 'I iv[add6] I', { cadence: 'plagal' }),
  one('C C/B Am Am/G F G7 C', 'I Imaj42 vi vi42 IV V7 I', { cadence: 'authentic' }),
  one('C G/F C/E F C', 'I V42 I6 IV I', { cadence: 'plagal' }),
  minor('Cm Fm6 G7 Cm', 'i iv[add6] V7 i', { cadence: 'authentic' }),
  // Applied ii–V (KP, secondary functions; L, ii–V).
  one('C Gm7 C7 Fmaj7 G7 C', 'I ii7/IV V7/IV IVmaj7 V7 I', { brackets: '1-2>3', arrows: '2>3 4>5' }),
  one('C Bm7b5 E7 Am7 Dm7 G7 C', 'I iiø7/vi V7/vi vi7 ii7 V7 I', { brackets: '1-2>3 4-5>6' }),
  one('C F#m7b5 B7 Em7 A7 Dm7 G7 C', 'I iiø7/iii V7/iii iii7 V7/ii ii7 V7 I'),
  one('C Am7 D7 G C', 'I vi7 V7/V V I'),
  one('C Em7 A7 Dm7 G7 C', 'I iii7 V7/ii ii7 V7 I'),
  one('Cmaj7 Bbm7 Eb7 Abmaj7 G7 C', 'Imaj7 ii7/bVI V7/bVI bVImaj7 V7 I', { brackets: '1-2>3', given: true }),
  one('Cmaj7 Dm7 Db7 Cmaj7', 'Imaj7 ii7 subV7 Imaj7', { brackets: '1-2>3', arrows: '2>3:substitute' }),
  one('Dm7 G7sus4 G7 Cmaj7', 'ii7 V7sus4 V7 Imaj7', { brackets: '0-1>3' }),
  one('Cmaj7 Fm7 Bb7 Cmaj7', 'Imaj7 iv7 bVII7 Imaj7', { cadence: 'backdoor' }),
  one('C E7 A7 D7 G7 C', 'I V7/vi V7/ii V7/V V7 I', { arrows: '1>2 2>3 3>4 4>5' }),
  // A chain of dominants is no blues.
  one('A7 D7 G7 C7 F', 'V7/ii V7/V V7 V7/IV IV', { given: true, arrows: '0>1 1>2 2>3 3>4' }),
  one('E7 A7 D7 G7 E7 A7 D7 G7 C', 'V7/vi V7/ii V7/V V7 V7/vi V7/ii V7/V V7 I', { given: true }),
  one('C C#dim7 Dm7 G7 C', 'I viio7/ii ii7 V7 I'),
  one('C F F#dim7 C/G G7 C', 'I IV viio7/V Cad64 V7 I', { cadence: 'authentic' }),
  one('C G#dim7 Am F G C', 'I viio7/vi vi IV V I'),
  // Keys and cadences.
  one('C G Am F C G Am F C G Am F C', 'I V vi IV I V vi IV I V vi IV I', { keys: '' }),
  one('C F G7 Am', 'I IV V7 vi', { cadence: 'deceptive' }),
  minor('Cm Fm G7 Ab', 'i iv V7 VI', { cadence: 'deceptive' }),
  one('C C7 F Fm C', 'I V7/IV IV iv I', { cadence: 'plagal' }),
  one('C Caug F Fm C', 'I V+/IV IV iv I', { keys: '' }),
  one('C Ab Bb C', 'I bVI bVII I', { keys: '' }),
  minor('Cm G/B Gm/Bb F/A Fm/Ab G', 'i V6 v6 IV6 iv6 V', { cadence: 'phrygian-half', keys: '' }),
  minor('Cm Fm G7 C', 'i iv V7 I', { cadence: 'authentic', keys: '' }),
  one('Dbmaj7 Dm7 G7 Cmaj7', 'bIImaj7 ii7 V7 Imaj7', { keys: '' }),
  one('F7 Bb7 F7 F7 Bb7 Bb7 F7 F7 C7 Bb7 F7 C7', 'I7 IV7 I7 I7 IV7 IV7 I7 I7 V7 IV7 I7 V7', {}, 'F major'),
  minor('Cm Bb Ab G', 'i VII VI V', { cadence: 'half' }),
  one('C F/G C', 'I V9sus4 I', { cadence: 'authentic' }),
  one('C Dm7 G7 C C', 'I ii7 V7 I I', { cadence: 'authentic' }),
  one('C F C', 'I IV I', { cadence: 'plagal' }),
  one('C Am Dm G', 'I vi ii V', { cadence: 'half' }),
  minor('Cm Gm Cm', 'i v i', { cadence: 'modal' }),
  minor('Cm Bb Cm', 'i VII i', { cadence: 'modal' }),
  one('C Bb C', 'I bVII I', { cadence: 'modal' }),
  one('Cmaj7 Abm7 Db7 Cmaj7', 'Imaj7 bvi7 subV7 Imaj7', {
    brackets: '1-2>3',
    arrows: '2>3:substitute',
    given: true,
  }),
  one('C F G C', 'I IV V I', { cadence: 'authentic' }),
  one('C Am F G C', 'I vi IV V I', { cadence: 'authentic' }),
  one('C Dm G7 C', 'I ii V7 I', { cadence: 'authentic' }),
  one('C Dm/F G7 C', 'I ii6 V7 I', { cadence: 'authentic' }),
  one('C Dm7/F C/G G C', 'I ii65 Cad64 V I', { cadence: 'authentic' }),
  one('C G/B Am Em/G F C/E Dm G7 C', 'I V6 vi iii6 IV I6 ii V7 I', { cadence: 'authentic' }),
  one('C Em F G', 'I iii IV V', { cadence: 'half' }),
  one('C D7 G7 C', 'I V7/V V7 I', { arrows: '1>2 2>3' }),
  one('C A7 D7 G7 C', 'I V7/ii V7/V V7 I', { arrows: '1>2 2>3 3>4' }),
  one('C E7 Am F G C', 'I V7/vi vi IV V I', { cadence: 'authentic' }),
  one('C C7/E F G7 C', 'I V65/IV IV V7 I'),
  one('C D/F# G C', 'I V6/V V I'),
  one('C Bdim/D C/E F G C', 'I viio6 I6 IV V I'),
  one('C Db/F G7 C', 'I N6 V7 I', { cadence: 'authentic' }),
  one('C Fm C/G G7 C', 'I iv Cad64 V7 I', { cadence: 'authentic' }),
  one('C Bdim7 C', 'I viio7 I', { cadence: 'authentic' }),
  one('C Bdim7/D C/E F G7 C', 'I viio65 I6 IV V7 I', {}),
  minor('Cm Ddim/F G Cm', 'i iio6 V i', { cadence: 'authentic' }),
  minor('Cm Dm7b5/F G7 Cm', 'i iiø65 V7 i', { cadence: 'authentic' }),
  minor('Cm Bdim7 Cm', 'i viio7 i', { cadence: 'authentic' }),
  minor('Cm Eb7 Ab G7 Cm', 'i V7/VI VI V7 i', { cadence: 'authentic' }),
  minor('Cm Fm Bb Eb Ab Ddim G Cm', 'i iv VII III VI iio V i', { cadence: 'authentic' }),
  minor('Cm C7 Fm G7 Cm', 'i V7/iv iv V7 i', { arrows: '1>2 3>4' }),
  minor('Cm D7 G Cm', 'i V7/V V i', { arrows: '1>2 2>3' }),
  minor('Cm Db/F G7 Cm', 'i N6 V7 i', { cadence: 'authentic' }),
  minor('Cm Fm Cm/G G7 Cm', 'i iv Cad64 V7 i', { cadence: 'authentic' }),
  minor('Cm G Ab Fm G Cm', 'i V VI iv V i', { cadence: 'authentic' }),
  minor('Cm Fm/Ab G', 'i iv6 V', { cadence: 'phrygian-half' }),
];
