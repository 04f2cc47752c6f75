/** Progressions: labels in context and their agreement with the experts' labels, and four-part settings. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from '../setup.mjs';
import { loadCore, percentile, report } from './measure.mjs';

const core = await loadCore();
const fraction = (text) =>
  text
    .split('/')
    .map(Number)
    .reduce((top, bottom) => top / bottom);

/** Median of the times that `work` takes, after some runs to warm up. */
function median(work, runs = 25) {
  const times = [];
  for (let run = 0; run < runs + 8; run++) {
    const start = performance.now();
    work();
    if (run >= 8) times.push(performance.now() - start);
  }
  return percentile(times, 0.5);
}

const pieces = ['001', '002', '004', '006', '008', '012', '016'].map((name) => {
  const { signature, fermatas, labels } = JSON.parse(
    readFileSync(join(ROOT, 'core/test/oracles', `chorale-${name}.json`), 'utf8'),
  );
  const ends = fermatas.map(fraction);
  return {
    signature,
    chords: labels.map(({ bass, notes }) => ({
      notes: [bass, ...notes.filter((note) => note !== bass)].map((note) => core.parseNoteName(note)),
    })),
    phraseEnds: labels.flatMap(({ at, for: length }, i) =>
      ends.some((end) => end >= fraction(at) - 1e-9 && end < fraction(at) + fraction(length) - 1e-9)
        ? [i]
        : [],
    ),
    expert: labels.map(({ key, numeral, for: length }) => ({
      key: core.parseKey(key),
      numeral: core.parseNumeral(numeral, core.parseKey(key), core.ROMANTEXT),
      length: fraction(length),
    })),
  };
});

const sameDegree = (a, b) => a.degree === b.degree && (a.target?.degree ?? 0) === (b.target?.degree ?? 0);
const agrees = (reading, { key, numeral }) =>
  core.sameKey(reading.key, key) && sameDegree(reading.numeral, numeral);

function share(read, holds) {
  let [agreed, all] = [0, 0];
  for (const piece of pieces) {
    read(piece).forEach((readings, i) => {
      all += piece.expert[i].length;
      if (holds(readings, piece.expert[i])) agreed += piece.expert[i].length;
    });
  }
  return `${((100 * agreed) / all).toFixed(1)} %`;
}

const freely = ({ chords, signature, phraseEnds }) => core.readInContext(chords, { signature, phraseEnds });
const given = ({ chords, signature, phraseEnds, expert }) =>
  core.readInContext(chords, { signature, phraseEnds, keys: expert.map(({ key }) => key) });
report(
  'chorales: numerals as the experts have them, keys given',
  share(given, ([best], expert) => agrees(best, expert)),
  'at least 97 %',
);
report(
  'chorales: key and numeral, no key given',
  share(freely, ([best], expert) => agrees(best, expert)),
  'at least 86 %',
);
report(
  'chorales: the experts’ reading among those shown',
  share(freely, (readings, expert) => readings.some((one) => agrees(one, expert))),
  'at least 90 %',
);

const all = pieces.flatMap(({ chords }) => chords).slice(0, 200);
report(
  'labels in context for 200 chords given as notes, median',
  `${median(() => core.readInContext(all, { signature: 1 })).toFixed(1)} ms`,
  'under 10 ms',
);
const symbols = Array.from({ length: 200 }, (_, i) => ({
  chord: core.parseSymbol(['A', 'F#m', 'F#7/A#', 'Bm', 'E7', 'D#dim7', 'Bm7b5', 'C#m7'][i % 8]),
}));
report(
  'the same, given as symbols',
  `${median(() => core.readInContext(symbols, { signature: 3 })).toFixed(1)} ms`,
  'under 10 ms',
);

const key = core.parseKey('G major');
const phrase = 'I vi IV ii6 V7 vi ii65 V43 I6 viio6 I V65/V V42 I6 ii V7'
  .split(' ')
  .map((text) => core.parseNumeral(text, key));
for (const [count, limit] of [
  [16, 'under 100 ms'],
  [200, 'under 1000 ms'],
]) {
  const numerals = Array.from({ length: count }, (_, i) => phrase[i % phrase.length]);
  report(
    `best four-part setting of ${count} chords, median`,
    `${median(() => core.bestVoicing({ key, numerals }), 7).toFixed(0)} ms`,
    limit,
  );
}
