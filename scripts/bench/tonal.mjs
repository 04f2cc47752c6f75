/** The core beside tonal, over the same lists. tonal remembers what it has read, so every input is new. */
import { Chord, Note, RomanNumeral } from 'tonal';
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { ROOT } from '../setup.mjs';
import { loadCore, percentile, report } from './measure.mjs';

const core = await loadCore();
const LETTERS = [...'CDEFGAB'];
const SIGNS = ['', '#', 'b', '##', 'bb'];
const roots = LETTERS.flatMap((letter) => SIGNS.map((sign) => letter + sign));
const easy = LETTERS.flatMap((letter) => ['', '#', 'b'].map((sign) => letter + sign));
const suffixes = [
  '',
  'm',
  '7',
  'maj7',
  'm7',
  'm7b5',
  'dim7',
  'sus4',
  '9',
  'm9',
  '7b9',
  '6',
  'm6',
  '7#9',
  'add9',
  'maj9',
];

/**
 * Every input once, in a seeded shuffle: the first third warms both sides, the
 * rest is measured, the sides alternating in small portions.
 */
function compare(name, inputs, ours, theirs, wanted) {
  const list = shuffled(inputs);
  const third = Math.floor(list.length / 3);
  for (const input of list.slice(0, third)) theirs(input);
  for (const input of list.slice(0, third)) ours(input);
  const measured = list.slice(third);
  const spent = { ours: 0, theirs: 0 };
  const time = (side, work, part) => {
    const start = performance.now();
    for (const input of part) work(input);
    spent[side] += performance.now() - start;
  };
  const portion = Math.ceil(measured.length / 20);
  for (let at = 0, turn = 0; at < measured.length; at += portion, turn++) {
    const part = measured.slice(at, at + portion);
    if (turn % 2 === 0) time('theirs', theirs, part);
    time('ours', ours, part);
    if (turn % 2 === 1) time('theirs', theirs, part);
  }
  const each = (ms) => ((ms * 1000) / measured.length).toFixed(2);
  report(
    `${name}, µs each over ${measured.length} (tonal ${each(spent.theirs)})`,
    each(spent.ours),
    `${(spent.theirs / spent.ours).toFixed(1)}× as fast, ${wanted} wanted`,
  );
}

function shuffled(list) {
  const out = [...list];
  let seed = 1;
  for (let i = out.length - 1; i > 0; i--) {
    seed = (seed * 48271) % 2147483647;
    const j = seed % (i + 1);
    [out[i], out[j]] = [out[j], out[i]];
  }
  return out;
}

const symbols = roots
  .flatMap((root) => suffixes.map((suffix) => root + suffix))
  .flatMap((symbol) => easy.map((bass) => `${symbol}/${bass}`));
compare(
  'building a chord from a symbol',
  symbols,
  (s) => core.attempt(() => core.notesFromBass(core.parseSymbol(s))),
  (s) => Chord.get(s).notes,
  '1',
);

const chords = easy.flatMap((root) => suffixes.map((suffix) => core.parseSymbol(root + suffix)));
const voiced = chords.flatMap((chord) => {
  const notes = core.stackedNotes(chord).map(core.printNoteName);
  return [0, 1, 2, 3, 4, 5].flatMap((octave) =>
    notes.map((_, i) =>
      [...notes.slice(i), ...notes.slice(0, i)].map(
        (name, place) => `${name}${octave + Math.floor(place / 2)}`,
      ),
    ),
  );
});
compare(
  'naming a chord from notes',
  voiced,
  (notes) => core.identify(notes.map(core.parseNote)),
  (notes) => Chord.detect(notes),
  '5',
);

const intervals = ['m2', 'M2', 'm3', 'M3', 'P4', 'A4', 'd5', 'P5', 'm6', 'M6', 'm7', 'M7', 'P8', 'M9', 'm10'];
const theirNames = Object.fromEntries(intervals.map((name) => [name, name.replace(/^(\D+)(\d+)$/, '$2$1')]));
const moves = roots.flatMap((root) =>
  [0, 1, 2, 3, 4, 5, 6, 7, 8].flatMap((octave) => intervals.map((name) => [root + octave, name])),
);
compare(
  'transposing a note',
  moves,
  ([note, name]) =>
    core.attempt(() => core.printNote(core.transpose(core.parseNote(note), core.parseInterval(name)))),
  ([note, name]) => Note.transpose(note, theirNames[name]),
  '1',
);

// Only what both sides read: an accidental, a roman figure, and a symbol's suffix.
const romans = ['I', 'II', 'III', 'IV', 'V', 'VI', 'VII', 'i', 'ii', 'iii', 'iv', 'v', 'vi', 'vii'];
const endings = [
  '',
  '7',
  'maj7',
  '9',
  '11',
  '13',
  '7b9',
  '7#9',
  '7b5',
  '7#5',
  '7#11',
  '7b13',
  '9#11',
  '9b13',
  '13b9',
  '13#11',
  'sus4',
  '7sus4',
  'add9',
  'maj9',
  'maj13',
  'maj7#11',
  '7b9b13',
  '7#9b13',
  '7b5b9',
  '7b5#9',
  '11b9',
  '13#9',
  'maj9#11',
  '9sus4',
  'add11',
  'o7',
];
const tails = ['', '[no5]', '[no1]', '[add6]', '[no1,5]', '[add2]'];
const wide = ['', 'b', '#', 'bb', '##'].flatMap((sign) =>
  romans.flatMap((roman) => endings.flatMap((ending) => tails.map((tail) => sign + roman + ending + tail))),
);
const key = core.parseKey('A major');
compare(
  'parsing a numeral',
  wide,
  (n) => core.attempt(() => core.parseNumeral(n, key)),
  (n) => RomanNumeral.get(n),
  '1',
);

const kinds = [
  (i) => ({
    do: 'interval',
    from: `${roots[i % 35]}${(i % 5) + 2}`,
    to: `${roots[(i * 7) % 35]}${(i % 4) + 3}`,
  }),
  (i) => ({ do: 'transpose', from: `${roots[i % 35]}4`, by: intervals[i % 15], below: i % 2 === 0 }),
  (i) => ({
    do: 'numeral',
    numeral: ['V65/ii', 'viio7', 'ii65', 'V7', 'N6', 'IV'][i % 6],
    key: `${easy[i % 21]} ${i % 2 ? 'major' : 'minor'}`,
  }),
  (i) => ({ do: 'chord', symbol: easy[i % 21] + suffixes[i % 16] }),
  (i) => ({ do: 'chord', notes: voiced[(i * 13) % voiced.length], key: 'A minor' }),
  (i) => ({
    do: 'figures',
    key: 'A minor',
    bass: LETTERS[i % 7],
    figures: [['6'], ['#6', '4', '3'], ['7'], ['6', '5']][i % 4],
  }),
  (i) => ({ do: 'key', key: `${easy[i % 21]} ${i % 2 ? 'major' : 'minor'}`, form: 'natural' }),
];
const input = Array.from({ length: 10_000 }, (_, i) => JSON.stringify(kinds[i % kinds.length](i))).join('\n');
const runs = [];
for (let i = 0; i < 3; i++) {
  const start = performance.now();
  const { stdout } = spawnSync(process.execPath, [join(ROOT, 'command/bin/diatonix.mjs'), 'lines'], {
    input,
    encoding: 'utf8',
    maxBuffer: 1e9,
  });
  runs.push(performance.now() - start);
  if (stdout.trim().split('\n').length !== 10_000) throw new Error('not every line was answered');
}
report(
  '10,000 mixed requests through diatonix lines, start included',
  `${(percentile(runs, 0.5) / 1000).toFixed(2)} s`,
  'under 2 s',
);
