/** Readings of a piece on their way from the worker: what is sent of them, and in which order they come. */
import fc from 'fast-check';
import {
  editNote,
  parseMetre,
  parseNote,
  parseTypedVoices,
  rowsOfScore,
  sameValue,
  scoreOfRows,
  type ScoreRows,
} from '@diatonix/core';
import type { Running } from '../src/workers/client';
import { changed, changeOf } from '../src/workers/listChange';
import { changedPiece } from '../src/workers/pieceChange';
import { PieceLine } from '../src/workers/pieceLine';
import { PieceDesk, type PieceRequest, type ReadPiece } from '../src/workers/readPiece';

/** Eight times the same four chords. */
const VOICES = ['S: E5 F5 D5 C5', 'A: C5 C5 B4 G4', 'T: G4 A4 G4 E4', 'B: C3 F3 G3 C3']
  .map((line) => `${line.slice(0, 3)}${` |${line.slice(2)}`.repeat(8)}`)
  .join('\n');

const FIRST = rowsOfScore(
  parseTypedVoices(VOICES, {
    title: 'Ebb tide',
    fifths: 0,
    metre: parseMetre('4/4'),
  }),
);

/** The piece with another pitch for one of its notes. */
function edited(rows: ScoreRows, place: number, pitch: string): ScoreRows {
  return rowsOfScore(editNote(scoreOfRows(rows), place, { kind: 'pitch', note: parseNote(pitch) }).score);
}

const request = (score: ScoreRows, have: string | null = null): PieceRequest => ({
  score,
  rulings: [],
  modulation: 'usual',
  have,
});

test('what is sent of a list makes it out of the old one, and what stays is the same object', () => {
  const lists = fc.array(fc.integer({ min: 0, max: 3 }), { maxLength: 8 });
  fc.assert(
    fc.property(lists, lists, (a, b) => {
      const [old, now] = [a.map((value) => ({ value })), b.map((value) => ({ value }))];
      const change = changeOf(old, now);
      const made = changed(old, change);
      expect(made).toEqual(now);
      expect(made.filter((one) => old.includes(one))).toHaveLength(change.head + change.tail);
      if (sameValue(a, b)) expect(change.between).toEqual([]);
    }),
  );
});

describe('the desk in the worker', () => {
  test('sends the whole of a piece that the page does not hold, and what changed of one that it does', () => {
    const desk = new PieceDesk();
    const first = desk.read(request(FIRST));
    if (!('piece' in first)) throw new Error('not whole');
    const other = edited(FIRST, FIRST.notes.length - 3, 'D3');
    const second = desk.read(request(other, first.id));
    if (!('change' in second)) throw new Error('whole');
    const made = changedPiece(first.piece, second.change);
    const afresh = new PieceDesk().read(request(other));
    expect('piece' in afresh && sameValue(afresh.piece, made)).toBe(true);
    const { length } = made.reading.chords;
    expect(made.reading.chords.slice(0, length / 2)).toEqual(first.piece.reading.chords.slice(0, length / 2));
    expect(made.reading.chords[0]).toBe(first.piece.reading.chords[0]);
    expect(made.reading.chords[length - 3]).not.toEqual(first.piece.reading.chords[length - 3]);
    expect(desk.read(request(FIRST, first.id))).toHaveProperty('piece');
  });

  test('after rows that cannot be read the page still holds what it held', () => {
    const desk = new PieceDesk();
    const first = desk.read(request(FIRST));
    if (!('piece' in first)) throw new Error('not whole');
    expect(desk.read(request({ ...FIRST, notes: ['nonsense'] }, first.id)).ok).toBe(false);
    expect(desk.read(request(FIRST, first.id))).toMatchObject({ change: { keys: { between: [] } } });
  });
});

/** A worker that answers when it is told to. */
class SlowWorker {
  readonly desk = new PieceDesk();
  readonly asked: PieceRequest[] = [];
  cancelled = 0;
  private answer: ((given: ReadPiece | null) => void) | null = null;
  private onSlow: () => void = () => undefined;

  run = (_: string, input: PieceRequest, onSlow: () => void): Running<ReadPiece> => {
    this.asked.push(input);
    this.onSlow = onSlow;
    return {
      done: new Promise((resolve) => (this.answer = resolve)),
      cancel: () => {
        this.cancelled++;
        this.answer?.(null);
      },
    };
  };

  async finish(): Promise<void> {
    this.answer?.(this.desk.read(this.asked[this.asked.length - 1]!));
    await Promise.resolve();
  }

  slow(): void {
    this.onSlow();
  }
}

function lineTo(worker: SlowWorker) {
  const told: string[] = [];
  const rows: ScoreRows[] = [];
  const line = new PieceLine(
    {
      read: (piece, of) => {
        rows.push(of);
        told.push(`read ${piece.reading.slices.length}`);
      },
      slow: (isSlow) => told.push(isSlow ? 'slow' : 'not slow'),
      problem: (message) => message !== null && told.push(message),
    },
    worker.run as never,
  );
  return { line, told, rows };
}

describe('the line to the worker', () => {
  const states = ['D3', 'E3', 'F3'].map((pitch) => edited(FIRST, FIRST.notes.length - 3, pitch));
  const asked = (score: ScoreRows) => ({ score, rulings: [], modulation: 'usual' }) as const;

  test('while one is read the newest state waits, and those between are passed over', async () => {
    const worker = new SlowWorker();
    const { line, rows, told } = lineTo(worker);
    line.ask(asked(FIRST));
    for (const state of states) line.ask(asked(state));
    expect(worker.asked).toHaveLength(1);
    await worker.finish();
    await worker.finish();
    expect(rows).toEqual([FIRST, states[2]]);
    expect(worker.asked[1]!.have).not.toBeNull();
    expect([worker.cancelled, told]).toEqual([0, ['read 32', 'read 32']]);
  });

  test('the same state is not asked for twice', () => {
    const worker = new SlowWorker();
    const { line } = lineTo(worker);
    const same = asked(FIRST);
    line.ask(same);
    line.ask({ ...same });
    expect(worker.asked).toHaveLength(1);
  });

  test('a reading that takes long is given up for a newer state, and by hand', async () => {
    const worker = new SlowWorker();
    const { line, told } = lineTo(worker);
    line.ask(asked(FIRST));
    worker.slow();
    line.ask(asked(states[0]!));
    await Promise.resolve();
    expect([worker.cancelled, worker.asked.length]).toEqual([1, 2]);
    worker.slow();
    line.cancel();
    await Promise.resolve();
    expect(told).toEqual([
      'slow',
      'not slow',
      'slow',
      'not slow',
      'The reading was stopped. Any ruling begins it again.',
    ]);
  });

  test('after it is closed nothing is told, and what then takes long is ended', async () => {
    const worker = new SlowWorker();
    const { line, told } = lineTo(worker);
    line.ask(asked(FIRST));
    line.close();
    worker.slow();
    await Promise.resolve();
    expect([worker.cancelled, told]).toEqual([1, []]);
  });

  test('what the worker cannot read is told, and the next state is read', async () => {
    const worker = new SlowWorker();
    const { line, told } = lineTo(worker);
    line.ask(asked({ ...FIRST, notes: ['nonsense'] }));
    await worker.finish();
    line.ask(asked(FIRST));
    await worker.finish();
    expect(told).toEqual([expect.stringContaining('this is not a note of a score'), 'read 32']);
  });
});
