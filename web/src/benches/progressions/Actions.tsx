import { Play, Repeat, Square } from 'lucide-react';
import { memo, type RefObject } from 'react';
import { Button, Toggle } from '../../design/controls';
import { NotesToggle } from '../../notes/NotesToggle';
import { PictureMenu } from '../../pictures/PictureMenu';
import { stop, usePlayback } from '../../sound/player';
import { FileActions } from './FileActions';
import { TempoField } from './TempoField';

interface ActionsProps {
  readonly tempo: number;
  readonly title: string;
  readonly empty: boolean;
  /** Whether there is nothing to play. */
  readonly nothing: boolean;
  readonly selected: number;
  readonly loop: boolean;
  readonly work: RefObject<HTMLElement | null>;
  readonly onLoop: (loop: boolean) => void;
  readonly onPlay: () => void;
}

/** What the strap offers for the whole line. Typing in the line does not draw it again. */
export const Actions = memo(function Actions({ tempo, title, empty, nothing, selected, loop, work, onLoop, onPlay }: ActionsProps) {
  const playing = usePlayback((state) => state.playing);
  return (
    <>
      <TempoField tempo={tempo} />
      {playing ? (
        <Button onPress={stop}>
          <Square aria-hidden="true" /> Stop
        </Button>
      ) : (
        <Button onPress={onPlay} isDisabled={nothing}>
          <Play aria-hidden="true" /> Play
        </Button>
      )}
      <Toggle isSelected={loop} onChange={onLoop} aria-label="Loop">
        <Repeat aria-hidden="true" />
      </Toggle>
      <NotesToggle />
      <PictureMenu work={work} column={selected} name={title} />
      <FileActions empty={empty} />
    </>
  );
});
