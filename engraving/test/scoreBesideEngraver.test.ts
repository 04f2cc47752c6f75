/** A score as one picture: for each bar an engraver from the registry (Verovio) draws the same signs. */
import demo from '@diatonix/demo/workbook.json';
import { placesByBar, scoreOfRows, type Score, type ScoreRows } from '@diatonix/core';
import { readScoreFile, writeScoreXml } from '@diatonix/core/files';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import * as vexflow from 'vexflow/bravura';
import { scorePicture } from '../src/pdf';
import { planStaves, withoutEmpty, writtenPitch } from '../src/score';

const FONT = readFileSync(require.resolve('@vexflow-fonts/bravura/bravura.otf'));
const CHORALE = join(__dirname, '..', '..', 'core', 'test', 'oracles', 'chorale-012.musicxml');

interface Counts {
  heads: number;
  rests: number;
  dots: number;
  flags: number;
  ties: number;
}
const none = (): Counts => ({ heads: 0, rests: 0, dots: 0, flags: 0, ties: 0 });

/** By the ranges of SMuFL (Standard Music Font Layout, W3C). */
function count(sign: number, counts: Counts): void {
  if (sign >= 0xe0a0 && sign <= 0xe0a9) counts.heads++;
  else if (sign >= 0xe4e2 && sign <= 0xe4eb) counts.rests++;
  else if (sign === 0xe1e7) counts.dots++;
  else if (sign >= 0xe240 && sign <= 0xe24f) counts.flags++;
}

/** The signs of each bar in our picture, over all staves. */
function drawn(score: Score): Counts[] {
  const options = { width: 100_000, closed: false, labels: [], fontFace: '' };
  const picture = scorePicture({ vexflow, bravura: FONT }, score, options);
  const bars = new Map<number, Counts>();
  for (const [, bar, inside] of picture.matchAll(
    /<g data-bar="(\d+)" data-staff="\d+">([\s\S]*?)(?=<g data-bar|$)/g,
  )) {
    const counts = bars.get(Number(bar)) ?? none();
    bars.set(Number(bar), counts);
    for (const [, signs] of inside!.matchAll(/<text[^>]*>([^<]*)<\/text>/g))
      for (const sign of signs!) count(sign.codePointAt(0)!, counts);
    counts.ties += inside!.split('class="tie"').length - 1;
  }
  return [...bars].sort(([a], [b]) => a - b).map(([, counts]) => counts);
}

interface Engraver {
  setOptions(options: object): void;
  loadData(data: string): boolean;
  renderToSVG(page: number): string;
}

async function engraver(): Promise<Engraver> {
  // eslint-disable-next-line @typescript-eslint/no-require-imports
  const package_ = require('verovio') as {
    module: { onRuntimeInitialized: () => void };
    toolkit: new () => Engraver;
  };
  await new Promise<void>((resolve) => (package_.module.onRuntimeInitialized = resolve));
  const toolkit = new package_.toolkit();
  toolkit.setOptions({ breaks: 'none', adjustPageHeight: true, header: 'none', footer: 'none' });
  return toolkit;
}

/** The signs of each measure in the picture of the other engraver. */
function engraved(toolkit: Engraver, xml: string): Counts[] {
  expect(toolkit.loadData(xml)).toBeTruthy();
  const bars: Counts[] = [];
  const groups: string[] = [];
  for (const [tag, close, attributes, empty, shape] of toolkit
    .renderToSVG(1)
    .matchAll(/<(\/?)g([^>]*?)(\/?)>|<(use|ellipse)\b/g)) {
    const counts = bars[bars.length - 1] ?? none();
    if (shape === 'use') {
      const inside = groups[groups.length - 1]!;
      if (inside === 'notehead') counts.heads++;
      else if (inside === 'rest' || inside === 'mRest') counts.rests++;
      else if (groups.includes('flag')) counts.flags++;
    } else if (shape) counts.dots += groups.includes('dots') ? 1 : 0;
    else if (close) groups.pop();
    else if (tag) {
      const name = /class="([^"\s]*)/.exec(attributes!)?.[1] ?? '';
      if (name === 'measure') bars.push(none());
      if (name === 'tie') counts.ties++;
      if (!empty) groups.push(name);
    }
  }
  return bars;
}

const PIECES: readonly (readonly [string, () => Score])[] = [
  ['a chorale', () => readScoreFile('chorale.musicxml', readFileSync(CHORALE)).value],
  ...demo.workbook.documents
    .filter(({ kind }) => kind === 'score')
    .map(({ body }) => {
      const { score } = body as unknown as { readonly score: ScoreRows };
      return [score.title, () => scoreOfRows(score)] as const;
    }),
];

test.each(PIECES)('%s', async (_, piece) => {
  const score = piece();
  const toolkit = await TOOLKIT;
  const ours = drawn(score);
  const theirs = engraved(toolkit, writeScoreXml(score));
  expect(ours).toHaveLength(theirs.length);
  // Where a piece does not say which notes are beamed we beam by the metre, and the other engraver not at all.
  const told = score.notes.some(({ beam }) => beam !== undefined);
  const compared = (all: readonly Counts[]) => all.map((one) => (told ? one : { ...one, flags: 0 }));
  expect(compared(ours)).toEqual(compared(theirs));
  expect(ours.reduce((sum, { heads }) => sum + heads, 0)).toBeGreaterThan(20);
});

/** Signs of playing, dynamics and jumps as SMuFL has them: which are in a picture, and how often. */
function signsIn(picture: string): Record<string, number> {
  const found: Record<string, number> = {};
  const add = (sign: number) => {
    const own = sign.toString(16).toUpperCase();
    const isPlaying = (sign >= 0xe4a0 && sign <= 0xe4c1) || (sign >= 0xe520 && sign <= 0xe52f);
    if (isPlaying || sign === 0xe566 || sign === 0xe047 || sign === 0xe048)
      found[own] = (found[own] ?? 0) + 1;
  };
  for (const [, id] of picture.matchAll(/<use [^>]*#(E[0-9A-F]{3})-/g)) add(parseInt(id!, 16));
  for (const [, signs] of picture.matchAll(/<text[^>]*>([^<]*)<\/text>/g))
    for (const sign of signs!) add(sign.codePointAt(0)!);
  return found;
}

test('signs of playing, dynamics, jumps and slurs of a piece of our own', async () => {
  const { value: score } = readScoreFile('signs.musicxml', readFileSync(join(__dirname, 'signs.musicxml')));
  const options = { width: 100_000, closed: false, labels: [], fontFace: '', dynamics: true };
  const ours = scorePicture({ vexflow, bravura: FONT }, score, options);
  const toolkit = await TOOLKIT;
  expect(toolkit.loadData(writeScoreXml(score))).toBeTruthy();
  const theirs = toolkit.renderToSVG(1);
  // The letters of a dynamic may be one sign: `mp` is U+E52C.
  const spelt = (counts: Record<string, number>) => {
    const { E52C = 0, E520 = 0, E521 = 0, ...rest } = counts;
    return { ...rest, E520: E520 + E52C, E521: E521 + E52C };
  };
  expect(spelt(signsIn(ours))).toEqual(spelt(signsIn(theirs)));
  const slurs = (picture: string) => picture.split(/class="slur/).length - 1;
  expect(slurs(ours)).toBe(slurs(theirs));
  expect(slurs(ours)).toBe(3);
  // Endings, the octave line and the two hairpins are strokes; the words stand as text.
  expect(ours.match(/class="ending"/g)).toHaveLength(2);
  for (const word of ['8va', 'Fine', 'D.S. al Fine', 'Calmly', 'N.C.', 'Ev-'])
    expect(ours).toContain(`>${word}<`);
});

test('in an octave line notes stand an octave lower than they sound', () => {
  const { value: score } = readScoreFile('signs.musicxml', readFileSync(join(__dirname, 'signs.musicxml')));
  const plan = planStaves(score, false);
  const [upper] = plan.staves;
  const shifted = score.notes.find(({ note }) => note?.octave === 6)!;
  expect(writtenPitch(shifted.note!, upper!, shifted.onset)).toEqual({ ...shifted.note!, octave: 5 });
});

test('staves on which a system has only rests may go; the name passes on', () => {
  const { value: score } = readScoreFile('signs.musicxml', readFileSync(join(__dirname, 'signs.musicxml')));
  const plan = planStaves(score, false);
  const inBars = placesByBar(score);
  expect(withoutEmpty(plan, score, inBars[0]!)).toBe(plan);
  const second = withoutEmpty(plan, score, inBars[1]!);
  expect(second.staves.map(({ index }) => index)).toEqual([0]);
  expect(second.braces).toEqual([]);
  expect(second.height).toBeLessThan(plan.height);
  // The same staves are the same plan, so that nothing is drawn again.
  expect(withoutEmpty(plan, score, inBars[2]!)).toBe(second);
});

const TOOLKIT = engraver();
