import { timedSoundOf, type Question } from '@diatonix/core';
import { Play } from 'lucide-react';
import { Button } from '../design/controls';
import { playHeard } from '../sound/heard';
import { hearingsOf } from '../sound/hearings';

/** Plays a question as it is heard first; nothing for none. */
export function hearQuestion(question: Question | null): void {
  const timed = question && timedSoundOf(question);
  if (timed && timed.sound.length > 0) void playHeard(timed, 'whole');
}

/** The ways in which a question can be heard, one press each; none where it has no sound. */
export function HearQuestion({ question }: { readonly question: Question }) {
  const timed = timedSoundOf(question);
  if (timed.sound.length === 0) return null;
  return (
    <>
      {hearingsOf(timed).map(({ id, name }) => (
        <Button key={id} onPress={() => void playHeard(timed, id)}>
          {id === 'whole' && <Play aria-hidden="true" />} {name}
        </Button>
      ))}
    </>
  );
}
