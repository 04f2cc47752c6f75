/** Sheets: forty questions of each kind, and a thousand. */
import { loadCore, report } from './measure.mjs';

const core = await loadCore();
const made = (kind, count) => {
  const start = performance.now();
  core.askQuestions({ kind, seed: 7, count });
  return performance.now() - start;
};
const kinds = core.KINDS.map(({ id }) => id);
for (const kind of kinds) made(kind, 40);
const forty = kinds.map((kind) => [kind, Math.min(...[0, 1, 2].map(() => made(kind, 40)))]);
const sheet = { title: 'Bench', seed: 7, sections: [] };
for (const kind of [
  'interval-name',
  'triad-name',
  'seventh-build',
  'figures-name',
  'numeral-label',
  'cadence-name',
])
  sheet.sections.push({ kind, count: kind === 'cadence-name' ? 5 : 7 });
core.makeSheet(sheet);
const start = performance.now();
core.makeSheet(sheet);
report(
  'a sheet of 40 questions of six kinds is made',
  `${(performance.now() - start).toFixed(0)} ms`,
  'under 50 ms',
);
const slow = forty.filter(([, ms]) => ms > 50).map(([kind, ms]) => `${kind} ${ms.toFixed(0)}`);
report(
  '40 questions of one kind, the slowest',
  `${Math.max(...forty.map(([, ms]) => ms)).toFixed(0)} ms`,
  'under 50 ms',
);
report('kinds over 50 ms', slow.join(', ') || 'none', '');
