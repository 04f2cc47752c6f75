import type {
  ClassClock,
  Join,
  KnownAnswer,
  PupilSays,
  QuickQuestion,
  Refusal,
  SentAnswer,
  ToPupil,
} from '@diatonix/server/class';
import { Connection, type Socket } from '../../network/line';

/** How a pupil comes in: with the code at first, with the room from then on. */
export type Ticket = Omit<Join, 'type'>;

/** Answers on their way: they stay until the teacher's page has kept them. */
export interface Outbox {
  /** The highest number that was given so far. */
  readonly n: number;
  readonly waiting: Readonly<Record<string, WaitingAnswer>>;
}

/** An answer on its way; `at` is when it was written, in milliseconds since 1970. */
export interface WaitingAnswer {
  readonly text: string;
  readonly n: number;
  readonly at?: number;
}

export const EMPTY_OUTBOX: Outbox = { n: 0, waiting: {} };

/** What a pupil's page is told. */
export interface PupilEvents {
  readonly onJoined: (joined: Extract<ToPupil, { type: 'joined' }>) => void;
  readonly onRefused: (why: Refusal) => void;
  /** Whether the class is reached now. */
  readonly onHere: (here: boolean) => void;
  readonly onOutbox: (outbox: Outbox) => void;
  readonly onClock: (clock: ClassClock) => void;
  readonly onQuick: (quick: QuickQuestion | null) => void;
  readonly onMarks: (slip: string) => void;
  /** Answers that were written after the end, and were not taken. */
  readonly onLate: (questions: readonly string[]) => void;
  /** What was answered before on another device. */
  readonly onAnswers: (answers: readonly KnownAnswer[]) => void;
  readonly onOver: () => void;
  /** The teacher has let the name go: the pupil goes on with another device. */
  readonly onMoved: () => void;
  /** Another page of the same pupil has taken its place. */
  readonly onTaken: () => void;
}

const IN_MESSAGE = 100;
const AWAY_RETRY_MS = 1500;
const BUSY_RETRY_MS = 4000;
/** What was not kept so long after something else was, is sent again: there may have been no room for it. */
const UNKEPT_MS = 2000;
/** What was written so long ago says so. */
const OLD_MS = 1000;

/** The answers that wait, in the order in which they were given. */
export function waitingIn({ waiting }: Outbox): SentAnswer[] {
  const now = Date.now();
  return Object.entries(waiting)
    .map(([question, { text, n, at = now }]) => ({
      ...{ question, text, n },
      ...(now - at > OLD_MS ? { ago: now - at } : {}),
    }))
    .sort((a, b) => a.n - b.n);
}

/** The outbox with numbers over those that have come from this pupil already: none is taken for one that was sent. */
export function renumbered(outbox: Outbox, known: number): Outbox {
  // What was kept of the page is older than what it had sent: its last letters were lost with the browser.
  if (known <= outbox.n) return outbox;
  let n = known;
  const order = Object.entries(outbox.waiting).sort(([, a], [, b]) => a.n - b.n);
  const waiting = Object.fromEntries(order.map(([question, one]) => [question, { ...one, n: ++n }]));
  return { n, waiting };
}

const without = (outbox: Outbox, isGone: (question: string, one: WaitingAnswer) => boolean): Outbox => ({
  ...outbox,
  waiting: Object.fromEntries(
    Object.entries(outbox.waiting).filter(([question, one]) => !isGone(question, one)),
  ),
});

/** A pupil's place in the class: joins, comes back by itself, and sends what was answered until it is kept. */
export class PupilLine {
  private readonly line: Connection<PupilSays, ToPupil>;
  private joined = false;
  private again: ReturnType<typeof setTimeout> | null = null;
  private unkept: ReturnType<typeof setTimeout> | null = null;

  constructor(
    private ticket: Ticket,
    private outbox: Outbox,
    private readonly events: PupilEvents,
    open: () => Socket,
    check?: () => Promise<(message: unknown) => message is ToPupil>,
  ) {
    this.line = new Connection({
      open,
      onUp: () => this.join(),
      onDown: () => {
        if (this.again) clearTimeout(this.again);
        this.joined = false;
        this.events.onHere(false);
      },
      onHeard: (message) => this.hear(message),
      ...(check ? { check } : {}),
    });
  }

  /** An answer as it stands now. */
  answer(question: string, text: string): void {
    const n = this.outbox.n + 1;
    const waiting = { ...this.outbox.waiting, [question]: { text, n, at: Date.now() } };
    this.keep({ n, waiting });
    if (this.joined) this.line.say({ type: 'work', answers: [{ question, text, n }] });
  }

  at(question: string): void {
    if (this.joined) this.line.say({ type: 'at', question });
  }

  done(done: boolean): void {
    if (this.joined) this.line.say({ type: 'done', done });
  }

  /** Answers the question that is asked beside the sheet; false where the class is not reached. */
  quick(id: string, text: string): boolean {
    return this.joined && this.line.say({ type: 'quick', id, text });
  }

  hurry(): void {
    this.line.hurry();
  }

  stop(): void {
    if (this.again) clearTimeout(this.again);
    if (this.unkept) clearTimeout(this.unkept);
    this.line.stop();
  }

  private join(): void {
    this.line.say({ type: 'join', ...this.ticket });
  }

  private hear(message: ToPupil): void {
    switch (message.type) {
      case 'joined':
        this.joined = true;
        this.ticket = { ...this.ticket, room: message.room };
        this.keep(renumbered(this.outbox, message.n ?? 0));
        this.events.onJoined(message);
        this.events.onHere(true);
        return this.flush();
      case 'refused':
        this.events.onRefused(message.why);
        // The class may come back: its teacher's page is being reloaded, or the server started.
        if (message.why === 'away' || message.why === 'busy')
          this.again = setTimeout(
            () => this.join(),
            message.why === 'away' ? AWAY_RETRY_MS : BUSY_RETRY_MS * (1 + Math.random()),
          );
        return;
      case 'kept':
        this.keep(without(this.outbox, (_, { n }) => n <= message.n));
        return this.sendUnkept();
      case 'late':
        this.keep(
          without(this.outbox, (question, { n }) => n <= message.n && message.questions.includes(question)),
        );
        return this.events.onLate(message.questions);
      case 'answers':
        return this.events.onAnswers(message.answers);
      case 'clock':
        this.events.onClock(message);
        // What was too late may be in time now.
        if (!message.closed) this.flush();
        return;
      case 'quick':
        return this.events.onQuick(message);
      case 'quick-end':
        return this.events.onQuick(null);
      case 'marks':
        return this.events.onMarks(message.slip);
      case 'over':
        this.stop();
        return this.events.onOver();
      case 'moved':
        this.stop();
        return this.events.onMoved();
      case 'taken':
        this.stop();
        return this.events.onTaken();
    }
  }

  private sendUnkept(): void {
    if (this.unkept) clearTimeout(this.unkept);
    this.unkept = null;
    if (Object.keys(this.outbox.waiting).length > 0)
      this.unkept = setTimeout(() => this.joined && this.flush(), UNKEPT_MS);
  }

  private flush(): void {
    const answers = waitingIn(this.outbox);
    for (let at = 0; at < answers.length; at += IN_MESSAGE)
      this.line.say({ type: 'work', answers: answers.slice(at, at + IN_MESSAGE) });
  }

  private keep(outbox: Outbox): void {
    this.outbox = outbox;
    this.events.onOutbox(outbox);
  }
}
