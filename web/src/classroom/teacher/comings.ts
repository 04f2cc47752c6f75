/** Who comes into the class and goes: a place on the pile, what was answered before, what was handed back. */
import { attempt } from '@diatonix/core';
import type { TeacherSays, ToTeacher } from '@diatonix/server/class';
import { withPupil } from '../../documents/marking/classWork';
import { receive, tell } from '../../documents/store/store';
import { answersBefore, pileIn } from './sheets';
import { useClassroom, type LivePupil, type OpenRoom } from './store';

const { getState, setState } = useClassroom;

type Say = (message: TeacherSays) => boolean;

/** What the leading page does for those who come. */
export interface Leading {
  readonly say: Say;
  readonly keep: () => void;
}

/** A pupil has come, gone, moved on or handed in. */
export function meet(told: Extract<ToTeacher, { type: 'pupil' }>, { say, keep }: Leading): void {
  const { room, pupils } = getState();
  const { id, name, version, done, here, at } = told;
  const before = pupils[id];
  const pupil = before?.pupil ?? onPile(room, name, version) ?? id;
  if (pupil === '') return void say({ type: 'dismiss', pupil: id });
  const moved = before === undefined || (at !== '' && at !== before.at);
  const now: LivePupil = {
    ...{ id, name, pupil, version, done, here, at: at || (before?.at ?? '') },
    since: moved ? Date.now() : before.since,
    n: before?.n ?? 0,
  };
  setState(({ asking }) => ({
    pupils: { ...pupils, [id]: now },
    asking: asking.filter((one) => one.id !== id),
  }));
  if (!before && room) greet(room, now, say);
  else if (room && here && before?.here === false) giveSlip(room, now, say);
  if (!before || before.done !== done) keep();
}

/** Who comes with a page that has nothing yet is told what was answered before, and handed back. */
function greet(room: OpenRoom, { id, pupil }: LivePupil, say: Say): void {
  const pile = pileIn(room);
  const answers = pile ? answersBefore(pile, pupil) : [];
  if (answers.length > 0) say({ type: 'answers', pupil: id, answers });
  giveSlip(room, { id, pupil }, say);
}

/** What was handed back of a pupil. One who was absent then gets it on coming. */
export function giveSlip(
  { slips = {} }: OpenRoom,
  { id, pupil }: Pick<LivePupil, 'id' | 'pupil'>,
  say: Say,
): void {
  const slip = Object.hasOwn(slips, pupil) ? slips[pupil] : undefined;
  if (slip !== undefined) say({ type: 'marks', pupil: id, slip });
}

/** The pupil's id on the pile; empty where no other fits on it, which is told. Null where there is none. */
function onPile(room: OpenRoom | null, name: string, version: number): string | null {
  if (!room?.pile) return null;
  let id: string | null = null;
  const put = attempt(() =>
    receive({ id: room.pile!, kind: 'pile' }, (pile) => {
      const known = withPupil(pile, name, version);
      id = known.id;
      return known.pile;
    }),
  );
  if (put.ok) return id;
  tell(put.error.message);
  return '';
}
