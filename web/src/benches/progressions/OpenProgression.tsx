import { printedFifths } from '@diatonix/core';
import { memo, Suspense, useMemo, useRef, useState } from 'react';
import { BenchFrame } from '../../parts/BenchFrame';
import { Opened } from '../../design/Opened';
import { StaffGrid } from '../../notation/StaffGrid';
import { lazyAfterNotation } from '../../notation/lazyAfterNotation';
import { Actions } from './Actions';
import { ChordByHand } from './ChordByHand';
import { lineFrame } from './columns';
import { EntryLine } from './EntryLine';
import { PROGRESSIONS_DESK } from './desk';
import { KeyChange, KeyChooser, MoveMenu } from './KeyChange';
import { LineMenus } from './LineMenus';
import { NothingYet } from './NothingYet';
import { TitleField } from './TitleField';
import { useProgressionModel } from './useProgressionModel';
import { ViewBar, type Under } from './ViewBar';
import { VoicesAside } from './VoicesAside';
import type { Document } from '../../documents/store/document';
import { NOTES_DESK } from '../../notes/desk';
import { part } from '../../design/part';

const ProgressionMargin = lazyAfterNotation(() =>
  import('./ProgressionMargin').then((module) => module.ProgressionMargin),
);
const LinePrint = part(() => import('./LinePrint').then((module) => module.LinePrint));
const Harmonise = part(() => import('./Harmonise').then((module) => module.Harmonise));
const MelodyPanel = part(() => import('./MelodyLine').then((module) => module.MelodyPanel));

/** A line of chords on its bench: labelled, set on a grand staff, and played. */
export const OpenProgression = memo(function OpenProgression({ open }: { open: Document<'progression'> }) {
  const progression = open.body;
  const line = useProgressionModel(open);
  const { key, school, engraver, parts, hearing, derived, selected, current, from, to, several, acts } = line;
  const { derivedHere, sheets, asks } = line;
  const work = useRef<HTMLDivElement>(null);
  const [wanted, setWanted] = useState<string | null>(null);
  const [under, setUnder] = useState<Under | null>(null);
  const panel = NOTES_DESK.use(({ open }) => open);
  const printing = PROGRESSIONS_DESK.use((desk) => desk.printing);
  const oneLine = PROGRESSIONS_DESK.use((desk) => desk.oneLine);
  const { frame, clefs } = lineFrame(progression.columns, parts);
  const workBack = useMemo(
    () => <LineMenus derived={derivedHere} sheets={sheets} asks={asks} />,
    [derivedHere, sheets, asks],
  );

  const four =
    progression.view === 'four-part' && current ? (
      <VoicesAside
        column={current.column}
        line={derived}
        all={parts.voices}
        voices={parts.voices[selected] ?? null}
        faults={parts.faults.filter(({ at }) => at === selected)}
        said={parts.said}
        smooth={parts.smooth}
        searching={parts.searching}
        onHear={hearing.hearVoice}
        school={school}
      />
    ) : null;

  return (
    <BenchFrame
      asks
      title={<TitleField id={open.id} title={progression.title} source={progression.source} />}
      facts={
        <>
          {!several && (
            <KeyChooser
              value={progression.key}
              empty={progression.columns.length === 0}
              onWanted={setWanted}
            />
          )}
          {progression.columns.length > 0 && (
            <MoveMenu from={from} to={to} area={derived[from]?.line?.key ?? key} />
          )}
        </>
      }
      actions={
        <Actions
          tempo={progression.tempo}
          title={progression.title}
          empty={progression.columns.length === 0}
          nothing={derived.length === 0}
          selected={selected}
          several={several}
          listening={hearing.listening}
          fourParts={parts.voices.length > 0}
          melody={progression.columns.some(({ melody }) => melody !== undefined)}
          source={progression.source}
          others={line.others}
          voices={line.voices}
          work={work}
          onListening={hearing.setListening}
          onPlay={acts.play}
        />
      }
      margin={
        <ProgressionMargin
          derived={current}
          ids={line.ids}
          keyOf={key}
          school={school}
          onInvert={acts.invert}
          onRemove={acts.remove}
          onHear={acts.hear}
          four={four}
        />
      }
    >
      <h2 className="visually-hidden">Columns</h2>
      <ViewBar
        view={progression.view}
        modulate={progression.modulate}
        metre={progression.metre}
        pattern={progression.pattern}
        hidden={progression.hidden}
        blank={progression.blank}
        order={progression.order}
        weights={progression.weights}
        onNext={parts.next}
        under={under}
        onUnder={setUnder}
        workBack={workBack}
      />
      <KeyChange progression={progression} derived={derived} wanted={wanted} onWanted={setWanted} />
      {printing && (
        <Suspense fallback={null}>
          <LinePrint
            progression={progression}
            school={school}
            engraver={engraver}
            parts={parts}
            onClose={() => PROGRESSIONS_DESK.set({ printing: false })}
          />
        </Suspense>
      )}
      <div ref={work} className={printing ? 'no-print' : ''} hidden={printing}>
        {line.columns.length === 0 ? (
          <NothingYet />
        ) : (
          <StaffGrid
            label={`Progression ${progression.title}`}
            frame={frame}
            engraver={engraver}
            clefs={clefs}
            fifths={printedFifths(key)}
            fifthsAt={line.fifths}
            metreAt={line.metres}
            wrap={oneLine ? null : 'fit'}
            braced
            metre={line.timed ? progression.metre : null}
            rows={line.rows}
            columns={line.columns}
            selected={selected}
            selectedRow={line.row}
            range={several ? [from, to] : null}
            playing={line.playing}
            onSelect={line.select}
            onKey={line.onKey}
          />
        )}
      </div>
      <EntryLine id={open.id} progression={progression} />
      {under && (
        <Suspense fallback={null}>
          <Opened key={under}>
            {under === 'melody' ? (
              <MelodyPanel id={open.id} progression={progression} />
            ) : (
              <Harmonise keyOf={key} school={school} line={progression} />
            )}
          </Opened>
        </Suspense>
      )}
      {panel && (
        <ChordByHand
          keyOf={key}
          shown={current?.setting ? [...current.setting.lower, ...current.setting.upper] : []}
          after={current?.column.id ?? null}
        />
      )}
    </BenchFrame>
  );
});
