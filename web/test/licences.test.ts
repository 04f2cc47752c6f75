/** What others made and ships with the application stands on the About page and in the file of licences, all of it. */
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import thirdParty from '../src/shell/thirdParty.json';

const ROOT = join(__dirname, '..', '..');
const texts = readFileSync(join(ROOT, 'web', 'public', 'third-party.txt'), 'utf8');
const listed = new Set(thirdParty.map(({ name, version }) => `${name} ${version}`));

test('every package that ships is in both, with a licence (npm run licences writes them)', () => {
  const said = execFileSync('npm', ['query', '.prod'], { cwd: ROOT, encoding: 'utf8', maxBuffer: 1e8 });
  const packages = (JSON.parse(said) as { name: string; version: string; location: string }[]).filter(
    ({ name }) => name !== 'diatonix' && !name.startsWith('@diatonix/'),
  );
  expect(packages.length).toBeGreaterThan(100);
  for (const { name, version } of packages) {
    expect(listed).toContain(`${name} ${version}`);
    expect(texts).toContain(`${name} ${version} (`);
  }
  for (const { name, licence } of thirdParty)
    expect([name, licence]).toEqual([name, expect.stringMatching(/\w/)]);
});

test('the sounds and the fonts are named with who made them', () => {
  expect(texts).toMatch(/Salamander Grand Piano V3 by Alexander Holm.*Attribution 3\.0/);
  for (const font of ['source-sans-3', 'source-serif-4', 'bravura'])
    expect(thirdParty.some(({ name, licence }) => name.includes(font) && licence === 'OFL-1.1')).toBe(true);
});
