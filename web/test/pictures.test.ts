/** Which font a character of a picture is drawn in: the one that the page shows it in. */
import { fontFor } from '@diatonix/engraving';

const SERIF = "Accidentals, 'Source Serif 4', serif";
const SANS = "Accidentals, 'Source Sans 3', sans-serif";

test.each([
  ['A', SERIF, 400, 'serif400', 1],
  ['A', SERIF, 600, 'serif600', 1],
  ['A', SANS, 400, 'sans400', 1],
  ['7', SANS, 700, 'sans600', 1],
  ['♭', SERIF, 600, 'single', 0.88],
  ['♯', SANS, 400, 'single', 0.88],
  ['𝄪', SERIF, 600, 'double', 1.35],
  ['𝄫', SANS, 400, 'double', 1.35],
  ['\ue0a2', 'Bravura, Academico', 400, 'bravura', 1],
])('%s in %s, weight %i, is drawn in %s', (char, family, weight, name, adjust) => {
  expect(fontFor(char, family, weight)).toEqual({ name, adjust });
});
