/** A connection that comes back by itself, and a pupil's answers that stay until they are kept. */
import { Connection, type Socket } from '../src/network/line';
import { EMPTY_OUTBOX, PupilLine, waitingIn } from '../src/classroom/pupil/pupilLine';
import type { Outbox, PupilEvents } from '../src/classroom/pupil/pupilLine';

class FakeSocket implements Socket {
  readyState = 0;
  readonly said: { type: string; [field: string]: unknown }[] = [];
  onopen: Socket['onopen'] = null;
  onclose: Socket['onclose'] = null;
  onerror: Socket['onerror'] = null;
  onmessage: Socket['onmessage'] = null;
  send(text: string) {
    this.said.push(JSON.parse(text) as { type: string });
  }
  close() {
    this.readyState = 3;
    this.onclose?.();
  }
  up() {
    this.readyState = 1;
    this.onopen?.();
  }
  hear(message: object | string) {
    this.onmessage?.({ data: typeof message === 'string' ? message : JSON.stringify(message) });
  }
}

let sockets: FakeSocket[];
const open = () => {
  sockets.push(new FakeSocket());
  return sockets.at(-1)!;
};
beforeEach(() => {
  jest.useFakeTimers();
  sockets = [];
});
afterEach(() => jest.useRealTimers());

describe('a line', () => {
  const lineWith = (heard: object[] = [], events: string[] = []) =>
    new Connection({
      open,
      onUp: () => events.push('up'),
      onDown: () => events.push('down'),
      onHeard: (message) => heard.push(message),
    });

  test('says nothing while it is down, and comes back later and later, but at last every few seconds', () => {
    const events: string[] = [];
    const line = lineWith([], events);
    expect(line.say({ type: 'a' })).toBe(false);
    sockets[0]!.up();
    expect(line.say({ type: 'a' })).toBe(true);
    sockets[0]!.close();
    expect(events).toEqual(['up', 'down']);
    for (let count = 2; count < 12; count++) {
      jest.advanceTimersByTime(9000);
      expect(sockets).toHaveLength(count);
      sockets.at(-1)!.close();
    }
    line.hurry();
    expect(sockets).toHaveLength(12);
    sockets.at(-1)!.up();
    expect(line.isUp).toBe(true);
    line.stop();
    jest.advanceTimersByTime(60_000);
    line.hurry();
    expect(sockets).toHaveLength(12);
  });

  test('a line on which nothing is heard is dead, one that answers is not', () => {
    const heard: object[] = [];
    const line = lineWith(heard);
    sockets[0]!.up();
    for (let beat = 0; beat < 5; beat++) {
      jest.advanceTimersByTime(8000);
      sockets[0]!.hear({ type: 'pong' });
    }
    expect(line.isUp).toBe(true);
    sockets[0]!.hear('no JSON');
    sockets[0]!.hear({ type: 'b' });
    expect(heard).toEqual([{ type: 'b' }]);
    jest.advanceTimersByTime(40_000);
    expect(sockets[0]!.readyState).toBe(3);
    expect(sockets.length).toBeGreaterThan(1);
    line.stop();
  });

  test('a socket that cannot even be made is tried again', () => {
    let tries = 0;
    const line = new Connection({
      open: () => {
        if (tries++ < 2) throw new Error('no network');
        return open();
      },
      onUp: () => undefined,
      onDown: () => undefined,
      onHeard: () => undefined,
    });
    jest.advanceTimersByTime(5000);
    expect(sockets).toHaveLength(1);
    line.stop();
  });
});

describe('a pupil’s place in the class', () => {
  const ROOM = 'room-of-the-class-12345';
  const joined = {
    ...{ type: 'joined', room: ROOM, name: 'Nesta', version: 0, done: false, sheet: null, quick: null },
  };
  const CLOCK = { closed: false, endsAt: null };
  let outbox: Outbox;
  let told: unknown[][];
  const place = (before: Outbox = EMPTY_OUTBOX) => {
    told = [];
    outbox = before;
    const tell =
      (name: string) =>
      (...what: unknown[]) =>
        void told.push([name, ...what]);
    const events: PupilEvents = {
      onJoined: tell('joined'),
      onRefused: tell('refused'),
      onHere: tell('here'),
      onOutbox: (next) => (outbox = next),
      onClock: tell('clock'),
      onQuick: tell('quick'),
      onMarks: tell('marks'),
      onLate: tell('late'),
      onAnswers: tell('answers'),
      onMoved: tell('moved'),
      onOver: tell('over'),
      onTaken: tell('taken'),
    };
    return new PupilLine({ code: 'ABCDEF', name: 'Ada', key: 'a-key-0123456789' }, before, events, open);
  };
  const work = (socket: FakeSocket) => socket.said.filter(({ type }) => type === 'work');

  test('a page whose last letters were lost with its browser gives no number twice', () => {
    const pupil = place({ n: 3, waiting: { '1.2': { text: 'P5', n: 3 }, '1.1': { text: 'm6', n: 2 } } });
    sockets[0]!.up();
    // The class has seen numbers up to 8 of this pupil.
    sockets[0]!.hear({ ...joined, ...CLOCK, n: 8 });
    expect(work(sockets[0]!)[0]!.answers).toMatchObject([
      { question: '1.1', text: 'm6', n: 9 },
      { question: '1.2', text: 'P5', n: 10 },
    ]);
    sockets[0]!.hear({ type: 'kept', n: 8 });
    expect(waitingIn(outbox)).toHaveLength(2);
    pupil.answer('1.3', 'A4');
    expect(work(sockets[0]!).at(-1)!.answers).toMatchObject([{ question: '1.3', n: 11 }]);
    pupil.stop();
  });

  test('what was written while the class could not be reached says how long ago; what is too late is let go', () => {
    const pupil = place();
    jest.setSystemTime(1_000_000);
    pupil.answer('1.1', 'm6');
    jest.setSystemTime(1_060_000);
    sockets[0]!.up();
    sockets[0]!.hear({ ...joined, closed: true, endsAt: 1_030_000 });
    expect(work(sockets[0]!)[0]!.answers).toEqual([{ question: '1.1', text: 'm6', n: 1, ago: 60_000 }]);
    sockets[0]!.hear({ type: 'late', n: 1, questions: ['1.1'] });
    expect(waitingIn(outbox)).toEqual([]);
    expect(told).toContainEqual(['late', ['1.1']]);
    pupil.stop();
  });

  test('what was not kept though something else was is sent again; another device is told', () => {
    const pupil = place();
    sockets[0]!.up();
    sockets[0]!.hear({ ...joined, ...CLOCK });
    pupil.answer('1.1', 'm6');
    pupil.answer('1.2', 'P5');
    sockets[0]!.hear({ type: 'kept', n: 1 });
    const before = work(sockets[0]!).length;
    jest.advanceTimersByTime(2500);
    expect(work(sockets[0]!).length).toBe(before + 1);
    sockets[0]!.hear({ type: 'answers', answers: [{ question: '1.3', text: 'M3' }] });
    expect(told).toContainEqual(['answers', [{ question: '1.3', text: 'M3' }]]);
    sockets[0]!.hear({ type: 'moved' });
    expect(told.at(-1)).toEqual(['moved']);
    jest.advanceTimersByTime(20_000);
    expect(sockets).toHaveLength(1);
    pupil.stop();
  });

  test('answers go out in their order, wait until they are kept, and are sent again after a break', () => {
    const pupil = place();
    pupil.answer('1.1', 'm');
    sockets[0]!.up();
    expect(sockets[0]!.said[0]).toMatchObject({ type: 'join', code: 'ABCDEF' });
    expect(sockets[0]!.said[0]).not.toHaveProperty('room');
    sockets[0]!.hear({ ...joined, ...CLOCK });
    pupil.answer('1.1', 'm6');
    pupil.answer('1.2', 'P5');
    expect(work(sockets[0]!).map(({ answers }) => answers)).toEqual([
      [{ question: '1.1', text: 'm', n: 1 }],
      [{ question: '1.1', text: 'm6', n: 2 }],
      [{ question: '1.2', text: 'P5', n: 3 }],
    ]);
    sockets[0]!.hear({ type: 'kept', n: 2 });
    expect(waitingIn(outbox)).toEqual([{ question: '1.2', text: 'P5', n: 3 }]);
    sockets[0]!.close();
    pupil.answer('1.1', 'M6');
    jest.advanceTimersByTime(5000);
    sockets[1]!.up();
    // Who was in the room needs no code for it.
    expect(sockets[1]!.said[0]).toMatchObject({ room: ROOM });
    expect(work(sockets[1]!)).toEqual([]);
    sockets[1]!.hear({ ...joined, ...CLOCK });
    expect(work(sockets[1]!)[0]!['answers']).toMatchObject([
      { question: '1.2', text: 'P5', n: 3 },
      { question: '1.1', text: 'M6', n: 4 },
    ]);
    sockets[1]!.hear({ type: 'kept', n: 4 });
    expect(outbox).toEqual({ n: 4, waiting: {} });
    pupil.stop();
  });

  test('a great many answers go in messages that the door lets through', () => {
    const waiting = Object.fromEntries(
      Array.from({ length: 250 }, (_, at) => [`1.${at + 1}`, { text: 'P5', n: at + 1 }]),
    );
    const pupil = place({ n: 250, waiting });
    sockets[0]!.up();
    sockets[0]!.hear({ ...joined, ...CLOCK });
    expect(work(sockets[0]!).map(({ answers }) => (answers as unknown[]).length)).toEqual([100, 100, 50]);
    pupil.stop();
  });

  test('what came too late is sent again when there is more time', () => {
    const pupil = place();
    sockets[0]!.up();
    sockets[0]!.hear({ ...joined, closed: true, endsAt: null });
    pupil.answer('1.1', 'late');
    sockets[0]!.hear({ type: 'clock', closed: false, endsAt: 5 });
    expect(work(sockets[0]!)).toHaveLength(2);
    expect(told).toContainEqual(['clock', { type: 'clock', closed: false, endsAt: 5 }]);
    pupil.stop();
  });

  test('a class that is away is asked for again on the same line; another refusal is told once', () => {
    const pupil = place();
    sockets[0]!.up();
    sockets[0]!.hear({ type: 'refused', why: 'away' });
    jest.advanceTimersByTime(1600);
    expect(sockets[0]!.said.filter(({ type }) => type === 'join')).toHaveLength(2);
    sockets[0]!.hear({ type: 'refused', why: 'name' });
    jest.advanceTimersByTime(1600);
    expect(sockets[0]!.said.filter(({ type }) => type === 'join')).toHaveLength(2);
    expect(told.filter(([name]: unknown[]) => name === 'refused')).toEqual([
      ['refused', 'away'],
      ['refused', 'name'],
    ]);
    pupil.stop();
  });

  test('what is asked and handed back is told, and at the end the line is down for good', () => {
    const pupil = place();
    sockets[0]!.up();
    expect(pupil.quick('q', 'V7')).toBe(false);
    sockets[0]!.hear({ ...joined, ...CLOCK });
    expect(pupil.quick('q', 'V7')).toBe(true);
    pupil.at('1.2');
    pupil.done(true);
    expect(sockets[0]!.said.slice(-3)).toEqual([
      { type: 'quick', id: 'q', text: 'V7' },
      { type: 'at', question: '1.2' },
      { type: 'done', done: true },
    ]);
    for (const message of [
      { type: 'quick', id: 'q', sheet: 's' },
      { type: 'quick-end', id: 'q' },
    ])
      sockets[0]!.hear(message);
    sockets[0]!.hear({ type: 'marks', slip: 'slip' });
    sockets[0]!.hear({ type: 'over' });
    expect(told.slice(-5)).toEqual([
      ['quick', { type: 'quick', id: 'q', sheet: 's' }],
      ['quick', null],
      ['marks', 'slip'],
      ['here', false],
      ['over'],
    ]);
    jest.advanceTimersByTime(60_000);
    expect(sockets).toHaveLength(1);
  });

  test('another tab of the same pupil takes the place', () => {
    place();
    sockets[0]!.up();
    sockets[0]!.hear({ ...joined, ...CLOCK });
    sockets[0]!.hear({ type: 'taken' });
    expect(told.at(-1)).toEqual(['taken']);
    jest.advanceTimersByTime(60_000);
    expect(sockets).toHaveLength(1);
  });
});
