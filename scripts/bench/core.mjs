/** Speed of the core: labelling a line of 64 chords. */
import { loadCore, percentile, report } from './measure.mjs';

const core = await loadCore();
const key = core.parseKey('A major');
const numerals = ['I', 'vi', 'V65/ii', 'ii', 'ii65', 'V7', 'I', 'viio7/V'];
const symbols = ['A', 'F#m', 'F#7/A#', 'Bm', 'E7', 'D#dim7', 'Bm7b5', 'A'];
const entries = (list, kind) => Array.from({ length: 64 }, (_, i) => ({ kind, text: list[i % list.length] }));

for (const [kind, list] of [
  ['numeral', numerals],
  ['symbol', symbols],
]) {
  const times = [];
  for (let run = 0; run < 400; run++) {
    const line = entries(list, kind);
    const start = performance.now();
    core.labelProgression(line, key);
    if (run >= 100) times.push(performance.now() - start);
  }
  report(
    `label 64 chords given as ${kind}s, median`,
    `${percentile(times, 0.5).toFixed(3)} ms`,
    'under 1 ms',
  );
}
