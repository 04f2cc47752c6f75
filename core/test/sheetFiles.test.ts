/** What stands on the staves of a sheet, as MusicXML, read back by another program; and marks by part. */
import { KINDS, earnedShare, makeSheet, markAnswer, staffLayout, type SheetSpec } from '../src';
import { readMusicXml, sheetToMusicXml } from '../src/format/musicxml';
import { verovio, type Toolkit } from './verovio';

const spec = (kinds: readonly string[], count = 3): SheetSpec => ({
  title: 'Breakwater',
  seed: 21,
  sections: kinds.map((kind) => ({ kind, count })),
});
const LETTERS = 'cdefgab';

/** Notes of a sheet as they stand, sorted, with the signs that sound. */
const standing = (sheet: ReturnType<typeof makeSheet>) =>
  sheet.sections
    .flatMap(({ questions }) => questions.map(staffLayout))
    .filter(({ clefs }) => clefs.length > 0)
    .flatMap(({ staves }) => staves.flat(2))
    .map(({ step, octave, alteration }) => `${LETTERS[step]!}${octave} ${alteration}`)
    .sort();

describe('the staves of a sheet as MusicXML', () => {
  let toolkit: Toolkit;
  beforeAll(async () => {
    toolkit = await verovio();
  });
  afterAll(() => toolkit.destroy?.());

  const kinds = KINDS.map(({ id }) => id).filter((id) => !/listen|harmonise/.test(id));

  test('an engraver from the registry finds every note, in its octave and with its sign', () => {
    const sheet = makeSheet(spec(kinds));
    expect(toolkit.loadData(sheetToMusicXml(sheet))).toBeTruthy();
    const mei = toolkit.getMEI();
    const alterations: Record<string, number> = { s: 1, x: 2, ss: 2, f: -1, ff: -2, n: 0 };
    const notes = [...mei.matchAll(/<note [^>]*?>[\s\S]*?(?=<note |<\/chord>|<rest |<\/layer>)/g)].map(
      ([text]) => {
        const of = (name: string) => new RegExp(`\\b${name}="([^"]*)"`).exec(text)?.[1];
        const sign = of('accid.ges') ?? of('accid') ?? 'n';
        return `${of('pname')}${of('oct')} ${alterations[sign]}`;
      },
    );
    expect(notes.sort()).toEqual(standing(sheet));
    expect(notes.length).toBeGreaterThan(150);
  });

  test('our own reader finds the same, with a measure for each question', () => {
    const sheet = makeSheet(spec(['interval-name', 'triad-name', 'progression-label'], 4));
    const xml = sheetToMusicXml(sheet);
    expect(xml.match(/<measure /g)).toHaveLength(12);
    expect(readMusicXml(xml).notes).toHaveLength(standing(sheet).length);
    for (const label of ['1.1', '2.4', '3.4']) expect(xml).toContain(`<words>${label}</words>`);
  });

  test('a sheet in words alone is an empty measure', () => {
    expect(sheetToMusicXml(makeSheet(spec(['degree-name'])))).toContain('<measure number="1">');
  });
});

describe('marks by part', () => {
  const parts = { root: 1, quality: 3, inversion: 0 };
  const section = { kind: 'triad-name', count: 2, parts };
  const sheet = makeSheet({ title: '', seed: 3, sections: [section] });
  const [question] = sheet.sections[0]!.questions;
  const right = question!.answers[0] as { root: string; quality: string; inversion: number };
  const share = (answer: unknown, options = {}) => earnedShare(markAnswer(question!, answer), options);

  test('stand in the place of the marks of the whole', () => {
    expect([sheet.marks, sheet.sections[0]!.marks, sheet.sections[0]!.parts]).toEqual([8, 4, parts]);
  });

  test('each part earns its own; without them all count alike', () => {
    const other = { ...right, quality: right.quality === 'minor' ? 'major' : 'minor' };
    expect(share(right, { byPart: parts })).toBe(1);
    expect(share(other, { byPart: parts })).toBe(0.25);
    expect(share(other)).toBeCloseTo(2 / 3, 5);
    const turned = { ...right, inversion: (right.inversion + 1) % 3 };
    expect(share(turned, { byPart: parts })).toBe(1);
    expect(share('herring')).toBe(0);
  });
});
