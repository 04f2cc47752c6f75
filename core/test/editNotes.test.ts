/** Notes of a score changed one by one: what changes, what stays, and what is refused. */
import fc from 'fast-check';
import {
  addBar,
  editNote,
  noteBeside,
  parseMetre,
  parseNote,
  parseTypedVoices,
  printLength,
  printNote,
  analyseScore,
  rowsOfScore,
  scoreOfRows,
  TICKS_A_QUARTER,
  toRead,
  voicePlaces,
  type NoteEdit,
  type Score,
} from '../src';

const Q = TICKS_A_QUARTER;
const typed = (text: string, fifths = 0, metre = '4/4') =>
  parseTypedVoices(text, { title: 'Slipway', fifths, metre: parseMetre(metre) });

/** A part as it would be typed: pitches with their lengths in quarters, in the order of time. */
function said({ notes }: Score, part = 0): string {
  return notes
    .filter((one) => one.part === part)
    .sort((a, b) => a.onset - b.onset)
    .map(
      ({ note, ticks, tieStart, tieEnd, fermata }) =>
        `${tieEnd ? '~' : ''}${note ? printNote(note) : 'r'}:${printLength(ticks)}` +
        `${tieStart ? '_' : ''}${fermata ? '^' : ''}`,
    )
    .join(' ');
}

const after = (score: Score, place: number, edit: NoteEdit) => editNote(score, place, edit).score;
const pitch = (name: string): NoteEdit => ({ kind: 'pitch', note: parseNote(name) });

describe('pitch', () => {
  test('of a note, and of a rest', () => {
    const score = typed('S: | C5 r E5 F5 |');
    expect(said(after(score, 0, pitch('C#5')))).toBe('C#5:1 r:1 E5:1 F5:1');
    expect(said(after(score, 1, pitch('D5')))).toBe('C5:1 D5:1 E5:1 F5:1');
  });

  test('of tied notes together, from any of them', () => {
    const score = typed('S: | C5:2 G4:2_ | G4:4_ | G4:2 r:2 |');
    for (const place of [1, 2, 3])
      expect(said(after(score, place, pitch('A4')))).toBe('C5:2 A4:2_ ~A4:4_ ~A4:2 r:2');
  });

  test('twice in a chord is refused', () => {
    const score = typed('S: | (C5 E5):4 |');
    expect(() => after(score, 0, pitch('E5'))).toThrow('it stands in this chord already');
  });
});

describe('length', () => {
  const length = (quarters: number): NoteEdit => ({ kind: 'length', ticks: quarters * Q });

  test('a shorter note leaves a rest, joined with one that follows', () => {
    expect(said(after(typed('S: | C5:2 D5 r |'), 0, length(1)))).toBe('C5:1 r:1 D5:1 r:1');
    expect(said(after(typed('S: | C5 D5 r:2 |'), 1, length(0.5)))).toBe('C5:1 D5:1/2 r:5/2');
  });

  test('a longer note takes what follows, and leaves the rest of it as a rest', () => {
    expect(said(after(typed('S: | C5 D5:1/2 E5:1/2 F5:2 |'), 0, length(2)))).toBe('C5:2 F5:2');
    expect(said(after(typed('S: | C5 D5 E5:2 |'), 0, length(3)))).toBe('C5:3 r:1');
  });

  test('all notes of a chord last alike', () => {
    expect(said(after(typed('S: | (C5 E5):2 G5:2 |'), 1, length(1)))).toBe('C5:1 E5:1 r:1 G5:2');
  });

  test('a tie into what follows goes with it', () => {
    expect(said(after(typed('S: | C5:2_ C5:2 |'), 0, length(1)))).toBe('C5:1 r:1 C5:2');
    expect(said(after(typed('S: | C5 D5:3_ | D5:4 |'), 0, length(4)))).toBe('C5:4 D5:4');
  });

  test('not over the barline, and not under a sixty-fourth', () => {
    const score = typed('S: | C5:2 D5:2 | E5:4 |');
    expect(() => after(score, 1, length(3))).toThrow('“3 quarters”: the bar has room for 2 from here.');
    expect(() => after(score, 1, length(1 / 32))).toThrow('shorter than a sixty-fourth');
  });
});

describe('adding and taking away', () => {
  test('a note more in a chord, and one taken from it', () => {
    const score = after(typed('S: | C5:4 |'), 0, { kind: 'add', note: parseNote('E5') });
    expect(said(score)).toBe('C5:4 E5:4');
    expect(said(after(score, 0, { kind: 'remove' }))).toBe('E5:4');
  });

  test('a note alone leaves a rest, and its ties end', () => {
    const score = typed('S: | C5 D5:3_ | D5:4_ | D5:4 |');
    const taken = after(score, 2, { kind: 'remove' });
    expect(said(taken)).toBe('C5:1 D5:3 r:4 D5:4');
    expect(() => after(taken, 2, { kind: 'remove' })).toThrow('“a rest”: it holds the time of its voice.');
  });

  test('a bar at the end, with a rest for every staff', () => {
    const score = addBar(typed('S: | C5:3 |\nB: | C3:3 |', 0, '3/4')).score;
    expect(score.bars.map(({ number, to }) => [number, to / Q])).toEqual([
      [1, 3],
      [2, 6],
    ]);
    expect([said(score, 0), said(score, 1)]).toEqual(['C5:3 r:3', 'C3:3 r:3']);
  });
});

describe('ties and fermatas', () => {
  test('a tie joins two notes of one pitch in one voice, and is taken away again', () => {
    const score = typed('S: | C5:4 | C5:2 D5:2 |');
    const tied = after(score, 0, { kind: 'tie' });
    expect(said(tied)).toBe('C5:4_ ~C5:2 D5:2');
    expect(toRead(tied).notes).toHaveLength(2);
    expect(said(after(tied, 0, { kind: 'tie' }))).toBe(said(score));
    expect(() => after(score, 1, { kind: 'tie' })).toThrow('no note of the same pitch follows it');
  });

  test('a fermata ends a phrase, and a second press takes it away', () => {
    const score = typed('S: | C5 D5 E5 G5 | C5:4 |\nB: | C3 G3 C3 G3 | C3:4 |');
    const held = after(score, 3, { kind: 'fermata' });
    expect(analyseScore(toRead(held)).phraseEnds.map(({ at }) => at / Q)).toEqual([4, 8]);
    expect(said(after(held, 3, { kind: 'fermata' }))).toBe(said(score));
  });
});

describe('voices', () => {
  test('a note goes to a voice that rests, and leaves a rest', () => {
    const score = typed('S: | C5 D5 E5:2 |\nA: | r:3 G4 |');
    const moved = editNote(score, 1, { kind: 'voice', to: { part: 1, staff: 1, voice: '1' } });
    expect([said(moved.score, 0), said(moved.score, 1)]).toEqual(['C5:1 r:1 E5:2', 'r:1 D5:1 r:1 G4:1']);
    expect(printNote(moved.score.notes[moved.place]!.note!)).toBe('D5');
  });

  test('a voice that sounds then is refused by name', () => {
    const score = typed('S: | C5 D5 E5:2 |\nA: | G4:4 |');
    const to = { part: 1, staff: 1, voice: '1' };
    expect(() => after(score, 1, { kind: 'voice', to })).toThrow('it has G4 in this time');
  });

  test('every staff offers its voices and a free one', () => {
    const score = typed('S: | C5:4 |\nB: | C3:4 |');
    expect(voicePlaces(score).map(({ part, voice }) => `${part} ${voice}`)).toEqual([
      '0 1',
      '0 2',
      '1 1',
      '1 2',
    ]);
  });
});

test('from note to note: along a voice, and down the page', () => {
  const score = typed('S: | C5 (E5 G5) F5:2 |\nB: | C3:2 D3:2 |');
  const name = (place: number | null) => (place === null ? null : printNote(score.notes[place]!.note!));
  expect(name(noteBeside(score.notes, 0, 'after'))).toBe('E5');
  expect(name(noteBeside(score.notes, 3, 'before'))).toBe('E5');
  expect(name(noteBeside(score.notes, 2, 'below'))).toBe('E5');
  expect(name(noteBeside(score.notes, 1, 'below'))).toBe('C3');
  expect(noteBeside(score.notes, 0, 'before')).toBeNull();
  expect(noteBeside(score.notes, 0, 'above')).toBeNull();
});

describe('any edits', () => {
  const edit = fc.oneof(
    fc
      .record({
        step: fc.nat({ max: 6 }),
        alteration: fc.integer({ min: -2, max: 2 }),
        octave: fc.integer({ min: 2, max: 6 }),
      })
      .chain((note) => fc.constantFrom({ kind: 'pitch', note }, { kind: 'add', note })),
    fc.integer({ min: 1, max: 16 }).map((quarter) => ({ kind: 'length', ticks: (quarter * Q) / 4 })),
    fc.constantFrom({ kind: 'remove' }, { kind: 'tie' }, { kind: 'fermata' }),
    fc.nat({ max: 3 }).map((voice) => ({ kind: 'voice', voice })),
  );

  test('every voice of a typed piece still fills its bars, and the rows say the same score', () => {
    let taken = 0;
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.nat(), edit), { maxLength: 25 }), (edits) => {
        let score = typed('S: | C5 D5:1/2 E5:1/2 F5:2 | G5:4 |\nB: | C3:2 r G2 | (C3 E3):3 r |');
        for (const [pick, one] of edits) {
          const asked =
            one.kind === 'voice'
              ? { kind: 'voice', to: voicePlaces(score)[(one as { voice: number }).voice % 4] }
              : one;
          try {
            const now = editNote(score, pick % score.notes.length, asked as NoteEdit);
            expect(now.score.notes[now.place]).toBeDefined();
            score = now.score;
            taken++;
          } catch (error) {
            expect((error as Error).name).toBe('TheoryError');
          }
        }
        expect(scoreOfRows(rowsOfScore(score))).toEqual(score);
        for (const part of [0, 1]) {
          const own = score.notes.filter((one) => one.part === part && one.voice === '1');
          const times = [...new Map(own.map((one) => [one.onset, one.ticks]))].sort((a, b) => a[0] - b[0]);
          let at = 0;
          for (const [onset, ticks] of times) {
            expect(onset).toBe(at);
            at += ticks;
          }
          expect(at).toBe(8 * Q);
        }
      }),
      { numRuns: 300 },
    );
    // Far more of them are carried out than there are runs.
    expect(taken).toBeGreaterThan(600);
  });
});
