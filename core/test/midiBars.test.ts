/** Where MIDI readers put the barlines: upbeats, changes of metre, repeats (read by @tonejs/midi 2). */
import { Midi } from '@tonejs/midi';
import { parseKey, readBarredLine, parseMetre } from '../src';
import { PLAIN_LINE, writeMidiFile, type LineFile } from '../src/format';

function written(line: string, metre: string) {
  const key = parseKey('C major');
  const read = readBarredLine(line, key, parseMetre(metre));
  const columns = read.tokens.flatMap((token) => {
    if (!('entry' in token)) return [];
    const { entry, length, repeatStart, repeatEnd, ending, metre: change } = token;
    return [
      {
        entry,
        ...(length === undefined ? {} : { length }),
        ...(repeatStart ? { repeatStart } : {}),
        ...(repeatEnd ? { repeatEnd } : {}),
        ...(ending ? { ending } : {}),
        ...(change ? { metre: change } : {}),
      },
    ];
  });
  const file = {
    ...PLAIN_LINE,
    title: 'Bars',
    source: '',
    key,
    metre,
    upbeat: read.upbeat,
    columns,
  } as LineFile;
  const midi = new Midi(writeMidiFile(file).value);
  const bass = midi.tracks.find(({ notes }) => notes.length > 0)!;
  return {
    metres: midi.header.timeSignatures.map(
      ({ ticks, timeSignature }) => `${ticks / 480}:${timeSignature.join('/')}`,
    ),
    onsets: [...new Set(bass.notes.map(({ ticks }) => ticks / 480))],
  };
}

test('an upbeat is a short bar of its own', () => {
  expect(written('V:1 | I:4 | IV:2 V:2 |', '4/4')).toEqual({
    metres: ['0:1/4', '1:4/4'],
    onsets: [0, 1, 5, 7],
  });
  expect(written('V:3/2 | I:3 | IV:3 |', '6/8').metres).toEqual(['0:3/8', '1.5:6/8']);
});

test('a change of metre stands where it is', () => {
  expect(written('| I | 3/4 IV | V |', '4/4').metres).toEqual(['0:4/4', '4:3/4']);
});

test('repeats and endings are played out in order', () => {
  expect(written('|: I | V :| IV |', '2/4').onsets).toEqual([0, 2, 4, 6, 8]);
  expect(written('|: I |1. V :|2. IV | I |', '2/4').onsets).toEqual([0, 2, 4, 6, 8]);
});
