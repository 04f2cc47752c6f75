import { CLASS_LIMITS } from './limits';
import { addWaiting, moreWaiting, notPassed, type Link, type RoomMember } from './member';
import type { ClassClock, SentAnswer, ToTeacher } from './protocol';

/** How answers of pupils reach the teacher's page: what waits, within its room, and by turns. */
export class Passing {
  private teacher: Link<ToTeacher> | null = null;
  private isSending = false;

  constructor(private readonly members: Map<string, RoomMember>) {}

  /** The teacher's page is there: everything that waits goes to it; null where it is away. */
  to(teacher: Link<ToTeacher> | null): void {
    this.teacher = teacher;
    this.isSending = false;
    for (const one of this.members.values()) one.passed.clear();
    this.send();
  }

  /** What is new waits; gives the answers that were written too late. `asked` are the questions that there are. */
  take(
    one: RoomMember,
    answers: readonly SentAnswer[],
    asked: ReadonlySet<string> | null,
    clock: ClassClock,
  ): { readonly late: readonly SentAnswer[]; readonly isAgain: boolean } {
    const fresh = answers.filter(
      ({ question, n }) =>
        n > one.kept && n > (one.waiting.get(question)?.n ?? -1) && (asked?.has(question) ?? true),
    );
    const late: SentAnswer[] = [];
    for (const answer of fresh) {
      const { question, text, n } = answer;
      if (!isInTime(clock, one, answer)) late.push(answer);
      // What has no room stays with the pupil, whose page sends it again.
      else if (this.hasRoom(one, answer)) addWaiting(one, { question, text, n });
    }
    this.send();
    return { late, isAgain: fresh.length < answers.length };
  }

  private hasRoom(one: RoomMember, answer: SentAnswer): boolean {
    const more = moreWaiting(one, answer);
    if (one.waiting.size >= CLASS_LIMITS.questions || one.size + more > CLASS_LIMITS.waiting) return false;
    let from = more;
    for (const other of this.members.values()) if (other.address === one.address) from += other.size;
    return from <= CLASS_LIMITS.waitingFrom;
  }

  /** Sends what waits to the teacher's page, piece by piece, as fast as it takes it. */
  private send(): void {
    const { teacher } = this;
    if (this.isSending || !teacher) return;
    const messages: Extract<ToTeacher, { type: 'work' }>[] = [];
    let room: number = CLASS_LIMITS.piece;
    for (const one of [...this.members.values()]) {
      if (room <= 0) break;
      const answers = notPassed(one, Math.min(room, CLASS_LIMITS.pieceOfOne));
      if (answers.length === 0) continue;
      room -= answers.length;
      messages.push({ type: 'work', pupil: one.id, answers });
      for (const { question, n } of answers) one.passed.set(question, n);
      // Who has had a turn goes to the end: nobody with much to send keeps the others waiting.
      this.members.delete(one.id);
      this.members.set(one.id, one);
    }
    const last = messages.pop();
    if (!last) return;
    this.isSending = true;
    for (const message of messages) teacher.send(message);
    teacher.sendThen(last, () => {
      if (this.teacher !== teacher) return;
      this.isSending = false;
      this.send();
    });
  }
}

/**
 * Whether an answer was written before work ended. What was in the pen when it ended is in time; and of a page that
 * could not reach the class at the end, what it says to have written before it.
 */
function isInTime(
  { closed, endsAt }: ClassClock,
  { linkedAt }: RoomMember,
  { ago = 0 }: SentAnswer,
): boolean {
  const now = Date.now();
  if (endsAt === null || (!closed && now < endsAt) || now - endsAt <= CLASS_LIMITS.graceMs) return true;
  return linkedAt > endsAt && now - ago <= endsAt + CLASS_LIMITS.graceMs;
}
