/** Moments one after the other in a column, read back from its markup (glyphs by SMuFL, W3C). */
import { parseNote } from '@diatonix/core';
import * as vexflow from 'vexflow/bravura';
import { Engraver } from '../src/engraver';
import { frameOf } from '../src/questionStaff';
import { asText, measureWithout } from '../src/textSurface';

/** Heads and signs are so wide here, in staff units. */
const WIDE = 12;
measureWithout(vexflow, (text, pixels) => ({
  width: pixels * 0.3 * text.length,
  box: { left: 0, right: pixels * 0.3, up: pixels / 2, down: pixels / 2 },
}));
const engraver = new Engraver(vexflow, asText);
const read = (texts: string) => texts.split(' ').map((text) => parseNote(text));
const frame = frameOf([{ clefs: ['treble'], fifths: 0, staves: [[read('C5')]], written: [] } as never])!;

/** Where the glyphs of a column begin. */
function begins(markup: string, glyphs: RegExp): number[] {
  return [...markup.matchAll(/<text x="([-\d.]+)"[^>]*>(.)<\/text>/g)]
    .filter(([, , glyph]) => glyphs.test(glyph!))
    .map(([, x]) => Number(x))
    .sort((a, b) => a - b);
}

test.each([
  ['A4', 'C5', 0],
  ['A#4', 'C5', 0],
  ['A#4', 'C#5', 0],
  ['A4', 'Cb5', 3],
  ['F#4 A#4 C#5', 'Gb4 Bb4', 0],
  ['C5', 'E#4 G#4 B#4', 0],
])('%s and then %s over %i sharps stand apart, signs and all', (first, second, fifths) => {
  const { markup } = engraver.column(
    [{ clef: 'treble', notes: read(first), then: [read(second)] }],
    frame,
    fifths,
    'q',
  );
  const heads = begins(markup, /[\uE0A2-\uE0A4]/);
  const signs = begins(markup, /[\uE260-\uE264]/);
  const [from, to] = [heads[0]!, heads.at(-1)!];
  expect(to - from).toBeGreaterThanOrEqual(WIDE + 8);
  // No sign of the later notes lies over the first ones.
  for (const x of signs.filter((one) => one > from)) expect(x).toBeGreaterThanOrEqual(from + WIDE - 0.01);
});
