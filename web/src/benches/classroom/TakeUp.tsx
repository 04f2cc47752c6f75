import { connect, forgetClass } from '../../classroom/teacher/lead';
import { useClassroom, type OpenRoom } from '../../classroom/teacher/store';
import { Button } from '../../design/controls';
import { Problem } from '../../design/Problem';

/** A class that is open, but not led from this tab. */
export function TakeUp({ room }: { readonly room: OpenRoom }) {
  const problem = useClassroom((state) => state.problem);
  return (
    <div style={{ maxWidth: '36rem' }}>
      {problem !== '' && <Problem>{problem}</Problem>}
      <p>
        A class is open{room.title && `: “${room.title}”`}
        {room.code && `, with the code ${room.code}`}.
      </p>
      <p>
        <Button onPress={connect}>Lead it from here</Button> <Button onPress={forgetClass}>End it</Button>
      </p>
      <p>Ending it does not touch the pile: what has come in stays on the Marking bench.</p>
    </div>
  );
}
