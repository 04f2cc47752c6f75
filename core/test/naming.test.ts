/**
 * Naming from notes as a teacher writes first: in the key, fewest unexplained notes, root lowest. Common
 * practice unless a source stands beside; each row is moved to every key.
 */
import {
  nonTertian,
  nonTertianWords,
  identify,
  intervalUp,
  isFarFetched,
  keyOf,
  nameAbove,
  nameChordWorking,
  numeralsForNotes,
  parseKey,
  parseNoteName,
  printKey,
  printNoteName,
  printNumeral,
  printSymbol,
  describe as describeMembers,
  qualityName,
  sayStep,
  sentenceText,
  signatureFifths,
  stackedNotes,
} from '../src';

const C = parseNoteName('C');
const TONICS = ['C', 'G', 'D', 'A', 'E', 'B', 'F', 'Bb', 'Eb', 'Ab', 'Db', 'F#'].map(parseNoteName);
const names = (text: string) => text.split(' ').map(parseNoteName);

const IN_KEYS = [
  // notes, key, numeral, quality, what is missing
  ['A E G', 'C major', 'vi7', 'minor-seventh', '3'],
  ['D A C', 'C major', 'ii7', 'minor-seventh', '3'],
  ['E B D', 'C major', 'iii7', 'minor-seventh', '3'],
  ['G D F', 'C major', 'V7', 'dominant-seventh', '3'],
  ['F C E', 'C major', 'IVmaj7', 'major-seventh', '3'],
  ['B F A', 'C major', 'viiø7', 'half-diminished-seventh', '3'],
  ['G# D F', 'A minor', 'viio7', 'diminished-seventh', '3'],
  ['D A', 'D minor', 'i', 'minor', '3'],
  ['D A', 'D major', 'I', 'major', '3'],
  ['E B', 'A minor', 'V', 'major', '3'],
  ['B D', 'C major', 'viio', 'diminished', '5'],
  ['D F C', 'C minor', 'iiø7', 'half-diminished-seventh', '5'],
  ['C E', 'C major', 'I', 'major', '5'],
  ['G F A C', 'C major', 'V9sus4', 'suspended-fourth-ninth', '5'],
  ['G C F', 'C major', 'V7sus4', 'suspended-fourth-seventh', '5'],
  ['C Eb Bb F', 'Eb major', 'vi11', 'minor-11th', '5 9'],
  ['C E G Bb Eb', 'F major', 'V7#9', 'dominant-seventh', ''],
  ['G B F A', 'C major', 'V9', 'dominant-ninth', '5'],
  ['Ab C F#', 'C minor', 'It+6', 'italian-sixth', ''],
  ['C Ab F#', 'C minor', 'It+6[bass3]', 'italian-sixth', ''],
  ['C Eb F# Ab', 'C minor', 'Ger+6[bass3]', 'german-sixth', ''],
  ['F# Ab C Eb', 'C minor', 'Ger+6[bass#6]', 'german-sixth', ''],
  ['Ab C D# F#', 'C major', 'Ger+6', 'german-sixth', ''],
] as const; // prettier-ignore

test.each(IN_KEYS)('%s in %s is %s, in every key', (text, keyText, numeral, quality, missing) => {
  const home = parseKey(keyText);
  let tried = 0;
  for (const tonic of TONICS) {
    const by = intervalUp(C, tonic);
    const key = keyOf(nameAbove(home.tonic, by), home.mode);
    // Keys that nobody writes are left out.
    if (Math.abs(signatureFifths(key)) > 6) continue;
    const best = numeralsForNotes(
      names(text).map((note) => nameAbove(note, by)),
      key,
    )[0]!;
    const named = best.named ?? best.chord;
    const lacking = [
      ...describeMembers(named.members).omitted,
      ...named.members.filter((m) => !best.chord.members.includes(m)).map(({ degree }) => degree),
    ];
    expect([printKey(key), printNumeral(best.numeral, key, undefined, 'bare')]).toEqual([
      printKey(key),
      numeral,
    ]);
    expect(qualityName(describeMembers(named.members))).toBe(quality);
    if (best.reason !== 'augmented-sixth') expect(lacking.sort((a, b) => a - b).join(' ')).toBe(missing);
    tried++;
  }
  expect(tried).toBeGreaterThanOrEqual(9);
});

test.each([
  ['C E Bb Eb', 'C7#9(no5)'],
  ['D F# C F', 'D7#9(no5)'],
  ['C E G Bb D F# A', 'C13#11'],
  ['D F# A C# E G# B', 'Dmaj13#11'],
  ['C Db F G Bb', 'C7b9sus4'],
  ['C E G A', 'C6'],
  ['C E G D', 'Cadd9'],
  ['C F G', 'Csus4'],
  ['C D G', 'Csus2'],
  ['B F A', 'Bm7b5'],
])('%s alone is %s', (text, symbol) => {
  expect(printSymbol(identify(names(text))[0]!.named)).toBe(symbol);
});

test('the raised ninth is spelled as one, whatever stood on the page', () => {
  const [best] = identify(names('D F# C F'));
  expect(stackedNotes(best!.chord).map(printNoteName).join(' ')).toBe('D F# C E#');
  expect(best!.reasons).toContainEqual({ kind: 'respelled' });
});

test.each([
  ['C F Bb', 'quartal'],
  ['E A D G', 'quartal'],
  ['F C G D', 'quintal'],
  ['C D E', 'cluster'],
  ['C C# D D#', 'cluster'],
  ['C E G F# A# C#', 'polychord'],
  ['C F Bb Eb Ab', 'quartal'],
])('%s is also seen as %s', (text, kind) => {
  const found = nonTertian(names(text));
  expect(found?.kind).toBe(kind);
  expect(nonTertianWords(found!)).toMatch(/^(No chord of thirds|Two chords at once): /);
});

test.each(['C E G', 'B D F A', 'C E G Bb Eb', 'F A C D', 'G F A C', 'C Eb Gb Bbb'])(
  '%s is a chord of thirds and nothing else',
  (text) => {
    expect(nonTertian(names(text))).toBeNull();
  },
);

test('a cluster is not dressed up as a chord', () => {
  expect(isFarFetched(identify(names('C C# D D#'))[0]!)).toBe(true);
  expect(isFarFetched(identify(names('C E G Bb D F# A'))[0]!)).toBe(false);
});

test('the working says which note the key supplied', () => {
  const notes = names('A E G');
  const key = parseKey('C major');
  const chord = numeralsForNotes(notes, key)[0]!.chord;
  expect(nameChordWorking(notes, chord, key).map((step) => sentenceText(sayStep(step)))).toEqual([
    'Over the root they lie A E G. The root is A.',
    'The third is not there; C major has C: A C E G.',
    '3, 4 and 3 half steps: minor seventh.',
    'The root, A, is lowest: root position, figures 7 5, counted in letters up from the bass.',
  ]);
});
