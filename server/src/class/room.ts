import { pupilId } from './codes';
import { Entrance } from './entrance';
import { CLASS_LIMITS } from './limits';
import { highest, newMember, takeWaiting, type Link, type RoomMember } from './member';
import { nameKey, tidyName } from './names';
import { Passing } from './passing';
import { questionsIn } from './questions';
import type {
  ClassClock,
  Join,
  Open,
  PupilSays,
  QuickQuestion,
  Refusal,
  SentAnswer,
  TeacherSays,
  ToPupil,
  ToTeacher,
} from './protocol';

/** A class: who is in it, and what waits to be passed on. All of it is in memory, and gone when it ends. */
export class Room {
  private readonly members = new Map<string, RoomMember>();
  private readonly passing = new Passing(this.members);
  private readonly entrance = new Entrance();
  private readonly moved = new Set<string>();
  private teacher: Link<ToTeacher> | null = null;
  private sheets: readonly string[] = [];
  private questions: readonly (ReadonlySet<string> | null)[] = [];
  private clock: ClassClock = { closed: false, endsAt: null };
  private leftAt: number | null = null;
  private quick: QuickQuestion | null = null;
  private joined = 0;

  constructor(
    readonly id: string,
    readonly code: string,
  ) {}

  /** Whether the teacher's page has been away so long that the class has ended. */
  get isLeft(): boolean {
    return this.leftAt !== null && Date.now() - this.leftAt > CLASS_LIMITS.leftMs;
  }

  /** The teacher's page opens the class, or comes back to it: what waited for it is told piece by piece. */
  open(open: Open, link: Link<ToTeacher>, address: string): void {
    if (this.teacher && this.teacher !== link) {
      this.teacher.send({ type: 'taken' });
      this.teacher.close();
    }
    const { sheets, pupils, closed, endsAt, list = [], joining = 'open' } = open;
    this.teacher = link;
    this.leftAt = null;
    this.sheets = sheets;
    this.questions = sheets.map(questionsIn);
    this.clock = { closed, endsAt: closed ? (endsAt ?? Date.now()) : endsAt };
    this.entrance.joining = joining;
    this.entrance.names = list;
    for (const { id, name, version, done, n = 0 } of pupils) {
      const known = this.members.get(id) ?? { ...newMember(id, name, version), done };
      known.version = version;
      known.kept = Math.max(known.kept, n);
      this.members.set(id, known);
    }
    this.joined = Math.max(this.joined, this.members.size);
    link.send({ type: 'opened', code: this.code, address });
    for (const one of this.members.values()) {
      this.tellPupil(one);
      one.link?.send({ type: 'clock', ...this.clock });
    }
    for (const { id, join } of this.entrance.asking.values())
      link.send({ type: 'asks', id, name: tidyName(join.name) });
    this.passing.to(link);
  }

  /** The teacher's page is gone; what is answered meanwhile waits. */
  left(link: Link<ToTeacher>): void {
    if (this.teacher !== link) return;
    this.teacher = null;
    this.passing.to(null);
    this.leftAt = Date.now();
  }

  /** What the teacher's page says, once the class is open. */
  fromTeacher(message: Exclude<TeacherSays, { type: 'open' | 'end' | 'ping' }>): void {
    switch (message.type) {
      case 'kept': {
        const one = this.members.get(message.pupil);
        if (!one) return;
        one.kept = Math.max(one.kept, message.n);
        for (const [question, { n }] of one.waiting) if (n <= message.n) takeWaiting(one, question);
        one.link?.send({ type: 'kept', n: one.kept });
        return;
      }
      case 'clock': {
        const endsAt = message.closed ? (message.endsAt ?? Date.now()) : message.endsAt;
        this.clock = { closed: message.closed, endsAt };
        return this.toAll({ type: 'clock', ...this.clock });
      }
      case 'marks': {
        const one = this.members.get(message.pupil);
        if (one?.link) one.link.send({ type: 'marks', slip: message.slip });
        else if (one) one.slip = message.slip;
        return;
      }
      case 'answers':
        return this.members.get(message.pupil)?.link?.send({ type: 'answers', answers: message.answers });
      case 'quick':
        this.quick = { id: message.id, sheet: message.sheet };
        return this.toAll(message);
      case 'quick-end':
        if (this.quick?.id !== message.id) return;
        this.quick = null;
        return this.toAll(message);
      case 'joining':
        this.entrance.joining = message.joining;
        // Who waits for a yes that is not asked for any more tries by itself again.
        return message.joining === 'ask' ? undefined : this.settleAsking();
      case 'admit': {
        const asked = this.entrance.answer(message.pupil, message.yes);
        if (!asked) return;
        if (!message.yes) return asked.link.send({ type: 'refused', why: 'no' });
        const join = { ...asked.join, name: message.name ?? asked.join.name };
        const entered = this.join(join, asked.link, asked.address);
        if (typeof entered === 'object') asked.link.send({ type: 'refused', why: entered.why });
        return;
      }
      case 'dismiss': {
        const one = this.members.get(message.pupil);
        this.members.delete(message.pupil);
        one?.link?.send({ type: 'refused', why: 'full' });
        one?.link?.close();
        return;
      }
      case 'release': {
        const one = this.members.get(message.pupil);
        if (!one) return;
        this.members.delete(message.pupil);
        this.moved.add(message.pupil);
        this.entrance.remember(one.name, one.version);
        one.link?.send({ type: 'moved' });
        one.link?.close();
      }
    }
  }

  /** The names that a new pupil can choose from: those of the list that nobody has taken. */
  namesToChoose(): string[] {
    const taken = new Set([...this.members.values()].map(({ name }) => nameKey(name)));
    return this.entrance.choices().filter((name) => !taken.has(nameKey(name)));
  }

  /** Lets a pupil in, or says why not. Gives the pupil's id in this room. */
  join(join: Join, link: Link<ToPupil>, address: string): string | { readonly why: Refusal } {
    const { name, key } = join;
    const id = pupilId(this.id, key);
    let one = this.members.get(id);
    if (!one) {
      if (this.moved.has(id)) return { why: 'moved' };
      if (this.members.size >= CLASS_LIMITS.pupils) return { why: 'full' };
      const wanted = nameKey(name);
      for (const other of this.members.values()) if (nameKey(other.name) === wanted) return { why: 'name' };
      const why = this.entrance.refusal(id, name, address);
      if (why === 'ask') this.ask(id, join, link, address);
      if (why !== null) return { why };
      one = newMember(id, tidyName(name), this.entrance.versionOf(name) ?? this.nextVersion());
      this.joined++;
      this.entrance.entered(id, address);
      this.members.set(id, one);
    }
    if (one.link && one.link !== link) {
      one.link.send({ type: 'taken' });
      one.link.close();
    }
    Object.assign(one, { link, address, linkedAt: Date.now() });
    link.send({
      type: 'joined',
      room: this.id,
      name: one.name,
      version: one.version,
      done: one.done,
      sheet: this.sheets[one.version] ?? null,
      quick: this.quick,
      n: highest(one),
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
  fromPupil(id: string, message: Exclude<PupilSays, { type: 'join' | 'names' | 'ping' }>): void {
    const one = this.members.get(id);
    if (!one) return;
    switch (message.type) {
      case 'work':
        return this.work(one, message.answers);
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
    if (one?.link === link) {
      one.link = null;
      this.tellPupil(one);
    }
  }

  /** Who asked to come in has gone. */
  askedAndLeft(link: Link<ToPupil>): void {
    for (const [id, one] of this.entrance.asking)
      if (one.link === link) {
        this.entrance.asking.delete(id);
        this.teacher?.send({ type: 'asks-no-more', id });
      }
  }

  /** The pupil of a link that was let in after it had asked; undefined while it waits. */
  memberOf(link: Link<ToPupil>): string | undefined {
    for (const one of this.members.values()) if (one.link === link) return one.id;
    return undefined;
  }

  /** Ends the class: everyone is told, and nothing of it stays. */
  end(): void {
    this.toAll({ type: 'over' });
    for (const one of this.members.values()) one.link?.close();
    for (const { link } of this.entrance.asking.values()) link.close();
    this.entrance.asking.clear();
    this.members.clear();
    this.sheets = [];
    this.quick = null;
    this.teacher = null;
  }

  private nextVersion(): number {
    return this.sheets.length > 0 ? this.joined % this.sheets.length : 0;
  }

  private ask(id: string, join: Join, link: Link<ToPupil>, address: string): void {
    this.entrance.asking.set(id, { id, join, link, address });
    this.teacher?.send({ type: 'asks', id, name: tidyName(join.name) });
  }

  private settleAsking(): void {
    for (const { id, link } of [...this.entrance.asking.values()]) {
      this.entrance.asking.delete(id);
      this.teacher?.send({ type: 'asks-no-more', id });
      link.send({ type: 'refused', why: 'busy' });
    }
  }

  /** Answers of a pupil: what is new waits for the teacher's page, what came too late is told so. */
  private work(one: RoomMember, answers: readonly SentAnswer[]): void {
    // Where there is no sheet there is nothing to answer.
    if (this.sheets.length === 0) return;
    const asked = this.questions[one.version] ?? null;
    const { late, isAgain } = this.passing.take(one, answers, asked, this.clock);
    if (late.length > 0) {
      const n = Math.max(...late.map((answer) => answer.n));
      one.link?.send({ type: 'late', n, questions: late.map(({ question }) => question) });
    }
    // What is kept already was sent again because word of that was lost.
    if (isAgain && one.kept > 0) one.link?.send({ type: 'kept', n: one.kept });
  }

  private toAll(message: ToPupil): void {
    for (const { link } of this.members.values()) link?.send(message);
  }

  private tellPupil({ id, name, version, done, at, link, kept }: RoomMember): void {
    this.teacher?.send({ type: 'pupil', id, name, version, done, at, n: kept, here: link !== null });
  }
}
