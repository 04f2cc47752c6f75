import type { OpenRoom } from '../../classroom/teacher/store';
import { Button } from '../../design/controls';
import { MarginPart } from './MarginPart';

interface ClockProps {
  readonly room: OpenRoom;
  readonly now: number;
  readonly onSet: (closed: boolean, endsAt: number | null) => void;
}

const MINUTE = 60_000;
const LENGTHS = [5, 10, 20] as const;

/** When work ends: at once, in some minutes, later than was said, or not at all. */
export function Clock({ room: { closed, endsAt }, now, onSet }: ClockProps) {
  const from = endsAt ?? now;
  const left = endsAt === null ? null : Math.max(0, Math.ceil((endsAt - now) / MINUTE));
  return (
    <MarginPart aria-label="Time">
      <h2>Time</h2>
      <p role="status">
        {closed
          ? 'Work has ended: nothing more is taken.'
          : left === null
            ? 'There is no end; work is taken until you end it.'
            : `Work ends in ${left} ${left === 1 ? 'minute' : 'minutes'}.`}
      </p>
      <p className="doings">
        {LENGTHS.map((minutes) => (
          <Button key={minutes} onPress={() => onSet(false, (closed ? Date.now() : from) + minutes * MINUTE)}>
            {closed || endsAt !== null ? `${minutes} more minutes` : `${minutes} minutes`}
          </Button>
        ))}
        {closed ? (
          <Button onPress={() => onSet(false, null)}>Open again</Button>
        ) : (
          <Button onPress={() => onSet(true, null)}>End work now</Button>
        )}
      </p>
    </MarginPart>
  );
}
