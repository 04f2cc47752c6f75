/** What is kept on a device for times without a network. */
import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { keptFiles } from '../build/keptFiles';

test('every built file is kept, pages by their addresses, packed copies and the worker itself not', () => {
  const folder = mkdtempSync(join(tmpdir(), 'diatonix-kept-'));
  mkdirSync(join(folder, 'assets'));
  const files = {
    'index.html': '<p>',
    'pupil.html': '<b>',
    'icon.svg': '<svg/>',
    'service-worker.js': 'x',
    'assets/index-AbCd1234.js': 'y',
    'assets/index-AbCd1234.js.br': 'z',
    'assets/index-AbCd1234.js.gz': 'z',
    'assets/A4-Qr_s-678.mp3': 'sound',
  };
  for (const [name, text] of Object.entries(files)) writeFileSync(join(folder, name), text);
  const kept = keptFiles(folder);
  expect(kept.map(({ url }) => url)).toEqual([
    '/',
    '/assets/A4-Qr_s-678.mp3',
    '/assets/index-AbCd1234.js',
    '/icon.svg',
    '/pupil',
  ]);
  // A name with a hash tells its version; anything else is told by what is in it.
  expect(kept.filter(({ revision }) => revision === null).map(({ url }) => url)).toEqual([
    '/assets/A4-Qr_s-678.mp3',
    '/assets/index-AbCd1234.js',
  ]);
  writeFileSync(join(folder, 'index.html'), '<p>new');
  const now = keptFiles(folder);
  expect(now[0]!.revision).not.toBe(kept[0]!.revision);
  expect(now.slice(1)).toEqual(kept.slice(1));
});
