import type { GivenData } from '../question';

/**
 * A way of going wrong that makes a wrong answer out of a question: what is given is misread, and then answered
 * rightly, or what is right slips while it is worked out. Each gives its answers with the likeliest first.
 */
export interface Mistake<Given = GivenData, Answer = unknown> {
  readonly id: string;
  /** Whether it is made in reading what stands there, before anything is worked out. */
  readonly inReading?: true;
  /** Whether it makes many answers by chance: it is only offered, after what is nearer, and never told as certain. */
  readonly farFetched?: true;
  misreads?(given: Given): readonly Given[];
  slips?(right: Answer, given: Given): readonly unknown[];
}

/** A mistake in what is worked out alone: it needs nothing of what is given, or only some of it. */
export type AnswerSlip<Answer, Given = object> = Omit<Mistake<Given, Answer>, 'misreads'>;
