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
const suffixes = ['', 'm', '7', 'maj7', 'm7', 'm7b5', 'dim7', 'sus4', '9', 'm9', '7b9', '6', 'm6', '7#9', 'add9', 'maj9'];

/** Every input once; the two sides alternate in small portions so that neither has the warmer machine. */
function compare(name, inputs, ours, theirs, times) {
  const spent = { ours: 0, theirs: 0 };
  const portion = Math.ceil(inputs.length / 20);
  for (let at = 0; at < inputs.length; at += portion) {
    const part = inputs.slice(at, at + portion);
    for (const [side, work] of (at / portion) % 2
      ? [
          ['ours', ours],
          ['theirs', theirs],
        ]
      : [
          ['theirs', theirs],
          ['ours', ours],
        ]) {
      const start = performance.now();
      for (const input of part) work(input);
      spent[side] += performance.now() - start;
    }
  }
  const each = (ms) => ((ms * 1000) / inputs.length).toFixed(2);
  report(
    `${name}, µs each over ${inputs.length} (tonal ${each(spent.theirs)})`,
    each(spent.ours),
    `${(spent.theirs / spent.ours).toFixed(1)}× as fast, ${times} wanted`,
  );
}

const symbols = roots.flatMap((root) => suffixes.map((suffix) => root + suffix)).flatMap((symbol) => easy.map((bass) => `${symbol}/${bass}`));
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
  return [2, 3, 4].flatMap((octave) =>
    notes.map((_, i) => [...notes.slice(i), ...notes.slice(0, i)].map((name, place) => `${name}${octave + Math.floor(place / 2)}`)),
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
const moves = roots.flatMap((root) => [0, 1, 2, 3, 4, 5, 6, 7, 8].flatMap((octave) => intervals.map((name) => [root + octave, name])));
compare(
  'transposing a note',
  moves,
  ([note, name]) => core.attempt(() => core.printNote(core.transpose(core.parseNote(note), core.parseInterval(name)))),
  ([note, name]) => Note.transpose(note, theirNames[name]),
  '1',
);

const numerals = ['I', 'ii', 'iii', 'IV', 'V', 'vi', 'VII', 'bII', 'bIII', '#IV', 'bVI', 'bVII'].flatMap((roman) =>
  ['', '7', 'maj7', 'm7', '7b9', 'sus4', '9', '11', '13', '7#9', '7b5', 'add9', '6', '64', '65', '43', '42', '2'].map((rest) => roman + rest),
);
const wide = numerals.flatMap((n) => ['', '[no5]', '[add9]', '[no3]', '[add11]', '[add13]', '[no1]'].map((tail) => n + tail));
const key = core.parseKey('A major');
compare(
  'parsing a numeral',
  wide,
  (n) => core.attempt(() => core.parseNumeral(n, key)),
  (n) => RomanNumeral.get(n),
  '1',
);

const kinds = [
  (i) => ({ do: 'interval', from: `${roots[i % 35]}${(i % 5) + 2}`, to: `${roots[(i * 7) % 35]}${(i % 4) + 3}` }),
  (i) => ({ do: 'transpose', from: `${roots[i % 35]}4`, by: intervals[i % 15], below: i % 2 === 0 }),
  (i) => ({ do: 'numeral', numeral: ['V65/ii', 'viio7', 'ii65', 'V7', 'N6', 'IV'][i % 6], key: `${easy[i % 21]} ${i % 2 ? 'major' : 'minor'}` }),
  (i) => ({ do: 'chord', symbol: easy[i % 21] + suffixes[i % 16] }),
  (i) => ({ do: 'chord', notes: voiced[(i * 13) % voiced.length], key: 'A minor' }),
  (i) => ({ do: 'figures', key: 'A minor', bass: LETTERS[i % 7], figures: [['6'], ['#6', '4', '3'], ['7'], ['6', '5']][i % 4] }),
  (i) => ({ do: 'key', key: `${easy[i % 21]} ${i % 2 ? 'major' : 'minor'}`, form: 'natural' }),
];
const input = Array.from({ length: 10_000 }, (_, i) => JSON.stringify(kinds[i % kinds.length](i))).join('\n');
const runs = [];
for (let i = 0; i < 3; i++) {
  const start = performance.now();
  const { stdout } = spawnSync(process.execPath, [join(ROOT, 'command/bin/diatonix.mjs'), 'lines'], { input, encoding: 'utf8', maxBuffer: 1e9 });
  runs.push(performance.now() - start);
  if (stdout.trim().split('\n').length !== 10_000) throw new Error('not every line was answered');
}
report('10,000 mixed requests through diatonix lines, start included', `${(percentile(runs, 0.5) / 1000).toFixed(2)} s`, 'under 2 s');
