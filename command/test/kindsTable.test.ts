/** The table of kinds in the documentation is that of the kinds themselves. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { kindsTable } from '../src/kindsTable';

/** Cells without the room that the format puts round them. */
const cells = (table: string) =>
  table
    .split('\n')
    .filter((line) => line.startsWith('| `'))
    .map((line) => line.replace(/\s*\|\s*/g, '|'));

test('docs/kinds.md is what `npm run kinds` writes', () => {
  const written = readFileSync(join(__dirname, '..', '..', 'docs', 'kinds.md'), 'utf8');
  expect(cells(written)).toEqual(cells(kindsTable()));
  expect(cells(written).length).toBeGreaterThan(30);
});
