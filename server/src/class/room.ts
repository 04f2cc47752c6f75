import { pupilId } from './codes';
import { LIMITS } from './limits';
import type {
  Clock,
  Join,
  Open,
  PupilSays,
  QuickQuestion,
  SentAnswer,
  TeacherSays,
  ToPupil,
  ToTeacher,
} from './protocol';

/** One page at the other end. */
export interface Link<Message> {
  readonly send: (message: Message) => void;
  readonly close: () => void;
}

/** A pupil in a room. */
interface Member {
  readonly id: string;
  name: string;
  version: number;
  done: boolean;
  at: string;
  link: Link<ToPupil> | null;
  /** Answers that the teacher's page has not kept yet, by question. */
  readonly waiting: Map<string, SentAnswer>;
  /** The highest number that the teacher's page has kept. */
  kept: number;
  /** What was handed back while the pupil's page was away. */
  slip: string | null;
}

const sameName = (name: string) => name.trim().toLowerCase().replace(/\s+/g, ' ');

/** A class: who is in it, and what waits to be passed on. All of it is in memory, and gone when it ends. */
export class Room {
  private readonly members = new Map<string, Member>();
  private teacher: Link<ToTeacher> | null = null;
  private sheets: readonly string[] = [];
  private clock: Clock = { closed: false, endsAt: null };
  private closedAt = 0;
  private leftAt: number | null = null;
  private quick: QuickQuestion | null = null;
  private joined = 0;

  constructor(
    readonly id: string,
    readonly code: string,
  ) {}

  /** Whether the teacher's page has been away so long that the class has ended. */
  get isLeft(): boolean {
    return this.leftAt !== null && Date.now() - this.leftAt > LIMITS.leftMs;
  }

  /** The teacher's page opens the class, or comes back to it: what waited for it is told at once. */
  open({ sheets, pupils, closed, endsAt }: Open, link: Link<ToTeacher>, address: string): void {
    if (this.teacher && this.teacher !== link) {
      this.teacher.send({ type: 'taken' });
      this.teacher.close();
    }
    this.teacher = link;
    this.leftAt = null;
    this.sheets = sheets;
    this.clock = { closed, endsAt };
    for (const pupil of pupils) {
      const known = this.members.get(pupil.id);
      if (known) Object.assign(known, { version: pupil.version });
      else this.members.set(pupil.id, { ...member(pupil.id, pupil.name, pupil.version), done: pupil.done });
    }
    this.joined = Math.max(this.joined, this.members.size);
    link.send({ type: 'opened', code: this.code, address });
    for (const one of this.members.values()) {
      this.tellPupil(one);
      if (one.waiting.size > 0) link.send({ type: 'work', pupil: one.id, answers: inOrder(one.waiting) });
      one.link?.send({ type: 'clock', ...this.clock });
    }
  }

  /** The teacher's page is gone; what is answered meanwhile waits. */
  left(link: Link<ToTeacher>): void {
    if (this.teacher !== link) return;
    this.teacher = null;
    this.leftAt = Date.now();
  }

  /** What the teacher's page says, once the class is open. */
  fromTeacher(message: Exclude<TeacherSays, { type: 'open' | 'end' | 'ping' }>): void {
    switch (message.type) {
      case 'kept': {
        const one = this.members.get(message.pupil);
        if (!one) return;
        one.kept = Math.max(one.kept, message.n);
        for (const [question, { n }] of one.waiting) if (n <= message.n) one.waiting.delete(question);
        one.link?.send({ type: 'kept', n: one.kept });
        return;
      }
      case 'clock':
        if (message.closed && !this.clock.closed) this.closedAt = Date.now();
        this.clock = { closed: message.closed, endsAt: message.endsAt };
        return this.toAll(message);
      case 'marks': {
        const one = this.members.get(message.pupil);
        if (one?.link) one.link.send({ type: 'marks', slip: message.slip });
        else if (one) one.slip = message.slip;
        return;
      }
      case 'quick':
        this.quick = { id: message.id, sheet: message.sheet };
        return this.toAll(message);
      case 'quick-end':
        if (this.quick?.id !== message.id) return;
        this.quick = null;
        return this.toAll(message);
      case 'release': {
        const one = this.members.get(message.pupil);
        this.members.delete(message.pupil);
        one?.link?.send({ type: 'over' });
        one?.link?.close();
      }
    }
  }

  /** Lets a pupil in, or says why not. Gives the pupil's id in this room. */
  join({ name, key }: Join, link: Link<ToPupil>): string | 'name' | 'full' {
    const id = pupilId(this.id, key);
    let one = this.members.get(id);
    if (!one) {
      if (this.members.size >= LIMITS.pupils) return 'full';
      const wanted = sameName(name);
      for (const other of this.members.values()) if (sameName(other.name) === wanted) return 'name';
      one = member(
        id,
        name.trim().replace(/\s+/g, ' '),
        this.sheets.length > 0 ? this.joined % this.sheets.length : 0,
      );
      this.joined++;
      this.members.set(id, one);
    }
    if (one.link && one.link !== link) {
      one.link.send({ type: 'taken' });
      one.link.close();
    }
    one.link = link;
    link.send({
      type: 'joined',
      room: this.id,
      version: one.version,
      done: one.done,
      sheet: this.sheets[one.version] ?? null,
      quick: this.quick,
      ...this.clock,
    });
    if (one.kept > 0) link.send({ type: 'kept', n: one.kept });
    if (one.slip !== null) {
      link.send({ type: 'marks', slip: one.slip });
      one.slip = null;
    }
    this.tellPupil(one);
    return id;
  }

  /** What a pupil's page says of its own work. */
  fromPupil(id: string, message: Exclude<PupilSays, { type: 'join' | 'ping' }>): void {
    const one = this.members.get(id);
    if (!one) return;
    switch (message.type) {
      case 'work': {
        // What is typed after the end is not taken; what was in the pen when it came is.
        // Where there is no sheet there is nothing to answer.
        if (this.sheets.length === 0 || this.isOver()) return;
        const fresh = message.answers.filter(
          ({ question, n }) => n > one.kept && n > (one.waiting.get(question)?.n ?? -1),
        );
        for (const answer of fresh)
          if (one.waiting.size < LIMITS.questions) one.waiting.set(answer.question, answer);
        if (fresh.length > 0) this.teacher?.send({ type: 'work', pupil: id, answers: fresh });
        // What is kept already was sent again because word of that was lost.
        if (fresh.length < message.answers.length && one.kept > 0)
          one.link?.send({ type: 'kept', n: one.kept });
        return;
      }
      case 'at':
        one.at = message.question;
        return this.tellPupil(one);
      case 'done':
        one.done = message.done;
        return this.tellPupil(one);
      case 'quick':
        if (this.quick?.id === message.id)
          this.teacher?.send({ type: 'quick', pupil: id, id: message.id, text: message.text });
    }
  }

  /** A pupil's page is gone; the pupil stays in the class. */
  dropped(id: string, link: Link<ToPupil>): void {
    const one = this.members.get(id);
    if (one?.link !== link) return;
    one.link = null;
    this.tellPupil(one);
  }

  /** Ends the class: everyone is told, and nothing of it stays. */
  end(): void {
    this.toAll({ type: 'over' });
    for (const one of this.members.values()) one.link?.close();
    this.members.clear();
    this.sheets = [];
    this.quick = null;
    this.teacher = null;
  }

  /** Whether work has ended, by the teacher's word or by the clock, and what was in the pen has had its time. */
  private isOver(): boolean {
    const { closed, endsAt } = this.clock;
    const end = closed ? this.closedAt : (endsAt ?? Infinity);
    return Date.now() - end > LIMITS.graceMs;
  }

  private toAll(message: ToPupil): void {
    for (const { link } of this.members.values()) link?.send(message);
  }

  private tellPupil({ id, name, version, done, at, link }: Member): void {
    this.teacher?.send({ type: 'pupil', id, name, version, done, at, here: link !== null });
  }
}

const member = (id: string, name: string, version: number): Member => ({
  ...{ id, name, version, done: false, at: '', link: null },
  ...{ waiting: new Map(), kept: 0, slip: null },
});

const inOrder = (waiting: ReadonlyMap<string, SentAnswer>): SentAnswer[] =>
  [...waiting.values()].sort((a, b) => a.n - b.n);
