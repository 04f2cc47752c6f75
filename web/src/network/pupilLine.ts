import type {
  Clock,
  Join,
  PupilSays,
  QuickQuestion,
  Refusal,
  SentAnswer,
  ToPupil,
} from '@diatonix/server/class';
import { Line, type Socket } from './line';

/** How a pupil comes in: with the code at first, with the room from then on. */
export type Ticket = Omit<Join, 'type'>;

/** Answers on their way: they stay until the teacher's page has kept them. */
export interface Outbox {
  /** The highest number that was given so far. */
  readonly n: number;
  readonly waiting: Readonly<Record<string, Omit<SentAnswer, 'question'>>>;
}

export const EMPTY_OUTBOX: Outbox = { n: 0, waiting: {} };

/** What a pupil's page is told. */
export interface PupilEvents {
  readonly onJoined: (joined: Extract<ToPupil, { type: 'joined' }>) => void;
  readonly onRefused: (why: Refusal) => void;
  /** Whether the class is reached now. */
  readonly onHere: (here: boolean) => void;
  readonly onOutbox: (outbox: Outbox) => void;
  readonly onClock: (clock: Clock) => void;
  readonly onQuick: (quick: QuickQuestion | null) => void;
  readonly onMarks: (slip: string) => void;
  readonly onOver: () => void;
  /** Another page of the same pupil has taken its place. */
  readonly onTaken: () => void;
}

const IN_MESSAGE = 100;
const AWAY_RETRY_MS = 1500;

/** The answers that wait, in the order in which they were given. */
export const waitingIn = ({ waiting }: Outbox): SentAnswer[] =>
  Object.entries(waiting)
    .map(([question, one]) => ({ question, ...one }))
    .sort((a, b) => a.n - b.n);

/** A pupil's place in the class: joins, comes back by itself, and sends what was answered until it is kept. */
export class PupilLine {
  private readonly line: Line<PupilSays, ToPupil>;
  private joined = false;
  private again: ReturnType<typeof setTimeout> | null = null;

  constructor(
    private ticket: Ticket,
    private outbox: Outbox,
    private readonly events: PupilEvents,
    open: () => Socket,
  ) {
    this.line = new Line({
      open,
      onUp: () => this.join(),
      onDown: () => {
        if (this.again) clearTimeout(this.again);
        this.joined = false;
        this.events.onHere(false);
      },
      onHeard: (message) => this.hear(message),
    });
  }

  /** An answer as it stands now. */
  answer(question: string, text: string): void {
    const n = this.outbox.n + 1;
    this.keep({ n, waiting: { ...this.outbox.waiting, [question]: { text, n } } });
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
        this.events.onJoined(message);
        this.events.onHere(true);
        return this.flush();
      case 'refused':
        this.events.onRefused(message.why);
        // The class may come back: its teacher's page is being reloaded, or the server started.
        if (message.why === 'away') this.again = setTimeout(() => this.join(), AWAY_RETRY_MS);
        return;
      case 'kept':
        return this.keep({
          n: this.outbox.n,
          waiting: Object.fromEntries(
            Object.entries(this.outbox.waiting).filter(([, { n }]) => n > message.n),
          ),
        });
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
      case 'taken':
        this.stop();
        return this.events.onTaken();
    }
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
