import { openDemo } from '../../documents/persistence/openDemo';
import { PictureMenu } from '../../pictures/PictureMenu';
import { exportIntervals } from './exportIntervals';
import { printedFifths, printNote, signatureWords } from '@diatonix/core';
import { Suspense } from 'react';
import { BenchFrame } from '../../parts/BenchFrame';
import { Choice } from '../../design/Choice';
import { CLEF_OPTIONS } from '../../parts/clefs';
import { Button, Toggle } from '../../design/controls';
import { KeyPicker } from '../../parts/KeyPicker';
import { LineField } from '../../design/LineField';
import { keyName } from '../../parts/names';
import { INTERVAL_AND_INVERSION } from '../../notation/frames';
import { StaffGrid } from '../../notation/StaffGrid';
import { lazyAfterNotation } from '../../notation/lazyAfterNotation';
import { LazyNotePanel } from '../../notes/lazy';
import { NotesToggle } from '../../notes/NotesToggle';
import { AskClass } from '../../classroom/teacher/AskClass';
import { ToSheet } from '../../parts/ToSheet';
import { useIntervalsBench } from './useIntervalsBench';
import {
  itemText,
  choosePerBar,
  chooseIntervalClef,
  chooseIntervalKey,
  pencil,
  nameYourself,
  typeIntervals,
  moveOctave,
  INTERVALS_DESK,
} from './state';
import { MOST_PER_BAR } from '../../documents/kinds/intervals/type';
import { part } from '../../design/part';

const IntervalMargin = lazyAfterNotation(() =>
  import('./IntervalMargin').then((module) => module.IntervalMargin),
);

const IntervalPrint = part(() => import('./IntervalPrint').then((module) => module.IntervalPrint));

const PER_BAR = Array.from({ length: MOST_PER_BAR }, (_, index) => ({
  id: String(index + 1),
  name: `${index + 1} in a bar`,
}));

/**
 * The Intervals bench: a line of intervals under one signature, each with its name, its inversion and its
 * check.
 */
export function IntervalsBench() {
  const {
    bench,
    school,
    printing,
    panel,
    engraver,
    playing,
    row,
    key,
    gathering,
    work,
    columns,
    rows,
    items,
    faultsIn,
    selected,
    current,
    select,
    hear,
    remove,
    gather,
    onKey,
    sheetEntries,
    askEntries,
    marked,
  } = useIntervalsBench();

  return (
    <BenchFrame
      asks
      title={<h1>Intervals</h1>}
      facts={
        <KeyPicker label="Signature" value={bench.key} onChoose={chooseIntervalKey}>
          {`${keyName(key, school)} · ${signatureWords(key, school.letters).split(' · ')[0]!}`}
        </KeyPicker>
      }
      actions={
        <>
          <Choice label="Clef" value={bench.clef} options={CLEF_OPTIONS} onChoose={chooseIntervalClef} />
          <Choice
            label="Intervals in a bar"
            value={String(bench.perBar)}
            options={PER_BAR}
            onChoose={(count) => choosePerBar(Number(count))}
          />
          <Toggle isSelected={bench.naming} onChange={nameYourself}>
            Name it yourself
          </Toggle>
          <Toggle isSelected={bench.pencilled} onChange={pencil}>
            Pencilled in
          </Toggle>
          <NotesToggle />
          <AskClass entries={askEntries} />
          <ToSheet entries={sheetEntries} />
          <PictureMenu
            work={work}
            column={selected}
            name="intervals"
            onMusicXml={() => void exportIntervals(bench)}
            onPrint={() => INTERVALS_DESK.set({ printing: true })}
          />
        </>
      }
      margin={
        <IntervalMargin
          item={current}
          position={selected}
          school={school}
          bench={bench}
          onHear={hear}
          onRemove={remove}
          onOctave={(up) => current && moveOctave(current.id, up)}
        />
      }
    >
      <h2 className="visually-hidden">Intervals</h2>
      {printing && (
        <Suspense fallback={null}>
          <IntervalPrint
            bench={bench}
            school={school}
            engraver={engraver}
            onClose={() => INTERVALS_DESK.set({ printing: false })}
          />
        </Suspense>
      )}
      <div ref={work} className={printing ? 'no-print' : ''} hidden={printing}>
        {columns.length === 0 ? (
          <p>
            Nothing stands here yet. Type two notes, or a note and what to build on it, with commas between:{' '}
            <b>E4 C#5, Ab3 M6, C5 -m3</b>.{' '}
            <Button onPress={() => typeIntervals('E4 C#5, Ab3 M6, C5 -m3')}>Put these</Button>{' '}
            <Button onPress={() => void openDemo()}>Open the demo workbook</Button>
          </p>
        ) : (
          <StaffGrid
            label="Line of intervals"
            frame={INTERVAL_AND_INVERSION}
            wrap="fit"
            engraver={engraver}
            clefs={[bench.clef, bench.clef]}
            fifths={printedFifths(key)}
            rows={rows}
            columns={columns}
            selected={selected}
            selectedRow={row}
            playing={playing}
            onSelect={select}
            onKey={onKey}
          />
        )}
      </div>
      {gathering.gathered.length > 0 && !panel && (
        <p role="status">{printNote(gathering.gathered[0]!)}, and what note to it? Type its letter.</p>
      )}
      <LineField
        label="Intervals: two notes, or a note and an interval, with commas between"
        placeholder="Type intervals with commas between: B3 G#4, Ab3 M6, C5 m3 down"
        owner="intervals"
        stored={items.map((item) => itemText(item, school.letters)).join(', ')}
        readFaults={faultsIn}
        onType={typeIntervals}
      />
      {panel && (
        <LazyNotePanel
          keyOf={key}
          clef={bench.clef}
          shown={gathering.gathered.length > 0 ? gathering.gathered : marked}
          gaps
          gathered={gathering.gathered}
          hint={
            gathering.gathered.length === 0 ? 'Put the first note of an interval.' : 'Put the second note.'
          }
          onNote={gather}
          onClear={gathering.clear}
        />
      )}
    </BenchFrame>
  );
}
