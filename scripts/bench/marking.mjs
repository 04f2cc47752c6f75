/** Marking: one answer, a class from memory, and the pages of a sheet. */
import { spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { loadCore, percentile, report } from './measure.mjs';
import { ROOT } from '../setup.mjs';

const core = await loadCore();
const kinds = core.KINDS.map(({ id }) => id);
const times = [];
let [planted, found, wrongly, right] = [0, 0, 0, 0];
for (const kind of kinds)
  for (const question of core.askQuestions({ kind, seed: 61, count: 20 }).questions) {
    for (const answer of question.answers) {
      right++;
      if (core.markAnswer(question, answer).verdict !== 'right') wrongly++;
    }
    for (const { mistake, kinds: own } of core.mistakesOut()) {
      const answer = own.includes(kind) ? core.plant(question, mistake) : null;
      if (answer === null) continue;
      planted++;
      const start = performance.now();
      const { verdict, causes } = core.markAnswer(question, answer);
      times.push(performance.now() - start);
      if (verdict === 'right') wrongly++;
      if (causes.some(({ mistakes }) => mistakes.length === 1 && mistakes[0] === mistake)) found++;
    }
  }
report('one answer is marked, median', `${percentile(times, 0.5).toFixed(2)} ms`, '');
report('one answer is marked, p95', `${percentile(times, 0.95).toFixed(2)} ms`, 'under 2 ms');
report('planted causes found first or tied', `${((100 * found) / planted).toFixed(1)} %`, 'at least 95 %');
report(`called wrongly, of ${right + planted}`, wrongly, '0');

const sections = [
  'interval-name',
  'triad-name',
  'seventh-build',
  'figures-name',
  'numeral-label',
  'cadence-name',
].map((kind, at) => ({ kind, count: at < 4 ? 7 : 6, marks: 2 }));
const spec = { title: 'Bench', seed: 7, sections };
const folder = mkdtempSync(join(tmpdir(), 'diatonix-marking-'));
const specFile = join(folder, 'sheet.json');
writeFileSync(specFile, JSON.stringify(spec));
const sheet = core.makeSheet(spec);
const files = Array.from({ length: 40 }, (_, pupil) => {
  const answers = sheet.sections.flatMap(({ questions }, at) =>
    questions.map((question, place) => {
      const mistakes = core.mistakesOut().filter(({ kinds: own }) => own.includes(question.kind));
      const wrong =
        (pupil + place) % 3 === 0 &&
        core.plant(question, mistakes[(pupil + place) % mistakes.length].mistake);
      return [`${at + 1}.${place + 1}`, wrong || question.answers[0]];
    }),
  );
  const path = join(folder, `pupil-${pupil}.json`);
  writeFileSync(
    path,
    JSON.stringify({ pupil: `Pupil ${pupil}`, code: sheet.code, answers: Object.fromEntries(answers) }),
  );
  return path;
});
const run = (...args) => {
  const start = performance.now();
  const { status } = spawnSync(process.execPath, [join(ROOT, 'command/bin/diatonix.mjs'), ...args]);
  return status === 0 ? performance.now() - start : NaN;
};
run('sheet', '--mistakes');
report(
  '40 pupils × 40 answers from files, by the command',
  `${run('mark', specFile, ...files, '--json').toFixed(0)} ms`,
  'under 2 s',
);
report(
  'four versions of 40 questions with answers as PDF, by the command',
  `${run('sheet', '--spec', specFile, '--versions', '4', '--pdf', join(folder, 'sheet.pdf')).toFixed(0)} ms`,
  'under 5 s',
);
