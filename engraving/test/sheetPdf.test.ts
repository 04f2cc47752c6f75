/**
 * Sheets as PDF, written without a page, and read back with Poppler (pdftotext, pdffonts, pdfinfo: Debian's
 * poppler-utils, general-purpose); without it what is in the file is looked at alone.
 */
import { DEFAULT_LABEL_STYLE, makeSheet, type SheetSpec } from '@diatonix/core';
import { create } from 'fontkit';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import * as vexflow from 'vexflow/bravura';
import { sheetPdf, slipsPdf, type FontFiles, type SheetPages, type ReturnSlip } from '../src/pdf';
import type { SheetWorking } from '../src/working';
import { unpacked } from '../src/pdf/sfnt';

const font = (path: string): Uint8Array => readFileSync(require.resolve(path));
const FONTS: FontFiles = {
  bravura: font('@vexflow-fonts/bravura/bravura.otf'),
  sans400: font('@fontsource/source-sans-3/files/source-sans-3-latin-400-normal.woff'),
  sans600: font('@fontsource/source-sans-3/files/source-sans-3-latin-600-normal.woff'),
  serif400: font('@fontsource/source-serif-4/files/source-serif-4-latin-400-normal.woff'),
  serif600: font('@fontsource/source-serif-4/files/source-serif-4-latin-600-normal.woff'),
  single: font('@fontsource/dejavu-sans/files/dejavu-sans-latin-400-normal.woff'),
  double: font('@fontsource/noto-music/files/noto-music-music-400-normal.woff'),
};
const SPEC: SheetSpec = {
  title: 'Ropewalk, a sheet for the ebb',
  seed: 12,
  sections: [
    { kind: 'interval-name', count: 6, marks: 2 },
    { kind: 'triad-build', count: 4, marks: 2 },
    { kind: 'figures-name', count: 4, marks: 3 },
    { kind: 'chord-map', count: 1, marks: 4 },
    { kind: 'work-back', count: 2, marks: 2 },
    { kind: 'parts-complete', count: 2, marks: 4 },
    { kind: 'harmonise', count: 1, marks: 4 },
  ],
};
const LOOK: Omit<SheetPages, 'sheets'> = {
  paper: 'A4',
  zoom: 1,
  scrap: 'none',
  about: 'Harbour class, 2 December 2026',
  answers: true,
  names: [],
};
const folder = mkdtempSync(join(tmpdir(), 'diatonix-pdf-'));
const make = async (look: Partial<SheetPages> = {}, versions = [0], working: SheetWorking = 'none') => {
  const sheets = versions.map((version) => makeSheet(SPEC, version));
  const bytes = await sheetPdf({ vexflow, fonts: FONTS }, { ...LOOK, sheets, ...look }, DEFAULT_LABEL_STYLE, {
    working,
  });
  const path = join(folder, `${Math.random()}.pdf`);
  writeFileSync(path, bytes);
  return { path, sheets, raw: Buffer.from(bytes).toString('latin1') };
};
const pagesIn = (raw: string) => raw.match(/\/Type \/Page\b/g)!.length;
const poppler = spawnSync('pdftotext', ['-v']).error === undefined;
const read = (tool: string, ...args: string[]) => spawnSync(tool, args, { encoding: 'utf8' }).stdout;

test('is a PDF with every font embedded, whose pages are those of the paper', async () => {
  const { raw } = await make();
  expect(raw.startsWith('%PDF-')).toBe(true);
  expect(raw).toMatch(/\/FontFile[23]/);
  expect(raw).not.toContain('Helvetica');
  expect(raw).toContain('595.28 841.89');
  const letter = await make({ paper: 'Letter', landscape: true });
  expect(letter.raw).toContain('792 612');
});

test('pupils’ pages hold no answers, the answers follow, and large print needs more pages', async () => {
  const pupils = await make({ answers: false });
  const both = await make();
  const large = await make({ answers: false, zoom: 1.45 });
  expect(pagesIn(both.raw)).toBeGreaterThan(pagesIn(pupils.raw));
  expect(pagesIn(large.raw)).toBeGreaterThan(pagesIn(pupils.raw));
  const scratch = await make({ answers: false, scrap: 'letters' });
  expect(pagesIn(scratch.raw)).toBeGreaterThanOrEqual(pagesIn(pupils.raw));
});

test('another reader finds its text, its fonts and its pages', async () => {
  const { path, sheets, raw } = await make({ names: ['Ana Šlape', 'Bo', 'Cy'] }, [0, 1], 'full');
  if (!poppler) {
    expect(raw.length).toBeGreaterThan(20_000);
    return;
  }
  const text = read('pdftotext', '-layout', path, '-');
  expect(text).toContain('Ropewalk, a sheet for the ebb');
  expect(text).toContain('Ana Šlape');
  for (const { code, sections } of sheets) {
    expect(text).toContain(code);
    // Every answer of the first section stands on the answer pages, in words that can be selected.
    for (const { answers } of sections[0]!.questions) expect(text).toContain(String(answers[0]));
  }
  expect(text).toContain('Name each interval: quality and number.');
  expect(text).toContain('answers, version B');
  const fonts = read('pdffonts', path).trim().split('\n').slice(2);
  expect(fonts.length).toBeGreaterThanOrEqual(4);
  for (const line of fonts) expect(line).toMatch(/ yes yes yes /);
  expect(Number(/Pages:\s+(\d+)/.exec(read('pdfinfo', path))![1])).toBe(pagesIn(raw));
});

test('nothing stands outside the paper', async () => {
  const { path } = await make({}, [0], 'full');
  if (!poppler) {
    expect(readFileSync(path).length).toBeGreaterThan(20_000);
    return;
  }
  const boxes = [
    ...read('pdftotext', '-bbox', path, '-').matchAll(
      /xMin="([-\d.]+)" yMin="([-\d.]+)" xMax="([-\d.]+)" yMax="([-\d.]+)"/g,
    ),
  ];
  expect(boxes.length).toBeGreaterThan(200);
  for (const [, left, top, right, bottom] of boxes) {
    expect(Number(left)).toBeGreaterThanOrEqual(20);
    expect(Number(top)).toBeGreaterThanOrEqual(0);
    expect(Number(right)).toBeLessThanOrEqual(575);
    expect(Number(bottom)).toBeLessThanOrEqual(842);
  }
});

test('a pupil’s slip goes over as many pages as it needs, and each pupil begins a new one', async () => {
  const slip = (pupil: string, lines: number): ReturnSlip => ({
    marks: 'Question by question: 1.1 1 of 1.',
    pupil,
    got: 3.5,
    of: 20,
    wrong: Array.from({ length: lines }, (_, at) => ({
      label: `1.${at + 1}`,
      asked: 'C4–E♭4 in C minor',
      wrote: 'M3',
      right: 'm3',
      notes: ['The flat of the signature was forgotten.', 'Look at the signature first.'],
      working: `Step ${at + 1}: C to E is a third. The signature lowers E. From C to E♭ are three half steps.`,
    })),
    practise: 'To practise: naming intervals.',
  });
  const slips = [slip('Ana Šlape', 2), slip('Bo', 40), slip('Cy', 0)];
  const pages = { slips, about: 'Low water, 2026-12-02', paper: 'A4' as const };
  const bytes = await slipsPdf(FONTS, 'Slips', pages);
  const path = join(folder, 'slips.pdf');
  writeFileSync(path, bytes);
  const raw = Buffer.from(bytes).toString('latin1');
  expect(pagesIn(raw)).toBeGreaterThan(4);
  if (!poppler) return;
  const text = read('pdftotext', '-layout', path, '-').split('\f').slice(0, -1);
  expect(text).toHaveLength(pagesIn(raw));
  expect(text[0]).toContain('Ana Šlape');
  expect(text[0]).toMatch(/3\.5\s+of 20 marks/);
  expect(text[0]).toContain('E♭');
  const own = text.filter((one) => one.includes('Bo\n') || /^\s*Bo\s/.test(one));
  expect(own).toHaveLength(pagesIn(raw) - 2);
  expect(own.join('')).toContain('1.40');
  expect(own.join('').match(/Step \d+:/g)).toHaveLength(40);
  expect(text.at(-1)).toContain('Cy');
  for (const [, top, bottom] of read('pdftotext', '-bbox', path, '-').matchAll(
    /yMin="([-\d.]+)" xMax="[-\d.]+" yMax="([-\d.]+)"/g,
  )) {
    expect(Number(top)).toBeGreaterThanOrEqual(0);
    expect(Number(bottom)).toBeLessThanOrEqual(842);
  }
});

test('a packed font is unpacked to the same font', () => {
  const [packed, plain] = [FONTS.serif600, unpacked(FONTS.serif600)];
  expect(Buffer.from(plain.subarray(0, 4)).toString('hex')).toBe('00010000');
  const [a, b] = [packed, plain].map((file) => create(Buffer.from(file)));
  if (!('layout' in a!) || !('layout' in b!)) throw new Error('These are single fonts.');
  expect(b.layout('Figured bass').advanceWidth).toBe(a.layout('Figured bass').advanceWidth);
  expect(unpacked(FONTS.bravura)).toBe(FONTS.bravura);
});
