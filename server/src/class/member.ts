import type { SentAnswer, ToPupil } from './protocol';

/** One page at the other end. */
export interface Link<Message> {
  readonly send: (message: Message) => void;
  /** Sends, and says when it is on its way; for what is sent in pieces. */
  readonly sendThen: (message: Message, then: () => void) => void;
  readonly close: () => void;
}

/** A pupil in a room. */
export interface RoomMember {
  readonly id: string;
  name: string;
  version: number;
  done: boolean;
  at: string;
  link: Link<ToPupil> | null;
  /** Since when the pupil's page has been connected as it is now, in milliseconds since 1970. */
  linkedAt: number;
  /** Where it is connected from. */
  address: string;
  /** Answers that the teacher's page has not kept yet, by question. */
  readonly waiting: Map<string, SentAnswer>;
  /** Characters of what waits. */
  size: number;
  /** What waits and has been sent to the teacher's page as it is connected now: the numbers, by question. */
  readonly passed: Map<string, number>;
  /** The highest number that the teacher's page has kept. */
  kept: number;
  /** What was handed back while the pupil's page was away. */
  slip: string | null;
}

export const newMember = (id: string, name: string, version: number): RoomMember => ({
  ...{ id, name, version, done: false, at: '', link: null, linkedAt: 0, address: '' },
  ...{ waiting: new Map(), size: 0, passed: new Map(), kept: 0, slip: null },
});

/** The highest number of an answer that has come from a pupil. */
export function highest({ kept, waiting }: RoomMember): number {
  let most = kept;
  for (const { n } of waiting.values()) most = Math.max(most, n);
  return most;
}

const sizeOf = ({ question, text }: SentAnswer) => question.length + text.length + 20;

/** Puts an answer with those that wait. */
export function addWaiting(one: RoomMember, answer: SentAnswer): void {
  takeWaiting(one, answer.question);
  one.waiting.set(answer.question, answer);
  one.size += sizeOf(answer);
}

/** Takes an answer off those that wait. */
export function takeWaiting(one: RoomMember, question: string): void {
  const old = one.waiting.get(question);
  if (!old) return;
  one.waiting.delete(question);
  one.passed.delete(question);
  one.size -= sizeOf(old);
}

/** How much more an answer would make wait. */
export const moreWaiting = (one: RoomMember, answer: SentAnswer): number => {
  const old = one.waiting.get(answer.question);
  return sizeOf(answer) - (old ? sizeOf(old) : 0);
};

/** So many of the answers that wait and were not sent yet, the earliest first. */
export function notPassed({ waiting, passed }: RoomMember, most: number): SentAnswer[] {
  const open: SentAnswer[] = [];
  for (const one of waiting.values()) if (passed.get(one.question) !== one.n) open.push(one);
  return open.sort((a, b) => a.n - b.n).slice(0, most);
}
