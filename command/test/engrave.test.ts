/** `diatonix engrave`: a score as a picture and as pages, and what is refused. */
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { diatonix } from './program';

const CHORALE = join(__dirname, '..', '..', 'core', 'test', 'oracles', 'chorale-012.musicxml');
const folder = mkdtempSync(join(tmpdir(), 'diatonix-'));
const to = (name: string) => join(folder, name);

test('one picture with all systems, each bar of each staff a group, the labels under it', () => {
  const out = to('chorale.svg');
  expect(diatonix(['engrave', CHORALE, '--svg', out, '--labels', '--width', '150'])).toMatchObject({
    status: 0,
  });
  const svg = readFileSync(out, 'utf8');
  const bars = [...svg.matchAll(/<g data-bar="(\d+)" data-staff="(\d)">/g)].map(
    ([, bar, staff]) => `${bar} ${staff}`,
  );
  // An upbeat and sixteen bars on four staves, each once.
  expect(new Set(bars).size).toBe(17 * 4);
  expect(bars).toHaveLength(17 * 4);
  expect(bars[0]).toBe('0 1');
  expect(svg).toMatch(/^<svg [^>]*width="151\.75mm"/);
  expect(svg).toContain('<text class="key"');
  expect([...svg.matchAll(/<text class="numeral"[^>]*>([^<]*)/g)].map(([, text]) => text)[0]).toBe('i');
  expect(svg).toContain('@font-face{font-family:Bravura');
});

test('pages as PDF', () => {
  const out = to('chorale.pdf');
  expect(diatonix(['engrave', CHORALE, '--pdf', out, '--closed', '--paper', 'Letter'])).toMatchObject({
    status: 0,
  });
  expect(readFileSync(out, 'latin1').startsWith('%PDF-')).toBe(true);
});

test.each([
  [['engrave'], 'one file is engraved at a time'],
  [['engrave', CHORALE], 'nothing says where it is to go'],
  [['engrave', CHORALE, '--svg', to('x.svg'), '--width', '5'], 'this is not a width in millimetres'],
  [['engrave', CHORALE, '--pdf', to('x.pdf'), '--paper', 'A9'], 'there is no such paper'],
  [['engrave', to('none.musicxml'), '--svg', to('x.svg')], 'this file cannot be read'],
  [['engrave', CHORALE, '--svg', join(folder, 'nowhere', 'x.svg')], 'this file cannot be written'],
])('%j is refused in words', (args, words) => {
  const { status, stderr } = diatonix(args);
  expect(status).toBe(2);
  expect(stderr).toContain(words);
});
