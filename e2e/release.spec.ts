/** What is handed out: one zip, unpacked into a folder that cannot be written to, with Node and nothing else. */
import { execFileSync } from 'node:child_process';
import { chmodSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { unzipSync } from 'fflate';
import { startClass } from '../scripts/browser.mjs';
import { expect, expectRow, openProgressions, test, typeLine } from './fixtures';

const ROOT = join(import.meta.dirname, '..');

/** Makes the zip and unpacks it; gives the folder. */
function unpacked(): string {
  const out = mkdtempSync(join(tmpdir(), 'diatonix-'));
  execFileSync(process.execPath, [join(ROOT, 'scripts', 'release.mjs'), out], { stdio: 'pipe' });
  const zip = readdirSync(out).find((name) => /^diatonix-[\d.]+\.zip$/.test(name))!;
  const folder = join(out, 'Mappe für Übungen');
  for (const [path, bytes] of Object.entries(unzipSync(readFileSync(join(out, zip))))) {
    const place = join(folder, path);
    mkdirSync(dirname(place), { recursive: true });
    writeFileSync(place, bytes, { mode: 0o444 });
  }
  const [own] = readdirSync(folder);
  chmodSync(join(folder, own!), 0o555);
  return join(folder, own!);
}

test('the zip starts, does the main job, leads a class and carries out commands', async ({ browser }) => {
  test.slow();
  const folder = unpacked();
  const state = mkdtempSync(join(tmpdir(), 'diatonix-state-'));
  const env = { PATH: process.env['PATH'] ?? '', DIATONIX_STATE: state };
  const start = join(folder, 'diatonix.mjs');
  const run = (...args: string[]) =>
    execFileSync(process.execPath, [start, ...args], { env, cwd: state, encoding: 'utf8' });
  expect(run('interval', 'G#4', 'F##5')).toContain('major seventh');
  const chorale = join(ROOT, 'core', 'test', 'oracles', 'chorale-012.musicxml');
  expect(run('read', chorale)).toContain('17 bars');
  run('engrave', chorale, '--pdf', join(state, 'chorale.pdf'));
  expect(readFileSync(join(state, 'chorale.pdf'), 'latin1').startsWith('%PDF-')).toBe(true);

  const server = await startClass({ script: start, env: { DIATONIX_STATE: state } });
  try {
    const { teacher, pupils } = server;
    const page = await (await browser.newContext({ serviceWorkers: 'block' })).newPage();
    await openProgressions(page, server.address);
    await typeLine(page, 'I IV V I');
    await expectRow(page, 'Numeral', ['I', 'IV', 'V', 'I']);
    await page.goto(teacher);
    await page
      .getByRole('main')
      .getByRole('button', { name: /^Sheet 4/ })
      .click();
    const code = await page.getByRole('region', { name: 'How to join' }).locator('.code').textContent();
    const pupil = await (await browser.newContext({ serviceWorkers: 'block' })).newPage();
    await pupil.goto(`${pupils}#${code}`);
    await pupil.getByLabel('Who you are').selectOption({ index: 1 });
    await pupil.getByRole('button', { name: 'Join' }).click();
    await expect(pupil.getByText('In the class.')).toBeVisible();
  } finally {
    await server.stop();
  }
});
