/** Scores: agreement with the experts on seven chorales, and how long reading takes. */
import { execFileSync } from 'node:child_process';
import { copyFileSync, mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { CHORALES, loadReading } from '../fit/load.mjs';
import { ROOT } from '../setup.mjs';
import { percentile, report } from './measure.mjs';

const { pieces, printed, read, analyseScore, sum, READING_WEIGHTS } = await loadReading();
const all = pieces(CHORALES);
report(
  'seven chorales from their notes, share in %',
  printed(sum(read(all, READING_WEIGHTS))),
  '78 88 94 86 95',
);
report('twelve more', printed(sum(read(pieces(CHORALES, true), READING_WEIGHTS))), '');

for (let run = 0; run < 8; run++) for (const { score } of all) analyseScore(score);
const times = [];
for (let run = 0; run < 12; run++)
  for (const { score } of all) {
    const start = performance.now();
    analyseScore(score);
    times.push(performance.now() - start);
  }
report(
  'a chorale is read, median and p95',
  `${percentile(times, 0.5).toFixed(1)} ms, ${percentile(times, 0.95).toFixed(1)} ms`,
  'under 10 ms',
);

/** A chorale after itself, until it has so many notes. */
function longer({ score }, most) {
  const end = score.bars[score.bars.length - 1].to;
  const rounds = Math.ceil(most / score.notes.length);
  const again = (list, move) =>
    Array.from({ length: rounds }, (_, at) => list.map((one) => move(one, at * end))).flat();
  return {
    ...score,
    notes: again(score.notes, (one, by) => ({ ...one, onset: one.onset + by, end: one.end + by })),
    bars: again(score.bars, (one, by) => ({ ...one, from: one.from + by, to: one.to + by })),
    fermatas: again(score.fermatas, (one, by) => one + by),
  };
}
const long = longer(all[0], 5000);
const longTimes = [0, 1, 2].map(() => {
  const start = performance.now();
  analyseScore(long);
  return performance.now() - start;
});
report(
  `a piece of ${long.notes.length} notes is read`,
  `${Math.min(...longTimes).toFixed(0)} ms`,
  'under 1 s',
);

const many = mkdtempSync(join(tmpdir(), 'diatonix-'));
const xml = join(CHORALES, 'chorale-012.musicxml');
for (let at = 0; at < 100; at++) copyFileSync(xml, join(many, `${at}.musicxml`));
const command = join(ROOT, 'command', 'bin', 'diatonix.mjs');
execFileSync(process.execPath, [command, 'help']);
const start = performance.now();
const text = execFileSync(process.execPath, [command, 'read', '--json', many], {
  maxBuffer: 1e9,
  stdio: ['ignore', 'pipe', 'ignore'],
});
const seconds = (performance.now() - start) / 1000;
const lines = text.toString().trim().split('\n').length;
report(
  `${lines} chorales from files by the command (${(readFileSync(xml).length / 1000).toFixed(0)} kB each)`,
  `${seconds.toFixed(2)} s`,
  'under 3 s',
);
