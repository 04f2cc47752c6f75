import { canClose } from '@diatonix/engraving/score';
import {
  numberOfMark,
  vocabulary,
  type LabelStyle,
  type Score,
  type ScoreReading,
  type ScoreToRead,
} from '@diatonix/core';
import { Download } from 'lucide-react';
import type { RefObject } from 'react';
import styled from 'styled-components';
import { Toggle } from '../../design/controls';
import { Drop } from '../../design/Drop';
import { Checkbox } from '../../design/fields/Checkbox';
import { part } from '../../design/part';
import type { ScorePiece } from '../../documents/kinds/score/type';
import { AskClass } from '../../classroom/teacher/AskClass';
import { ToSheet } from '../../parts/ToSheet';
import { bringPhrase } from './bringPhrase';
import { PictureMenu } from '../../pictures/PictureMenu';
import { SCORES_DESK } from './desk';
import { OpenFile } from './OpenFile';
import { PASSING_ROWS, SCORE_ROWS } from './rows';
import { ScoreListen } from './ScoreListen';
import { breakBefore, closeStaves, showInScore, showRow } from './state';
import { TAKEN, takeOut, type Taken } from './takeOut';

const MenuPopover = part(() => import('../../design/MenuPopover').then((module) => module.default));
const RowsTable = part(() => import('../../design/RowsTable').then((module) => module.default));

const TAKEN_NAMES: Record<Taken, string> = {
  Progression: 'To a progression',
  MusicXML: 'Piece and labels as MusicXML',
  RomanText: 'Labels as RomanText',
  CSV: 'Labels as CSV',
  MIDI: 'Chords as MIDI',
};

interface ScoreActionsProps {
  readonly body: ScorePiece;
  readonly score: Score;
  readonly given: ScoreToRead;
  readonly reading: ScoreReading | null;
  readonly selected: number;
  /** What holds the systems, for pictures. */
  readonly work: RefObject<HTMLElement | null>;
  readonly school: LabelStyle;
  /** Plays what is chosen, from the selected chord on. */
  readonly onPlay: () => void;
  readonly onNotes: (shown: boolean) => void;
  readonly onSaid: (said: string | null) => void;
}

/** How the piece is drawn, under what is shown of it. */
const DrawnSo = styled.div`
  display: flex;
  flex-direction: column;
  gap: 0.2rem;
  padding-top: 0.5rem;
`;

const canHide = ({ parts }: Score): boolean => parts.length > 1 || parts.some(({ staves }) => staves > 1);

const hasDynamics = ({ signs = [], notes }: Score): boolean =>
  signs.some(({ kind }) => kind === 'dynamic' || kind === 'louder' || kind === 'softer') ||
  notes.some(({ marks }) => marks?.some((mark) => numberOfMark(mark, 'finger') !== null));

const NOUNS = { column: 'system', line: 'piece' };

/** What is done with the open piece: how it is drawn, its notes, its chart, and what is taken out of it. */
export function ScoreActions(props: ScoreActionsProps) {
  const { body, score, given, reading, selected, work, onNotes, onSaid } = props;
  const { school, onPlay } = props;
  const charted = SCORES_DESK.use((desk) => desk.charted);
  const comparing = SCORES_DESK.use((desk) => desk.comparing);
  const noting = SCORES_DESK.use((desk) => desk.notes);
  const time = SCORES_DESK.use((desk) => desk.at);
  const bar = score.bars.findIndex(({ from, to }) => time >= from && time < to);
  return (
    <>
      {canClose(score) && (
        <Toggle isSelected={body.closed} onChange={closeStaves}>
          Two staves
        </Toggle>
      )}
      <Drop
        label="Rows"
        opens="dialog"
        drop={(dropped) => (
          <RowsTable
            {...dropped}
            label="Row"
            heads={['Shown']}
            rows={SCORE_ROWS.filter(({ id }) => !PASSING_ROWS.includes(id)).map(({ id, label }) => ({
              id,
              name: label,
              boxes: [!body.hidden.includes(id)],
            }))}
            onChange={(id, _, ticked) => showRow(id, ticked)}
          >
            <DrawnSo>
              {canHide(score) && (
                <Checkbox
                  isSelected={body.hideEmpty === true}
                  onChange={(on) => showInScore('hideEmpty', on)}
                >
                  Hide empty staves
                </Checkbox>
              )}
              {hasDynamics(score) && (
                <Checkbox isSelected={body.dynamics === true} onChange={(on) => showInScore('dynamics', on)}>
                  Dynamics and fingers
                </Checkbox>
              )}
              {bar > 0 && (
                <Checkbox
                  isSelected={body.breaks?.includes(bar) === true}
                  onChange={(on) => breakBefore(bar, on)}
                >
                  {`New line at ${vocabulary(school).bar} ${score.bars[bar]!.number}`}
                </Checkbox>
              )}
            </DrawnSo>
          </RowsTable>
        )}
      >
        Rows
      </Drop>
      {reading && (
        <Drop
          label="Take the chords out"
          opens="menu"
          drop={(dropped) => (
            <MenuPopover
              {...dropped}
              label="Take the chords out"
              atEnd
              entries={TAKEN.map((id) => ({ id, name: TAKEN_NAMES[id] }))}
              onAction={(id) => void takeOut(id as Taken, body, given, reading).then(onSaid)}
            />
          )}
        >
          <Download aria-hidden="true" />
        </Drop>
      )}
      <Toggle isSelected={noting} onChange={onNotes}>
        Notes
      </Toggle>
      <Toggle isSelected={charted} onChange={(next) => SCORES_DESK.set({ charted: next })}>
        Chart
      </Toggle>
      <Toggle isSelected={comparing} onChange={(next) => SCORES_DESK.set({ comparing: next })}>
        Compare
      </Toggle>
      {reading && (
        <ScoreListen
          parts={score.parts.map(({ name }) => name)}
          charted={charted}
          school={school}
          onPlay={onPlay}
        />
      )}
      {reading && (
        <AskClass
          entries={[{ name: 'Its numeral', bring: () => bringPhrase(given, reading, selected, 1) }]}
        />
      )}
      {reading && (
        <ToSheet
          entries={[
            {
              name: 'These chords, to the end of the phrase',
              bring: () => bringPhrase(given, reading, selected),
            },
          ]}
        />
      )}
      <PictureMenu
        work={work}
        column={selected}
        name={body.title}
        caption={score.composer}
        nouns={NOUNS}
        onPrint={() => SCORES_DESK.set({ printing: true })}
      />
      <OpenFile onSaid={onSaid} />
    </>
  );
}
