/** Single notes of the Scores bench without a page: how they are found again, what keys do, what is pointed at. */
import { planStaves, pointedAt, type DrawnHead } from '@diatonix/engraving/score';
import {
  editNote,
  parseMetre,
  parseNote,
  parseTypedVoices,
  printLength,
  printNote,
  rowsOfScore,
  TICKS_A_QUARTER,
  type NoteEdit,
  type Score,
} from '@diatonix/core';
import { anchorOf, firstAt, placeOf } from '../src/benches/scores/notes/anchor';
import { noteKey } from '../src/benches/scores/notes/noteKey';
import type { Notes } from '../src/benches/scores/notes/useNotes';
import { pieceNow } from '../src/benches/scores/desk';
import { addScore, editPiece, scoreNow, scoreOf } from '../src/benches/scores/state';
import { undo, useDocuments } from '../src/documents/store/store';
import { everywhere, showEmpty } from './demo';

const typed = (text: string, fifths = 0): Score =>
  parseTypedVoices(text, { title: 'Quay', fifths, metre: parseMetre('4/4') });
const placeAt = (score: Score, name: string) =>
  score.notes.findIndex(({ note }) => note !== null && printNote(note) === name);

describe('a note is found again', () => {
  const score = typed('S: | C5 (E5 G5) D5:2 |\nB: | C3:2 G2:2 |');

  test('after an edit of another note, and after one of its own', () => {
    const anchor = anchorOf(score.notes, placeAt(score, 'G5'));
    const longer = editNote(score, placeAt(score, 'C5'), {
      kind: 'length',
      ticks: TICKS_A_QUARTER / 2,
    }).score;
    expect(printNote(longer.notes[placeOf(longer, anchor)]!.note!)).toBe('G5');
    const raised = editNote(score, placeAt(score, 'G5'), { kind: 'pitch', note: parseNote('A5') }).score;
    expect(printNote(raised.notes[placeOf(raised, anchor)]!.note!)).toBe('A5');
  });

  test('where it is gone, the note of its chord or the one before stands for it', () => {
    const top = anchorOf(score.notes, placeAt(score, 'G5'));
    const taken = editNote(score, placeAt(score, 'G5'), { kind: 'remove' }).score;
    expect(printNote(taken.notes[placeOf(taken, top)]!.note!)).toBe('E5');
    const last = anchorOf(score.notes, placeAt(score, 'D5'));
    const over = editNote(score, placeAt(score, 'C5'), { kind: 'length', ticks: 4 * TICKS_A_QUARTER }).score;
    expect(printNote(over.notes[placeOf(over, last)]!.note!)).toBe('C5');
    expect(placeOf(score, { part: 7, voice: '1', onset: 0, rank: 0 })).toBe(-1);
    expect(placeOf(score, null)).toBe(-1);
  });

  test('the first that sounds at a time is that of the uppermost part', () => {
    expect(printNote(score.notes[firstAt(score, 0)]!.note!)).toBe('C5');
    expect(printNote(score.notes[firstAt(score, 3 * TICKS_A_QUARTER)]!.note!)).toBe('D5');
  });
});

describe('keys', () => {
  const score = typed('S: | F5 r G5:2 |\nB: | C3:4 |', 1);
  const pressed = (name: string | number, key: string, shift = false) => {
    const done: (NoteEdit | string)[] = [];
    const notes: Notes = {
      place: typeof name === 'number' ? name : placeAt(score, name),
      problem: null,
      select: () => undefined,
      selectAt: () => undefined,
      go: (way) => done.push(way) > 0,
      edit: (edit) => done.push(edit) > 0,
      appendBar: () => undefined,
      goOn: () => undefined,
      hear: () => void done.push('hear'),
    };
    const used = noteKey(key, shift, score, notes);
    const said = done.map((one) => {
      if (typeof one === 'string') return one;
      if ('note' in one) return `${one.kind} ${printNote(one.note)}`;
      return 'ticks' in one ? `${one.kind} ${printLength(one.ticks)}` : one.kind;
    });
    return used ? said.join(', ') : 'nothing';
  };

  test.each([
    ['G5', 'ArrowLeft', false, 'before'],
    ['G5', 'ArrowRight', false, 'after'],
    ['G5', 'ArrowUp', false, 'above'],
    ['G5', 'ArrowDown', false, 'below'],
    // Steps follow the signature of one sharp.
    ['G5', 'ArrowDown', true, 'pitch F#5'],
    ['G5', 'ArrowUp', true, 'pitch A5'],
    ['G5', '+', false, 'pitch G#5'],
    ['G5', '-', false, 'pitch Gb5'],
    ['G5', ']', false, 'pitch G6'],
    ['G5', '[', false, 'pitch G4'],
    ['G5', ',', false, 'length 3/2'],
    ['G5', '.', false, 'length 3'],
    ['G5', 'f', false, 'pitch F#5'],
    ['G5', 'B', true, 'add B5'],
    ['C3', 'b', false, 'pitch B2'],
    ['G5', 't', false, 'tie'],
    ['G5', 'h', false, 'fermata'],
    ['G5', 'Delete', false, 'remove'],
    ['G5', ' ', false, 'hear'],
    ['G5', 'q', false, 'nothing'],
    // On a rest a letter puts a note near the last one of the voice.
    [1, 'e', false, 'pitch E5'],
    [1, '+', false, ''],
    [-1, 'e', false, 'nothing'],
  ] as const)('%s, %s with shift %s: %s', (name, key, shift, expected) => {
    expect(pressed(name, key, shift)).toBe(expected);
  });

  test('nothing is raised beyond double signs', () => {
    const far = typed('S: | F##5:4 |');
    const edits: unknown[] = [];
    const notes = { place: 0, edit: (edit: NoteEdit) => edits.push(edit) > 0 } as unknown as Notes;
    expect(noteKey('+', false, far, notes)).toBe(true);
    expect(edits).toEqual([]);
  });
});

describe('pointing', () => {
  const score = typed('S: | C5 r:3 |\nA: | A4 r:3 |\nT: | E4 r:3 |\nB: | C3 r:3 |');
  const plan = planStaves(score, true);
  const [upper, lower] = plan.staves.map(({ top }) => top) as [number, number];
  const place = (part: number, onset: number) =>
    score.notes.findIndex((one) => one.part === part && one.onset === onset * TICKS_A_QUARTER);
  const heads: DrawnHead[] = [
    { place: place(0, 0), x: 100, y: upper + 15, rest: false },
    { place: place(1, 0), x: 100, y: upper + 25, rest: false },
    { place: place(0, 1), x: 160, y: upper + 20, rest: true },
    { place: place(3, 1), x: 160, y: lower + 20, rest: true },
  ];
  const at = (x: number, y: number) => {
    const found = pointedAt(score, plan, heads, x, y);
    return found && [found.place, found.note && printNote(found.note)];
  };

  test('a head within reach is meant, the nearer of two', () => {
    expect(at(103, upper + 17)).toEqual([place(0, 0), null]);
    expect(at(97, upper + 24)).toEqual([place(1, 0), null]);
  });

  test('the rest itself is selected; a line over or under it takes a note', () => {
    expect(at(161, upper + 21)).toEqual([place(0, 1), null]);
    expect(at(160, upper)).toEqual([place(0, 1), 'F5']);
    expect(at(165, upper + 35)).toEqual([place(0, 1), 'F4']);
    // On the bass staff the same height is another note.
    expect(at(160, lower)).toEqual([place(3, 1), 'A3']);
  });

  test('beside everything nothing is meant, and beside a head in its staff that head', () => {
    expect(at(400, upper)).toBeNull();
    expect(at(105, upper + 40)).toEqual([place(1, 0), null]);
  });
});

describe('the open piece', () => {
  beforeEach(() => {
    showEmpty();
    addScore(rowsOfScore(typed('S: | C5:2 D5:2 |\nB: | C3:4 |')));
  });

  test('an edit is in the document at once, read from it without parsing, and undone in words', () => {
    const edited = editNote(scoreNow()!, 1, { kind: 'pitch', note: parseNote('E5') }).score;
    editPiece('the pitch of a note', edited);
    expect(scoreNow()).toBe(edited);
    expect(pieceNow()!.body.score.notes.some((row) => row.includes('E5'))).toBe(true);
    undo(everywhere());
    expect(useDocuments.getState().told).toBe('Undone: the pitch of a note.');
    expect(pieceNow()!.body.score.notes.some((row) => row.includes('E5'))).toBe(false);
  });

  test('rows that are the same object are read once', () => {
    const rows = pieceNow()!.body.score;
    expect(scoreOf(rows)).toBe(scoreOf(rows));
    expect(scoreOf({ ...rows })).not.toBe(scoreOf(rows));
    expect(scoreOf({ ...rows })).toEqual(scoreOf(rows));
  });
});
