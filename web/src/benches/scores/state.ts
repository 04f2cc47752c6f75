import {
  attempt,
  parseTime,
  parseTypedVoices,
  rowOfRuling,
  rowsOfScore,
  scoreOfRows,
  type ChordsFrom,
  type Modulation,
  type RulingRow,
  type Score,
  type ScoreRows,
  type ScoreRuling,
  type TypedPiece,
} from '@diatonix/core';
import { newId } from '../../documents/store/ids';
import { TEMPO_RANGE } from '../../documents/kinds/progression/type';
import { freeTitle } from '../../documents/store/freeTitle';
import { FIRST_SCORE, type ScorePiece } from '../../documents/kinds/score/type';
import { documentsOf } from '../../documents/store/select';
import { addDocument, editDocument, removeDocument, useDocuments } from '../../documents/store/store';
import { pieceNow, SCORES_DESK } from './desk';

function change(words: string, update: (piece: ScorePiece) => ScorePiece, burst?: string): void {
  const open = pieceNow();
  if (open) editDocument(open, words, update, burst && `${burst} ${open.id}`);
}

const SCORES = new WeakMap<ScoreRows, Score>();

/** The score of kept rows, read once. */
export function scoreOf(rows: ScoreRows): Score {
  let score = SCORES.get(rows);
  if (!score) SCORES.set(rows, (score = scoreOfRows(rows)));
  return score;
}

/** The score that is open this moment: two keys may be struck before the page is drawn again. */
export function scoreNow(): Score | null {
  const open = pieceNow();
  return open ? scoreOf(open.body.score) : null;
}

/** Puts the edited score in the place of the open one. */
export function editPiece(words: string, score: Score, burst?: string): void {
  const rows = rowsOfScore(score);
  SCORES.set(rows, score);
  change(words, (piece) => ({ ...piece, score: rows }), burst);
}

export const openScore = (id: string) => SCORES_DESK.set({ open: id, at: 0 });

/** Opens the field in which a piece is typed. */
export const typePiece = () => SCORES_DESK.set({ typing: true });

/** Adds a piece and opens it; returns its id. */
export function addScore(rows: ScoreRows, title = rows.title): string {
  const tempo = rows.tempo || FIRST_SCORE.tempo;
  const within = Math.max(TEMPO_RANGE.least, Math.min(TEMPO_RANGE.most, Math.round(tempo)));
  const fresh: ScorePiece = { ...FIRST_SCORE, title: title.slice(0, 200), tempo: within, score: rows };
  const body = { ...fresh, ...ruledBefore(fresh) };
  const titles = documentsOf(useDocuments.getState().documents, 'score').map(({ body: own }) => own.title);
  const named = { ...body, title: freeTitle(body.title, titles) };
  const id = addDocument('score', newId(), named, 'the new piece');
  SCORES_DESK.set({ open: id, at: 0, typing: false });
  return id;
}

/**
 * What the teacher ruled of the piece when it was opened before: one of its title, parts and bars, of which half the
 * notes at least are the same, so that two untitled pieces are not taken for one.
 */
function ruledBefore({ title, score }: ScorePiece): Partial<ScorePiece> {
  const before = documentsOf(useDocuments.getState().documents, 'score')
    .map(({ body }) => body)
    .filter(
      (one) =>
        one.title === title &&
        one.score.parts.length === score.parts.length &&
        one.score.bars.length === score.bars.length &&
        shares(one.score, score),
    )
    .at(-1);
  if (!before) return {};
  const { rulings, hidden, closed, modulation, chordsFrom, waived, breaks, hideEmpty, dynamics } = before;
  return {
    ...{ rulings, hidden, closed },
    ...(modulation ? { modulation } : {}),
    ...(chordsFrom ? { chordsFrom } : {}),
    ...(waived ? { waived } : {}),
    ...(breaks ? { breaks } : {}),
    ...(hideEmpty ? { hideEmpty } : {}),
    ...(dynamics ? { dynamics } : {}),
  };
}

/** Whether half the notes of a piece at least stand in another. */
function shares(other: ScoreRows, { notes }: ScoreRows): boolean {
  const known = new Set(other.notes);
  return 2 * notes.filter((row) => known.has(row)).length >= notes.length;
}

/** Adds a typed piece. Returns the message where it cannot be read. */
export function addTyped(text: string, piece: TypedPiece): string | null {
  const read = attempt(() => rowsOfScore(parseTypedVoices(text, piece)));
  if (!read.ok) return read.error.message;
  addScore(read.value);
  return null;
}

export function removeScore(id: string): void {
  removeDocument(id, 'the removed piece');
  SCORES_DESK.set({ open: null, at: 0 });
}

export const renameScore = (title: string) =>
  change('the title', (piece) => ({ ...piece, title }), 'score-title');

/** Makes a bar begin a system, or lets it stand where there is room. */
export const breakBefore = (bar: number, begins: boolean) =>
  change('the systems', (piece) => ({
    ...piece,
    breaks: [...(piece.breaks ?? []).filter((one) => one !== bar), ...(begins ? [bar] : [])],
  }));

/** Draws staves that are empty in a system, or dynamics and fingers, or not. */
export function showInScore(what: 'hideEmpty' | 'dynamics', set: boolean): void {
  change(what === 'dynamics' ? 'dynamics and fingers' : 'the empty staves', (piece) => {
    const rest = { ...piece };
    delete (rest as { hideEmpty?: true; dynamics?: true })[what];
    return set ? { ...rest, [what]: true as const } : rest;
  });
}

export const closeStaves = (closed: boolean) => change('the staves', (piece) => ({ ...piece, closed }));

export const showRow = (row: string, shown: boolean) =>
  change('the rows', (piece) => ({
    ...piece,
    hidden: shown ? piece.hidden.filter((one) => one !== row) : [...piece.hidden, row],
  }));

export const modulate = (modulation: Modulation) =>
  change('how readily keys change', (piece) => ({ ...piece, modulation }));

/** Reads a piece with symbols by them, or by its notes. */
export const takeChordsFrom = (from: ChordsFrom) =>
  change('where the chords come from', (piece) => {
    if (from === 'notes') return { ...piece, chordsFrom: from };
    const usual = { ...piece };
    delete (usual as { chordsFrom?: 'notes' }).chordsFrom;
    return usual;
  });

/** Lets a fault of the voices stand, or counts it again. */
export const waive = (fault: string, waived: boolean) =>
  change(waived ? 'the waived fault' : 'the fault that counts again', (piece) => ({
    ...piece,
    waived: [...(piece.waived ?? []).filter((one) => one !== fault), ...(waived ? [fault] : [])],
  }));

const RULED: Record<ScoreRuling['kind'], string> = {
  numeral: 'the ruling on a chord',
  key: 'the ruling on a key',
  split: 'the split chord',
  join: 'the joined chords',
  'phrase-end': 'the end of a phrase',
  'no-phrase-end': 'the end of a phrase',
};

/** Rules; what stood against it in its time goes. */
export function rule(ruling: ScoreRuling): void {
  const row = rowOfRuling(ruling);
  change(RULED[ruling.kind], (piece) => ({
    ...piece,
    rulings: [...piece.rulings.filter((one) => !clashes(one, row)), row],
  }));
}

/** Whether a new ruling takes the place of an old one. */
function clashes(old: RulingRow, now: RulingRow): boolean {
  const same = old.from === now.from;
  const overlap = parseTime(old.from) < parseTime(now.to) && parseTime(now.from) < parseTime(old.to);
  const inside = parseTime(old.from) > parseTime(now.from) && parseTime(old.from) < parseTime(now.to);
  if (now.kind === 'numeral') {
    if (old.kind === 'numeral') return overlap;
    return (old.kind === 'split' || old.kind === 'join') && (inside || (same && old.kind === 'join'));
  }
  if (now.kind === 'key')
    return overlap && (old.kind === 'key' || (old.kind === 'numeral' && old.key !== now.key));
  if (now.kind === 'split' || now.kind === 'join') {
    if (old.kind === 'split' || old.kind === 'join') return same;
    return (
      old.kind === 'numeral' &&
      parseTime(now.from) >= parseTime(old.from) &&
      parseTime(now.from) < parseTime(old.to)
    );
  }
  return same && (old.kind === 'phrase-end' || old.kind === 'no-phrase-end');
}

/** Takes back the rulings that touch a time, of one kind or another. */
export function unrule(row: RulingRow): void {
  change('the ruling', (piece) => ({ ...piece, rulings: piece.rulings.filter((one) => one !== row) }));
}
