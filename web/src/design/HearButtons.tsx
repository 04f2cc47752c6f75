import { ListMusic, Music } from 'lucide-react';
import { Button } from './controls';

export type Manner = 'together' | 'note by note';

/** Hear the selected column at once, or one note after the other. */
export function HearButtons({ onHear }: { onHear: (manner: Manner) => void }) {
  return (
    <>
      <Button onPress={() => onHear('together')}>
        <Music aria-hidden="true" /> Hear together
      </Button>
      <Button onPress={() => onHear('note by note')}>
        <ListMusic aria-hidden="true" /> Note by note
      </Button>
    </>
  );
}
