import { vocabulary, type LabelStyle } from '@diatonix/core';
import { Volume2 } from 'lucide-react';
import { Button } from '../../design/controls';
import { Drop, type Dropped } from '../../design/Drop';
import { part } from '../../design/part';
import { SCORES_DESK } from './desk';
import { HEARD } from './listen';

const ListenChoices = part(() =>
  import('../../parts/ListenPanel').then(
    ({ ListenPanel, ListenTick }) =>
      function ListenChoices({ options, school, onPlay, ...dropped }: ChoicesProps) {
        const heard = SCORES_DESK.use((desk) => desk.heard);
        const loop = SCORES_DESK.use((desk) => desk.loop);
        const known = options.some(({ id }) => id === heard) ? heard : 'piece';
        return (
          <ListenPanel
            {...dropped}
            options={options}
            heard={known}
            onHeard={(next) => SCORES_DESK.set({ heard: next })}
          >
            <ListenTick
              name={`Loop the ${vocabulary(school).bar}`}
              on={loop}
              onChange={(next) => SCORES_DESK.set({ loop: next })}
            />
            <div className="with">
              <Button onPress={onPlay}>
                {loop ? `Play the ${vocabulary(school).bar}` : 'Play from here'}
              </Button>
            </div>
          </ListenPanel>
        );
      },
  ),
);

interface ChoicesProps extends Dropped {
  readonly options: readonly { readonly id: string; readonly name: string }[];
  readonly school: LabelStyle;
  readonly onPlay: () => void;
}

const NAMES: Record<(typeof HEARD)[number], string> = {
  piece: 'The piece',
  chords: 'The chords',
  both: 'Piece and chords',
  chart: 'The chart',
  against: 'Piece against chart',
};

interface ScoreListenProps {
  readonly parts: readonly string[];
  readonly charted: boolean;
  readonly school: LabelStyle;
  readonly onPlay: () => void;
}

/** What of the piece is heard, and how. */
export function ScoreListen({ parts, charted, school, onPlay }: ScoreListenProps) {
  const options = [
    ...HEARD.filter((id) => charted || (id !== 'chart' && id !== 'against')).map((id) => ({
      id: id as string,
      name: NAMES[id],
    })),
    ...(parts.length > 1
      ? parts.map((name, at) => ({ id: `part ${at}`, name: name || `Part ${at + 1}` }))
      : []),
  ];
  return (
    <Drop
      label="Listen"
      opens="dialog"
      drop={(dropped) => <ListenChoices {...dropped} options={options} school={school} onPlay={onPlay} />}
    >
      <Volume2 aria-hidden="true" />
    </Drop>
  );
}
