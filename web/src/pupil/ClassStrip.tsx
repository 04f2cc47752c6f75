import { lazy, Suspense } from 'react';
import { waitingIn } from '../classroom/pupil/pupilLine';
import { useNow } from '../design/useNow';
import { leave, resume, useClass } from './classwork';
import type { RoomWork, Work } from './work';

const QuickAsked = lazy(() => import('./QuickAsked'));

const MINUTE = 60_000;

/** What is left of the time, in words; empty where there is no end. */
function leftWords({ closed, endsAt, outbox, late = [] }: RoomWork, now: number): string {
  if (closed) {
    if (waitingIn(outbox).length > 0) return 'Work has ended.';
    return late.length === 0
      ? 'Work has ended; what you wrote is with your teacher.'
      : `Work has ended. Written too late, and not taken: ${late.join(', ')}. The rest is with your teacher.`;
  }
  if (endsAt === null) return '';
  const minutes = Math.ceil((endsAt - now) / MINUTE);
  if (minutes <= 0) return 'Time is up.';
  return minutes === 1 ? 'One minute is left.' : `${minutes} minutes are left.`;
}

/** Where the pupil stands in the class: connected or not, what is on its way, the time, a question to all. */
export function ClassStrip({ room }: { readonly room: RoomWork }) {
  const here = useClass((state) => state.here);
  const taken = useClass((state) => state.taken);
  const quick = useClass((state) => state.quick);
  const now = useNow();
  const waiting = waitingIn(room.outbox).length;
  const onTheirWay =
    waiting === 0 ? '' : waiting === 1 ? 'One answer is on its way.' : `${waiting} answers are on their way.`;
  if (taken)
    return (
      <p className="strip" role="alert">
        You are in the class in another tab. <button onClick={resume}>Go on here</button>
      </p>
    );
  return (
    <>
      <p className="strip" role="status">
        {room.moved
          ? 'You went on with another device: this one is no longer in the class. What you wrote here is still here.'
          : room.over
            ? `The class is over.${waiting > 0 ? ` ${onTheirWay} Save the file and give it to your teacher.` : ''}`
            : here
              ? ['In the class.', onTheirWay, leftWords(room, now)].filter(Boolean).join(' ')
              : room.closed
                ? [
                    'The class cannot be reached now. Work has ended.',
                    onTheirWay && `${onTheirWay} It is tried again by itself.`,
                  ]
                    .filter(Boolean)
                    .join(' ')
                : `The class cannot be reached now. Go on: what you write is kept, and sent when it is back.`}
      </p>
      {quick && !room.over && (
        <Suspense fallback={null}>
          <QuickAsked key={quick.id} {...quick} />
        </Suspense>
      )}
    </>
  );
}

/** In a class without a sheet: questions come one by one. */
export function Waiting({ work }: { readonly work: Work }) {
  const quick = useClass((state) => state.quick);
  return (
    <>
      <h1>{work.name}</h1>
      {!quick && <p>{work.room?.over ? 'That is all.' : 'Wait for a question: it comes here by itself.'}</p>}
      <button onClick={leave}>Leave the class</button>
    </>
  );
}
