import type { Question } from '@diatonix/core';
import type { JoiningRule } from '@diatonix/server/class';
import { create } from 'zustand';

/** A pupil in the class. */
export interface LivePupil {
  /** As the class network knows one. */
  readonly id: string;
  readonly name: string;
  /** The pupil's id on the pile. */
  readonly pupil: string;
  readonly version: number;
  readonly done: boolean;
  /** Whether the pupil's page is connected. */
  readonly here: boolean;
  /** The question that is looked at; empty where none is known. */
  readonly at: string;
  /** When that question was come to or answered last, in milliseconds since 1970. */
  readonly since: number;
  /** The highest number of an answer that is on the pile. */
  readonly n: number;
}

/** The class that is open, as it is kept in this browser: it is found again after a reload. */
export interface OpenRoom {
  readonly room: string;
  readonly code: string | null;
  readonly title: string;
  /** The workbook and the pile that the answers go to; none where only single questions are asked. */
  readonly workbook: string;
  readonly pile: string | null;
  readonly closed: boolean;
  /** Milliseconds since 1970. */
  readonly endsAt: number | null;
  /** Whether marks were handed back. */
  readonly handedBack: boolean;
  /** What was handed back, by the pupils' ids on the pile: who was absent gets it on coming. */
  readonly slips?: Readonly<Record<string, string>>;
  /** Who may join for the first time, and when that ends (milliseconds since 1970). */
  readonly joining?: JoiningRule;
  readonly joiningEndsAt?: number | null;
}

/** Somebody who waits to be let in. */
export interface AskingPupil {
  readonly id: string;
  readonly name: string;
}

/** One question that is asked of everybody now. */
export interface QuickRound {
  readonly id: string;
  readonly question: Question;
  /** As it goes to the pupils. */
  readonly sheet: string;
  /** What was answered last, by pupil. */
  readonly came: Readonly<Record<string, string>>;
}

export interface ClassroomState {
  /** Whether this browser has the token of a machine that serves a class. */
  readonly hasToken: boolean;
  readonly line: 'off' | 'connecting' | 'here' | 'away';
  /** Why the class is not led from this page. */
  readonly problem: string;
  readonly room: OpenRoom | null;
  readonly address: string;
  readonly pupils: Readonly<Record<string, LivePupil>>;
  readonly quick: QuickRound | null;
  readonly asking: readonly AskingPupil[];
  /** Answers that wait here because they cannot be put on the pile. */
  readonly held: number;
}

/** The class that is open; what it does stands in `lead.ts`, which is fetched when there is one. */
export const useClassroom = create<ClassroomState>()(() => ({
  hasToken: false,
  line: 'off',
  problem: '',
  room: null,
  address: '',
  pupils: {},
  quick: null,
  asking: [],
  held: 0,
}));
