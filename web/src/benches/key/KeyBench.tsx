import { taughtOf } from '../../documents/kinds/schoolClass/taught';
import {
  hasOrdinarySignature,
  keyOf as keyFrom,
  otherSpelling,
  parallelKey,
  parseKey,
  printKey,
  relativeKey,
  signatureFifths,
  signatureWords,
  stackUp,
  type Note,
  type StackTop,
} from '@diatonix/core';
import { Suspense, useMemo, useRef } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { BenchFrame } from '../../parts/BenchFrame';
import { Choice } from '../../design/Choice';
import { CLEF_OPTIONS } from '../../parts/clefs';
import { Button, Toggle, ToggleRow } from '../../design/controls';
import { KeyPicker } from '../../parts/KeyPicker';
import { keyName } from '../../parts/names';
import { SubBar } from '../../design/SubBar';
import { lazyAfterNotation } from '../../notation/lazyAfterNotation';
import { useEngraver } from '../../notation/useEngraver';
import { LazyNotePanel } from '../../notes/lazy';
import { NotesToggle } from '../../notes/NotesToggle';
import { AskClass } from '../../classroom/teacher/AskClass';
import { ToSheet } from '../../parts/ToSheet';
import { PictureMenu } from '../../pictures/PictureMenu';
import { mapOf } from './columns';
import { hearMap, MapView, numeralText } from './MapView';
import { ScaleChoice } from './ScaleChoice';
import {
  chooseKey,
  chooseTop,
  chooseClef,
  showFingering,
  toggleKey,
  toggleSeventh,
  toggleTaught,
  KEY_DESK,
  type KeyView,
} from './state';
import { PROGRESSIONS_DESK } from '../progressions/desk';
import { useSchool, useTaught, useSingle } from '../../documents/store/use';
import { NOTES_DESK } from '../../notes/desk';
import { part } from '../../design/part';
import { fetchScript } from '../../fetchScript';

const KeyMargin = lazyAfterNotation(() => import('./KeyMargin').then((module) => module.KeyMargin));

const CircleView = part(() => import('./CircleView').then((module) => module.CircleView));
const PrimaryView = part(() => import('./PrimaryView').then((module) => module.PrimaryView));
const PrintView = part(() => import('./PrintView').then((module) => module.PrintView));

const Work = styled.div`
  .care {
    color: var(--soft);
    font-size: 0.875rem;
  }
`;

const TITLES: Record<KeyView, string> = {
  map: 'Scale and chord map',
  primary: 'Primary chords',
  circle: 'Circle of fifths',
  print: 'Printable maps',
};
const MIDDLE: Note = { step: 0, alteration: 0, octave: 4 };

/**
 * The Key bench: signature, scale and chord map of one key, its primary chords, its place on the circle, and
 * maps to print.
 */
export function KeyBench() {
  const bench = useSingle('key');
  const { notYetTaught } = useTaught();
  const school = useSchool();
  const view = KEY_DESK.use((desk) => desk.view);
  const selected = KEY_DESK.use(({ column }) => column) - 1;
  const panel = NOTES_DESK.use(({ open }) => open);
  const engraver = useEngraver();
  const navigate = useNavigate();
  const work = useRef<HTMLDivElement>(null);

  const key = useMemo(() => parseKey(bench.key), [bench.key]);
  const map = useMemo(() => mapOf(bench), [bench]);
  const at = selected >= 0 && selected < map.length ? selected : 0;
  const mode = key.mode === 'major' ? 'major' : 'minor';
  const relative = useMemo(() => relativeKey(key), [key]);
  const parallel = useMemo(() => parallelKey(key), [key]);
  const put = (index: number) => {
    const entry = { kind: 'numeral', text: numeralText(bench, key, index) } as const;
    void fetchScript(() => import('../progressions/state')).then(({ addEntry }) =>
      PROGRESSIONS_DESK.set({ column: addEntry(entry) }),
    );
  };
  /** A note that is played becomes the tonic, under the name that has an ordinary signature. */
  const chooseTonic = (note: Note) => {
    const named = [note, otherSpelling(note)].find((name) => hasOrdinarySignature(keyFrom(name, key.mode)));
    if (named) chooseKey(printKey(keyFrom(named, key.mode)));
  };

  // What an edit does not touch is not drawn again.
  const facts = useMemo(
    () => (
      <>
        <KeyPicker label="Choose key" value={bench.key} onChoose={chooseKey}>
          {signatureWords(key, school.letters)}
        </KeyPicker>
        <Button onPress={() => chooseKey(printKey(relative))}>relative {keyName(relative, school)}</Button>
        {Math.abs(signatureFifths(parallel)) <= 7 && (
          <Button onPress={() => chooseKey(printKey(parallel))}>parallel {keyName(parallel, school)}</Button>
        )}
      </>
    ),
    [bench.key, key, school, relative, parallel],
  );
  const actions = useMemo(
    () => (
      <>
        <ScaleChoice keyOf={key} form={bench.form} beside={bench.beside} />
        <Choice label="Clef" value={bench.clef} options={CLEF_OPTIONS} onChoose={chooseClef} />
        <NotesToggle />
        <AskClass
          entries={(
            [
              ['Its numeral', 'labels'],
              ['Its notes', 'notes'],
            ] as const
          ).map(([name, blank]) => ({
            name,
            bring: ({ questionsFromLine }) =>
              questionsFromLine([{ key, numeral: numeralText(bench, key, at) }], blank),
          }))}
        />
        <ToSheet
          entries={(
            [
              ['The numerals and notes blank', ['numerals', 'notes']],
              ['The notes blank', ['notes']],
              ['The whole map blank', ['numerals', 'symbols', 'qualities', 'notes']],
            ] as const
          ).map(([name, blank]) => ({
            name,
            bring: ({ questionsFromMap }) => questionsFromMap(key, bench.top === 5 ? 5 : 7, blank),
          }))}
        />
        <PictureMenu work={work} column={at} name={`${bench.key} ${TITLES[view].toLowerCase()}`} />
      </>
    ),
    [key, bench, view, at],
  );
  const views = useMemo(
    () => (
      <SubBar>
        <ToggleRow
          aria-label="View"
          selectionMode="single"
          disallowEmptySelection
          selectedKeys={[view]}
          onSelectionChange={([next]) => KEY_DESK.set({ view: next as KeyView })}
        >
          <Toggle id="map">Chord map</Toggle>
          <Toggle id="primary">Primary chords</Toggle>
          <Toggle id="circle">Circle</Toggle>
          <Toggle id="print">To print</Toggle>
        </ToggleRow>
        {(view === 'map' || view === 'print') && (
          <>
            <Toggle isSelected={bench.fingering} onChange={showFingering}>
              Fingering
            </Toggle>
            <ToggleRow
              aria-label="Stacks"
              selectionMode="single"
              disallowEmptySelection
              selectedKeys={[String(bench.top)]}
              onSelectionChange={([top]) => chooseTop(Number(top) as StackTop)}
            >
              <Toggle id="5">Triads</Toggle>
              <Toggle id="7">Sevenths</Toggle>
              <Toggle id="9">9</Toggle>
              <Toggle id="11">11</Toggle>
              <Toggle id="13">13</Toggle>
            </ToggleRow>
          </>
        )}
      </SubBar>
    ),
    [view, bench.fingering, bench.top],
  );

  return (
    <BenchFrame
      asks
      title={<h1>{keyName(key, school)}</h1>}
      facts={facts}
      actions={actions}
      margin={
        <KeyMargin
          column={map[at]!}
          keyOf={key}
          form={bench.form}
          school={school}
          taught={taughtOf(notYetTaught, mode, map[at]!.degree)}
          keyTaught={!(notYetTaught.keys ?? []).includes(bench.key)}
          onTaught={() => toggleTaught(mode, map[at]!.degree)}
          onSeventh={() => toggleSeventh(mode, map[at]!.degree)}
          onKeyTaught={() => toggleKey(bench.key)}
          onHear={(manner) => hearMap(bench, key, at, 1, manner)}
          onPut={() => put(at)}
          onGo={() => void navigate('/progressions')}
        />
      }
    >
      {views}
      <Work ref={work}>
        <h2 className="visually-hidden">{TITLES[view]}</h2>
        {view === 'map' && (
          <MapView bench={bench} keyOf={key} school={school} engraver={engraver} selected={at} onPut={put} />
        )}
        <Suspense fallback={null}>
          {view === 'primary' && <PrimaryView keyOf={key} school={school} engraver={engraver} />}
          {view === 'circle' && <CircleView keyOf={key} school={school} onChoose={chooseKey} />}
          {view === 'print' && <PrintView bench={bench} school={school} engraver={engraver} />}
        </Suspense>
      </Work>
      {panel && (
        <LazyNotePanel
          keyOf={key}
          clef={bench.clef}
          shown={stackUp([key.tonic], MIDDLE)}
          gathered={[]}
          hint="A note put here becomes the tonic."
          onNote={chooseTonic}
        />
      )}
    </BenchFrame>
  );
}
