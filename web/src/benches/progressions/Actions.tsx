import type { FileVoices } from '@diatonix/core/files';
import { Headphones, Play } from 'lucide-react';
import { memo, type RefObject } from 'react';
import { Button } from '../../design/controls';
import { Drop } from '../../design/Drop';
import { NotesToggle } from '../../notes/NotesToggle';
import { PictureMenu } from '../../pictures/PictureMenu';
import { PROGRESSIONS_DESK } from './desk';
import { FileActions } from './FileActions';
import type { Listening } from './ListenMenu';
import { TempoField } from './TempoField';
import { part } from '../../design/part';

const ListenMenu = part(() => import('./ListenMenu').then((module) => module.default));

interface ActionsProps {
  readonly tempo: number;
  readonly title: string;
  readonly source: string;
  readonly empty: boolean;
  /** Whether there is nothing to play. */
  readonly nothing: boolean;
  readonly selected: number;
  /** Whether several columns are selected: they are what is played. */
  readonly several: boolean;
  readonly listening: Listening;
  readonly fourParts: boolean;
  readonly melody: boolean;
  readonly others: () => readonly { readonly id: string; readonly name: string }[];
  readonly voices: () => FileVoices;
  readonly work: RefObject<HTMLElement | null>;
  readonly onListening: (listening: Listening) => void;
  readonly onPlay: () => void;
}

const showPrint = () => PROGRESSIONS_DESK.set({ printing: true });

/** What the strap offers for the whole line. Typing in the line does not draw it again. */
export const Actions = memo(function Actions(props: ActionsProps) {
  const {
    tempo,
    title,
    source,
    empty,
    nothing,
    selected,
    several,
    listening,
    fourParts,
    melody,
    others,
    voices,
    work,
    onListening,
    onPlay,
  } = props;
  return (
    <>
      <TempoField tempo={tempo} />
      <Button onPress={onPlay} isDisabled={nothing} aria-label={several ? 'Play the selection' : 'Play'}>
        <Play aria-hidden="true" /> Play
      </Button>
      <Drop
        label="Listen"
        opens="dialog"
        arrow={false}
        drop={(dropped) => (
          <ListenMenu
            {...dropped}
            listening={listening}
            fourParts={fourParts}
            melody={melody}
            others={others()}
            onChange={onListening}
          />
        )}
      >
        <Headphones aria-hidden="true" />
      </Drop>
      <NotesToggle />
      <PictureMenu work={work} column={selected} name={title} caption={source} onPrint={showPrint} />
      <FileActions empty={empty} voices={voices} />
    </>
  );
});
