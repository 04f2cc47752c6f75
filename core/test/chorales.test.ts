/**
 * The rules of four-part writing on seven chorales by J. S. Bach (every note, from music21's corpus): a
 * master's writing
 * keeps the ranges and hardly ever moves in parallel fifths or octaves, so a checker that finds many is
 * wrong.
 */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  checkVoicing,
  keyFromSignature,
  parseNote,
  type Fault,
  type FourNotes,
  type Note,
  type Rule,
} from '../src';

type Row = readonly [onset: string, length: string, pitch: string, part: 0 | 1 | 2 | 3];

const fraction = (text: string) => {
  const [top, bottom = '1'] = text.split('/');
  return Number(top) / Number(bottom);
};

/** Every moment at which a voice changes and all four sound. */
function moments(name: string): { signature: number; settings: FourNotes[] } {
  const table = JSON.parse(readFileSync(join(__dirname, 'oracles', `chorale-${name}.json`), 'utf8')) as {
    signature: number;
    notes: Row[];
  };
  const notes = table.notes.map(([onset, length, pitch, part]) => ({
    from: fraction(onset),
    to: fraction(onset) + fraction(length),
    note: parseNote(pitch),
    part,
  }));
  const settings: FourNotes[] = [];
  for (const at of [...new Set(notes.map(({ from }) => from))].sort((a, b) => a - b)) {
    const sounding = [0, 1, 2, 3].map(
      (part) => notes.find((one) => one.part === part && one.from <= at + 1e-9 && one.to > at + 1e-9)?.note,
    );
    if (sounding.every((note): note is Note => note !== undefined))
      settings.push(sounding as unknown as FourNotes);
  }
  return { signature: table.signature, settings };
}

const PIECES = ['001', '002', '004', '006', '008', '012', '016'].map(moments);
const count = (rule: Rule) =>
  PIECES.reduce(
    (sum, { signature, settings }) =>
      sum +
      checkVoicing(settings, keyFromSignature(signature, 'major')).filter(
        (fault: Fault) => fault.rule === rule,
      ).length,
    0,
  );
const all = PIECES.reduce((sum, { settings }) => sum + settings.length, 0);

test('the chorales are read whole', () => {
  expect(all).toBeGreaterThan(450);
});

test.each<readonly [Rule, number]>([
  // Parallels at phrase breaks and over passing notes are all that is found.
  ['parallel-fifths', 8],
  ['parallel-octaves', 4],
  ['augmented-second', 1],
  ['spacing', 15],
  ['range', 25],
])('%s is found in fewer than %i of the moments', (rule, most) => {
  expect(count(rule)).toBeLessThan(most);
});

test('the same chorales with the tenor doubled by the soprano an octave up are full of parallel octaves', () => {
  const doubled = PIECES[0]!.settings.map(([, alto, tenor, bass]): FourNotes => [
    { ...tenor, octave: tenor.octave + 1 },
    alto,
    tenor,
    bass,
  ]);
  expect(
    checkVoicing(doubled, keyFromSignature(1, 'major')).filter(({ rule }) => rule === 'parallel-octaves')
      .length,
  ).toBeGreaterThan(20);
});
