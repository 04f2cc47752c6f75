/** A score that is read again after a change reads as if it were read for the first time. */
import fc from 'fast-check';
import {
  barsAfter,
  noteName,
  parseKey,
  parseMetre,
  parseNote,
  printKey,
  analyseScore,
  sameValue,
  ScoreReader,
  TICKS_A_QUARTER,
  type ScoreNote,
  type ScoreRuling,
  type ScoreToRead,
} from '../src';
import { chorale } from './choraleReading';

/** Chorales one after the other, in the signature of the first. */
function together(...names: readonly string[]): ScoreToRead {
  let at = 0;
  const all = names.map((name) => {
    const { score } = chorale(name);
    const by = at;
    at += score.bars[score.bars.length - 1]!.to;
    return {
      notes: score.notes.map((one) => ({ ...one, onset: one.onset + by, end: one.end + by })),
      bars: score.bars.map((one) => ({ ...one, from: one.from + by, to: one.to + by })),
      fermatas: score.fermatas.map((time) => time + by),
    };
  });
  return {
    notes: all.flatMap(({ notes }) => notes),
    bars: all.flatMap(({ bars }) => bars),
    fermatas: all.flatMap(({ fermatas }) => fermatas),
    signatures: chorale(names[0]!).score.signatures.slice(0, 1),
  };
}

interface Piece {
  readonly score: ScoreToRead;
  readonly rulings: readonly ScoreRuling[];
}

const ends = ({ notes }: ScoreToRead) => Math.max(...notes.map(({ end }) => end));

/** Changes a piece somewhere; `where` and `how` are any numbers. */
function changed({ score, rulings }: Piece, kind: string, where: number, how: number): Piece {
  const { notes, fermatas } = score;
  const at = where % notes.length;
  const put = (...one: readonly ScoreNote[]): Piece => ({
    score: { ...score, notes: [...notes.slice(0, at), ...one, ...notes.slice(at + 1)] },
    rulings,
  });
  const rule = (ruling: ScoreRuling): Piece => ({ score, rulings: [...rulings, ruling] });
  const old = notes[at]!;
  const middle = old.onset + (old.end - old.onset) / 2;
  const key = parseKey(['C major', 'G major', 'E minor', 'F# minor'][how % 4]!);
  switch (kind) {
    case 'pitch':
      return put({ ...old, note: { ...noteName(how % 7, (how % 3) - 1), octave: old.note.octave } });
    case 'octave':
      return put({ ...old, note: { ...old.note, octave: old.note.octave === 4 ? 3 : 4 } });
    case 'remove':
      return put();
    case 'divide':
      return put({ ...old, end: middle }, { ...old, onset: middle });
    case 'shorten':
      return put({ ...old, end: middle });
    case 'fermata':
      return {
        rulings,
        score: {
          ...score,
          fermatas: fermatas.includes(old.onset)
            ? fermatas.filter((time) => time !== old.onset)
            : [...fermatas, old.onset].sort((a, b) => a - b),
        },
      };
    case 'metre':
      return {
        score: { ...score, bars: barsAfter(0, parseMetre(how % 2 ? '3/4' : '2/2'), ends(score)) },
        rulings,
      };
    case 'join':
      return rule({ kind: 'join', at: old.onset });
    case 'split':
      return rule({ kind: 'split', at: old.onset });
    case 'key':
      return rule({ kind: 'key', from: old.onset, to: old.onset + (how % 9) * TICKS_A_QUARTER, key });
    case 'numeral': {
      const chords = analyseScore(score).chords.flatMap(({ readings }) => readings);
      const { from, to, key: own, numeral } = chords[where % chords.length]!;
      return rule({ kind: 'numeral', from, to, key: own, numeral });
    }
    default:
      return { score, rulings: [] };
  }
}

const KINDS = [
  ...['pitch', 'pitch', 'pitch', 'octave', 'remove', 'divide', 'shorten'],
  ...['fermata', 'metre', 'join', 'split', 'key', 'numeral', 'no rulings'],
];
const changes = fc.array(fc.tuple(fc.constantFrom(...KINDS), fc.nat(), fc.nat()), {
  minLength: 1,
  maxLength: 6,
});

const PIECES: readonly (readonly [name: string, score: ScoreToRead])[] = [
  ['chorales with fermatas', together('012', '006')],
  ['chorales in which hardly a phrase is marked', { ...together('012', '012'), fermatas: [0] }],
  ['chorales under one signature after another', twoSignatures()],
];

function twoSignatures(): ScoreToRead {
  const score = together('006', '012');
  const at = score.bars[score.bars.length >> 1]!.from;
  return { ...score, signatures: [...score.signatures, { at, fifths: score.signatures[0]!.fifths + 1 }] };
}

describe.each(PIECES)('%s', (_, score) => {
  test('read again after any changes are as read afresh', () => {
    fc.assert(
      fc.property(changes, (list) => {
        const reader = new ScoreReader();
        let piece: Piece = { score, rulings: [] };
        reader.read(piece.score);
        for (const [kind, where, how] of list) {
          piece = changed(piece, kind, where, how);
          const again = reader.read(piece.score, { rulings: piece.rulings });
          expect(sameValue(again, analyseScore(piece.score, { rulings: piece.rulings }))).toBe(true);
        }
      }),
      { numRuns: 6 },
    );
  });
});

test('another note leaves nearly all chords the objects that they were, at any length', () => {
  const long = together(...Array.from({ length: 12 }, () => '012'));
  const reader = new ScoreReader();
  const first = reader.read(long);
  const before = new Set(first.chords);
  for (const where of [0, 800, 1500]) {
    const { score } = changed({ score: long, rulings: [] }, 'pitch', where, where);
    const { chords } = reader.read(score);
    expect(chords.filter((chord) => !before.has(chord)).length).toBeLessThan(120);
    reader.read(long);
  }
  const last = reader.read(long);
  const again = reader.read(long);
  expect(again.chords).toEqual(first.chords);
  expect(again.slices.every((slice, at) => slice === last.slices[at])).toBe(true);
});

test('the same notes in bars of another metre are read as if they were new', () => {
  // F is leapt to on a beat of 4/4, and off the beats of 2/2.
  const leapt = ['C5:1 F5:1 E5:1 C5:1', 'E4:4', 'G3:4', 'C3:4'].flatMap((line, part) => {
    let at = 0;
    return line.split(' ').map((word): ScoreNote => {
      const [name, length] = word.split(':');
      const onset = at;
      at += Number(length) * TICKS_A_QUARTER;
      return { onset, end: at, note: parseNote(name!), part, voice: String(part) };
    });
  });
  const bars = barsAfter(0, parseMetre('4/4'), 4 * TICKS_A_QUARTER);
  const alone: ScoreToRead = { notes: leapt, bars, signatures: [{ at: 0, fifths: 0 }], fermatas: [] };
  const kinds = (one: ScoreToRead) =>
    analyseScore(one).chords.flatMap(({ nonChord }) => nonChord.map(({ kind }) => kind));
  expect(kinds(alone)).toEqual(['appoggiatura']);
  expect(kinds(changed({ score: alone, rulings: [] }, 'metre', 0, 0).score)).toEqual([
    'incomplete-neighbour',
  ]);
  for (const [score, how] of [
    [together('012', '006'), 0],
    [together('012', '006'), 1],
    [alone, 0],
  ] as const) {
    const reader = new ScoreReader();
    reader.read(score);
    const other = changed({ score, rulings: [] }, 'metre', 0, how).score;
    expect(sameValue(reader.read(other), analyseScore(other))).toBe(true);
  }
});

test.each(['join', 'numeral'] as const)('a %s over the end of a phrase is obeyed', (kind) => {
  const score = together('012');
  const { phraseEnds, chords } = analyseScore(score);
  const { at } = phraseEnds[0]!;
  const before = chords.find(({ to }) => to === at)!;
  const after = chords.find(({ from }) => from === at)!;
  const { key, numeral } = before;
  const ruling: ScoreRuling =
    kind === 'join' ? { kind, at } : { kind, from: before.from, to: after.to, key, numeral };
  const ruled = analyseScore(score, { rulings: [ruling] });
  expect(ruled.chords.some(({ from, to }) => from < at && to > at)).toBe(true);
  expect(ruled.chords.some(({ from }) => from === at)).toBe(false);
});

test('a key that cannot hold the chords is refused, and what was read before is read again', () => {
  const score = together('012');
  const reader = new ScoreReader();
  const first = reader.read(score);
  const key = parseKey('Cb major');
  const sharp = {
    ...score,
    notes: score.notes.map((one) => ({ ...one, note: { ...one.note, ...noteName(1, 2) } })),
  };
  expect(() => reader.read(sharp, { key })).toThrow(/cannot be written in this key/);
  expect(reader.read(score).keys.map(({ key: own }) => printKey(own))).toEqual(
    first.keys.map(({ key: own }) => printKey(own)),
  );
  expect(reader.read(score)).toEqual(analyseScore(score));
});
