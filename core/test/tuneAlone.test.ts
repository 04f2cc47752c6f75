/** A tune alone is read for its key and its phrases; what breaks chords is read as chords. */
import fc from 'fast-check';
import { analyseScore, printKey, toRead } from '../src';
import { readScoreFile } from '../src/format/scoreFile';

const scoreOf = (music: string, head = 'M:3/4\nL:1/4\nK:C') =>
  toRead(readScoreFile('tune.abc', new TextEncoder().encode(`X:1\n${head}\n${music}`)).value);
const TUNE = 'F A c|_B2 A|G A _B|A2 F|c d c|_B A G|A G F|F3|]';

test('a song in F whose signature was not written is in F, and no chord of it is claimed', () => {
  const { keys, chords, tune, phraseEnds } = analyseScore(scoreOf(TUNE));
  expect(keys.map(({ key }) => printKey(key))).toEqual(['F major']);
  expect(tune).toBe(true);
  // What is offered stands on its root: the lowest note of a tune is no bass.
  for (const { chord, readings } of chords) {
    expect(chord.bass).toEqual(chord.root);
    expect(readings[0]!.chord).toEqual(chord);
  }
  expect(phraseEnds.map(({ sign }) => sign)).toContain('end');
});

test.each([
  ['with symbols', TUNE.replace('F A c', '"F"F A c').replace('G A _B', '"C7"G A _B')],
  ['with a second voice', TUNE.replace('F A c', '[FA] A c')],
  ['that breaks chords', 'C E G|c G E|F A c|f c A|G B d|g d B|C E G|c3|]'],
  ['of a few notes', 'C D E|F3|]'],
])('a piece %s is no tune alone', (_, music) => {
  expect(analyseScore(scoreOf(music)).tune).toBeUndefined();
});

test('two notes at a time anywhere make it no tune alone', () => {
  const places = [...TUNE.matchAll(/[A-Ga-g]/g)].map(({ index }) => index);
  fc.assert(
    fc.property(fc.constantFrom(...places), (at) => {
      const music = `${TUNE.slice(0, at)}[${TUNE[at]}E,]${TUNE.slice(at + 1)}`;
      expect(analyseScore(scoreOf(music.replace('_[', '[_'))).tune).toBeUndefined();
    }),
  );
});
