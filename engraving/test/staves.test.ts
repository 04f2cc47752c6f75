/**
 * Staves as they are engraved, read back from their markup: where heads stand, which signs they carry, what is in
 * correction ink. Glyphs by their places in "Standard Music Font Layout (SMuFL)" (W3C Music Notation Community Group);
 * the lines of the clefs and the order of signatures are common practice.
 */
import {
  CLEFS,
  keyFromSignature,
  parseNote,
  scaleOf,
  staffPosition,
  type Clef,
  type Note,
  type StaffLayout,
} from '@diatonix/core';
import fc from 'fast-check';
import * as vexflow from 'vexflow/bravura';
import { Engraver } from '../src/engraver';
import { asText, measureWithout } from '../src/textSurface';
import { frameOf, questionStaff } from '../src/questionStaff';

const GLYPHS: Readonly<Record<string, string>> = {
  '\uE0A2': 'whole',
  '\uE0A3': 'half',
  '\uE0A4': 'black',
  '\uE260': 'flat',
  '\uE261': 'natural',
  '\uE262': 'sharp',
  '\uE263': 'double-sharp',
  '\uE264': 'double-flat',
  '\uE050': 'g-clef',
  '\uE062': 'f-clef',
  '\uE05C': 'c-clef',
};
/** The note on the middle line of each clef (common practice). */
const MIDDLE: Readonly<Record<Clef, string>> = { treble: 'B4', bass: 'D3', alto: 'C4', tenor: 'A3' };
const HEADS = ['whole', 'half', 'black'];
const SIGNS = ['flat', 'natural', 'sharp', 'double-sharp', 'double-flat'];

// Every sign is as wide as it is high: places are what is looked at.
measureWithout(vexflow, (text, pixels) => ({
  width: pixels * 0.3 * text.length,
  box: { left: 0, right: pixels * 0.3, up: pixels / 2, down: pixels / 2 },
}));
const engraver = new Engraver(vexflow, asText);

interface Sign {
  readonly name: string;
  readonly x: number;
  readonly y: number;
  readonly colour: string;
}

/** The signs of a drawing with their places, groups moved as they say. */
function signsIn(markup: string): Sign[] {
  const found: Sign[] = [];
  const moved = [0];
  for (const [, open, close, text] of markup.matchAll(/(<g[^>]*>)|(<\/g>)|(<text[^>]*>[^<]*<\/text>)/g)) {
    if (open) moved.push(moved.at(-1)! + Number(/translate\(([-\d.]+)/.exec(open)?.[1] ?? 0));
    else if (close) moved.pop();
    else {
      const number = (name: string) => Number(new RegExp(` ${name}="([-\\d.]+)"`).exec(text!)![1]);
      found.push({
        name: GLYPHS[/>([^<]*)</.exec(text!)![1]!] ?? '?',
        x: moved.at(-1)! + number('x'),
        y: number('y'),
        colour: /fill="([^"]*)"/.exec(text!)![1]!,
      });
    }
  }
  return found;
}

const staffLayout = (clef: Clef, fifths: number, moments: readonly (readonly Note[])[]): StaffLayout => ({
  clefs: [clef],
  fifths,
  staves: [moments],
  written: false,
});
function engraved(put: StaffLayout, asked: StaffLayout | null = null) {
  const frame = frameOf([put])!;
  const staff = questionStaff(engraver, frame, put, { asked })!;
  return { frame, staff, signs: signsIn(staff.markup) };
}
const named = (signs: readonly Sign[], names: readonly string[]) =>
  signs.filter(({ name }) => names.includes(name));

test.each(CLEFS)('the %s clef: every note stands on its line or space', (clef) => {
  const middle = staffPosition(parseNote(MIDDLE[clef]));
  fc.assert(
    fc.property(fc.integer({ min: -6, max: 6 }), (from) => {
      const position = middle + from;
      const note = {
        step: ((position % 7) + 7) % 7,
        alteration: 0,
        octave: Math.floor(position / 7),
      } as Note;
      const { frame, signs } = engraved(staffLayout(clef, 0, [[note]]));
      const [head] = named(signs, HEADS);
      // The middle line lies 20 under the top one; each step is 5.
      expect(head!.y).toBe(frame.staves[0]! + 20 - 5 * from);
    }),
    { seed: 4, numRuns: 30 },
  );
});

test.each(CLEFS)('the %s clef: as many signs as the signature has, in their order', (clef) => {
  for (let fifths = -7; fifths <= 7; fifths++) {
    const { signs, frame } = engraved(staffLayout(clef, fifths, [[]]));
    const own = named(signs, SIGNS);
    expect(own).toHaveLength(Math.abs(fifths));
    expect(own.every(({ name }) => name === (fifths > 0 ? 'sharp' : 'flat'))).toBe(true);
    const xs = own.map(({ x }) => x);
    expect([...xs].sort((a, b) => a - b)).toEqual(xs);
    // Letters by their places, which repeat every seven steps of five.
    const middle = staffPosition(parseNote(MIDDLE[clef]));
    const letters = own
      .map(({ y }) => middle + (frame.staves[0]! + 20 - y) / 5)
      .map((position) => 'CDEFGAB'[((position % 7) + 7) % 7]);
    expect(letters.join('')).toBe((fifths > 0 ? 'FCGDAEB' : 'BEADGCF').slice(0, Math.abs(fifths)));
  }
});

test('a scale in its signature carries no sign; every other alteration carries its own', () => {
  for (let fifths = -7; fifths <= 7; fifths++) {
    const key = keyFromSignature(fifths, 'major');
    const notes = scaleOf(key).map((name): Note[] => [{ ...name, octave: 4 }]);
    const signs = named(engraved(staffLayout('treble', fifths, notes)).signs, SIGNS);
    expect(signs).toHaveLength(Math.abs(fifths));
  }
  const alone = (text: string, fifths: number) =>
    named(engraved(staffLayout('treble', fifths, [[parseNote(text)]])).signs, SIGNS)
      .slice(Math.abs(fifths))
      .map(({ name }) => name);
  expect(alone('F#4', 0)).toEqual(['sharp']);
  expect(alone('F4', 1)).toEqual(['natural']);
  expect(alone('F#4', 1)).toEqual([]);
  expect(alone('Bbb4', 0)).toEqual(['double-flat']);
  expect(alone('F##4', 1)).toEqual(['double-sharp']);
});

test('an accidental holds to the end of the line, in its own octave', () => {
  const line = ['F#4', 'F#4', 'F#5', 'F4', 'F4'].map((text) => [parseNote(text)]);
  const signs = named(engraved(staffLayout('treble', 0, line)).signs, SIGNS).map(({ name }) => name);
  expect(signs).toEqual(['sharp', 'sharp', 'natural']);
});

test('heads stand evenly, to the right of the clef, within the width', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 60, max: 79 }), { minLength: 2, maxLength: 8 }),
      fc.integer({ min: -4, max: 4 }),
      (heights, fifths) => {
        const scale = scaleOf(keyFromSignature(fifths, 'major'));
        const notes = heights.map((height): Note[] => [{ ...scale[height % 7]!, octave: 4 + (height % 2) }]);
        const { staff, signs } = engraved(staffLayout('treble', fifths, notes));
        const gaps = staff.xs.slice(1).map((x, at) => x - staff.xs[at]!);
        expect(Math.max(...gaps) - Math.min(...gaps)).toBeLessThanOrEqual(1);
        const heads = named(signs, HEADS);
        expect(heads).toHaveLength(heights.length);
        const clefs = signs.filter(({ name }) => name === 'g-clef');
        expect(Math.min(...heads.map(({ x }) => x))).toBeGreaterThan(clefs[0]!.x + 12);
        expect(Math.max(...heads.map(({ x }) => x))).toBeLessThan(staff.width);
      },
    ),
    { seed: 9, numRuns: 40 },
  );
});

test('a chord has a head for every note, seconds side by side', () => {
  const { signs } = engraved(
    staffLayout('treble', 0, [['E4', 'G4', 'A4', 'C5'].map((text) => parseNote(text))]),
  );
  const heads = named(signs, HEADS);
  expect(heads).toHaveLength(4);
  expect(new Set(heads.map(({ x }) => x)).size).toBe(2);
  const third = named(
    engraved(staffLayout('treble', 0, [['E4', 'G4'].map((text) => parseNote(text))])).signs,
    HEADS,
  );
  expect(new Set(third.map(({ x }) => x)).size).toBe(1);
});

test('only what did not stand when it was asked is in correction ink', () => {
  const of = (...texts: string[]) => staffLayout('treble', 0, [texts.map((text) => parseNote(text))]);
  const answer = of('E4', 'G4', 'C5');
  const { signs } = engraved(answer, of('E4'));
  const colours = named(signs, HEADS).map(({ y, colour }) => [y, colour === 'var(--correction)']);
  const frame = frameOf([answer])!;
  const y = (text: string) =>
    frame.staves[0]! + 20 - 5 * (staffPosition(parseNote(text)) - staffPosition(parseNote('B4')));
  expect(colours.sort((a, b) => Number(b[0]) - Number(a[0]))).toEqual([
    [y('E4'), false],
    [y('G4'), true],
    [y('C5'), true],
  ]);
  expect(named(engraved(answer).signs, HEADS).every(({ colour }) => colour === 'currentColor')).toBe(true);
});

describe('a grand staff', () => {
  const notes = (texts: string[]) => texts.map((text) => parseNote(text));
  const put: StaffLayout = {
    clefs: ['treble', 'bass'],
    fifths: -3,
    staves: [
      [notes(['G4', 'C5']), notes(['F4', 'B4'])],
      [notes(['C3', 'Eb3']), []],
    ],
    written: false,
  };

  test('has both clefs and both signatures, the lower staff under the upper', () => {
    const { frame, signs } = engraved(put);
    expect(frame.joined).toBe(true);
    expect(frame.staves[1]! - frame.staves[0]!).toBeGreaterThan(60);
    expect(named(signs, ['g-clef', 'f-clef'])).toHaveLength(2);
    expect(named(signs, ['flat'])).toHaveLength(6);
    // B natural leaves the signature.
    expect(named(signs, ['natural'])).toHaveLength(1);
  });

  test('an empty moment of one staff leaves the other where it is', () => {
    const { signs, staff, frame } = engraved(put);
    const lower = named(signs, HEADS).filter(({ y }) => y > frame.staves[1]! - 15);
    expect(lower).toHaveLength(2);
    expect(staff.xs).toHaveLength(2);
  });
});

describe('frames', () => {
  test('of nothing there is none; of words alone neither', () => {
    expect(frameOf([])).toBeNull();
    expect(frameOf([{ clefs: [], fifths: 0, staves: [], written: false }])).toBeNull();
  });

  test('are higher where notes lie far over or under the staff, so that nothing is cut', () => {
    const plain = frameOf([staffLayout('treble', 0, [[parseNote('B4')]])])!;
    const high = frameOf([staffLayout('treble', 0, [[parseNote('E6')]])])!;
    const low = frameOf([staffLayout('treble', 0, [[parseNote('F3')]])])!;
    expect(high.staves[0]!).toBeGreaterThan(plain.staves[0]!);
    expect(low.height).toBeGreaterThan(plain.height);
    expect(low.staves[0]).toBe(plain.staves[0]);
  });

  test('of several questions hold the widest of them, so that their staves are level', () => {
    const puts = ['B4', 'E6', 'F3'].map((text) => staffLayout('treble', 0, [[parseNote(text)]]));
    const all = frameOf(puts)!;
    for (const put of puts) {
      const own = frameOf([put])!;
      expect(all.staves[0]!).toBeGreaterThanOrEqual(own.staves[0]!);
      expect(all.height).toBeGreaterThanOrEqual(own.height);
      const staff = questionStaff(engraver, all, put)!;
      const [head] = named(signsIn(staff.markup), HEADS);
      expect(head!.y).toBeGreaterThan(0);
      expect(head!.y).toBeLessThan(all.height);
    }
  });
});

test('a column is drawn once for its notes, clef and signature, and anew for any other', () => {
  const frame = frameOf([staffLayout('treble', 0, [[parseNote('C5')]])])!;
  const column = (text: string, fifths = 0, clef: Clef = 'treble') =>
    engraver.column([{ clef, notes: [parseNote(text)] }], frame, fifths, 'w');
  expect(column('C5')).toBe(column('C5'));
  const others = [column('D5'), column('C5', 2), column('C#5'), column('C4', 0, 'alto')];
  expect(new Set([column('C5'), ...others]).size).toBe(5);
});

test('stems follow the value; whole notes have none', () => {
  const frame = frameOf([staffLayout('treble', 0, [[parseNote('C5')]])])!;
  const draw = (value: 'w' | 'h' | 'q') =>
    engraver.column([{ clef: 'treble', notes: [parseNote('C5')] }], frame, 0, value).markup;
  const heads = (markup: string) => named(signsIn(markup), HEADS).map(({ name }) => name);
  expect(heads(draw('w'))).toEqual(['whole']);
  expect(heads(draw('h'))).toEqual(['half']);
  expect(heads(draw('q'))).toEqual(['black']);
  const strokes = (markup: string) => (markup.match(/<(?:path|rect)/g) ?? []).length;
  expect(strokes(draw('w'))).toBe(0);
  expect(strokes(draw('h'))).toBeGreaterThan(0);
});

test('what stands on the staff is what was put there, in any key', () => {
  fc.assert(
    fc.property(fc.integer({ min: -7, max: 7 }), fc.integer({ min: 0, max: 6 }), (fifths, degree) => {
      const note: Note = { ...scaleOf(keyFromSignature(fifths, 'major'))[degree]!, octave: 4 };
      const put = staffLayout('treble', fifths, [[note]]);
      const { frame, signs } = engraved(put);
      const [head] = named(signs, HEADS);
      const position = staffPosition(parseNote('B4')) + (frame.staves[0]! + 20 - head!.y) / 5;
      expect(position).toBe(staffPosition(note));
    }),
    { seed: 2, numRuns: 60 },
  );
});
