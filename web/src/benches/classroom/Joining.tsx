import styled from 'styled-components';
import type { JoiningRule as Who } from '@diatonix/server/class';
import { admitPupil, setJoining } from '../../classroom/teacher/lead';
import { useClassroom, type OpenRoom } from '../../classroom/teacher/store';
import { Choice } from '../../design/Choice';
import { Button, Toggle, ToggleRow } from '../../design/controls';
import { MarginPart } from './MarginPart';

const Style = styled(MarginPart)`
  ul {
    list-style: none;
    margin: 0.4rem 0;
    padding: 0;
  }
  li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.35rem;
    padding: 0.2rem 0;
    overflow-wrap: anywhere;
  }
  li > span {
    flex-basis: 100%;
  }
  [role='status'] {
    margin-top: 0.5rem;
  }
`;

const NAMES: Readonly<Record<Who, string>> = {
  open: 'Everybody',
  list: 'The class list',
  ask: 'Ask me',
  closed: 'Nobody new',
};

/** Who may join, in words, as the class reads it too. */
export const JOINING_WORDS: Readonly<Record<Who, string>> = {
  open: 'Everybody with the code can join.',
  list: 'Pupils choose their name from the class list. Whoever types another waits until you let them in.',
  ask: 'Whoever joins waits until you let them in.',
  closed: 'Nobody new can join. Who was here comes back.',
};

interface JoiningProps {
  readonly room: OpenRoom;
  readonly now: number;
  /** The names of the class list that have not joined yet; null where there is no list. */
  readonly free: readonly string[] | null;
}

const MINUTE = 60_000;
const OPEN_MINUTES = 5;

/** Who may join for the first time, until when, and who waits to be let in. */
export function Joining({ room, now, free }: JoiningProps) {
  const asking = useClassroom((state) => state.asking);
  const { joining = 'open', joiningEndsAt = null } = room;
  const left = joiningEndsAt === null ? null : Math.max(1, Math.ceil((joiningEndsAt - now) / MINUTE));
  const choices = (Object.keys(NAMES) as Who[]).filter((who) => who !== 'list' || free !== null);
  return (
    <Style aria-label="Joining">
      <h2>Who can join</h2>
      <ToggleRow
        aria-label="Who can join"
        selectionMode="single"
        disallowEmptySelection
        selectedKeys={[joining]}
        onSelectionChange={([next]) => setJoining(next as Who)}
      >
        {choices.map((who) => (
          <Toggle key={who} id={who}>
            {NAMES[who]}
          </Toggle>
        ))}
      </ToggleRow>
      <p role="status">
        {JOINING_WORDS[joining]}
        {joining !== 'closed' &&
          left !== null &&
          ` The door closes in ${left} ${left === 1 ? 'minute' : 'minutes'}.`}
      </p>
      {joining !== 'closed' && (
        <p className="doings">
          {left === null ? (
            <Button onPress={() => setJoining(joining, Date.now() + OPEN_MINUTES * MINUTE)}>
              Close it in {OPEN_MINUTES} minutes
            </Button>
          ) : (
            <Button onPress={() => setJoining(joining)}>Leave it open</Button>
          )}
        </p>
      )}
      {asking.length > 0 && (
        <ul aria-label="Asking to join">
          {asking.map(({ id, name }) => (
            <li key={id}>
              <span>
                <b>{name}</b> would like to join.
              </span>
              <Button aria-label={`Let ${name} in`} onPress={() => admitPupil(id, true)}>
                Let in
              </Button>
              {free !== null && free.length > 0 && (
                <Choice
                  label={`${name} is`}
                  value="On the list as…"
                  options={free.map((own) => ({ id: own, name: own }))}
                  onChoose={(own) => admitPupil(id, true, own)}
                />
              )}
              <Button aria-label={`Refuse ${name}`} onPress={() => admitPupil(id, false)}>
                No
              </Button>
            </li>
          ))}
        </ul>
      )}
    </Style>
  );
}
