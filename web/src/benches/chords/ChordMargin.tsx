import {
  chordWorking,
  readingReasonWords,
  respellings,
  sameChord,
  seventhShortcut,
  whatItIs,
  displayNoteName,
  HAND_CARE,
  homesOf,
  inversionWorking,
  numeralsForChord,
  notesFromBass,
  otherReadings,
  nonTertian,
  nonTertianWords,
  printSymbol,
  stackQuality,
  qualityWords,
  rootShortcuts,
  stackedNotes,
  type Chord,
  type Clef,
  type ChordWay,
  type Key,
  type LabelStyle,
  type WorkingStep,
} from '@diatonix/core';
import { Play } from 'lucide-react';
import { useState } from 'react';
import styled from 'styled-components';
import { Button } from '../../design/controls';
import { HearButtons, type Manner } from '../../design/HearButtons';
import { HomesList } from '../../parts/HomesList';
import { Margin, WayChoice } from '../../design/Margin';
import { SoundNote } from '../../parts/SoundNote';
import { play } from '../../sound/player';
import { closeNotes } from './columns';
import { Restack } from './Restack';
import { Working } from '../../parts/Working';

type MarginWay = ChordWay | 'inversion';
const WAYS: readonly { readonly id: MarginWay; readonly name: string }[] = [
  { id: 'thirds', name: 'Thirds' },
  { id: 'formula', name: 'Formula' },
  { id: 'half-steps', name: 'Gaps' },
  { id: 'key', name: 'From the key' },
  { id: 'inversion', name: 'Inversion' },
];

const SECONDS = 1.6;

const Choices = styled.ul`
  list-style: none;
  margin: 0.4rem 0 0;
  padding: 0;
  display: grid;
  gap: 0.4rem;
  line-height: 1.35;
  button {
    margin-right: 0.3rem;
  }
`;

interface ChordMarginProps {
  readonly chord: Chord;
  readonly keyOf: Key;
  readonly clef: Clef;
  readonly school: LabelStyle;
  /** The symbol of the chord before a member of it was changed. */
  readonly asked: string | null;
  readonly onHear: (manner: Manner) => void;
  readonly onHearAll: () => void;
  readonly onPick: (chord: Chord) => void;
}

/** The working of the chord, its other readings, and the keys it lives in. */
export function ChordMargin({
  chord,
  keyOf,
  clef,
  school,
  asked,
  onHear,
  onHearAll,
  onPick,
}: ChordMarginProps) {
  const [way, setWay] = useState<MarginWay>('thirds');
  const readings = otherReadings(chord, keyOf).slice(0, 4);
  const spellings = respellings(chord, keyOf)
    .filter(({ chord: other }) => !sameChord(other, chord))
    .slice(0, 3);
  const beyond = nonTertian(notesFromBass(chord));
  const [kept, setKept] = useState<Chord | null>(null);
  const homes = homesOf(chord);
  const symbol = (one: Chord) =>
    printSymbol(one, { glyphs: true, letters: school.letters, school: school.symbols });
  return (
    <Margin>
      <h2>
        {displayNoteName(chord.root, school.letters)}{' '}
        {qualityWords(stackQuality(chord.members)).replace(/ triad$/, '')}
      </h2>
      <p className="about">
        {stackedNotes(chord)
          .map((note) => displayNoteName(note, school.letters))
          .join(' ')}{' '}
        · lowest note {displayNoteName(chord.bass, school.letters)}
      </p>
      <WayChoice label="Way of working" ways={WAYS} chosen={way} onChoose={(id) => setWay(id as MarginWay)}>
        <Working steps={stepsOf(way, chord, keyOf, asked)} school={school} />
        {way === 'inversion' && <Restack chord={chord} school={school} />}
      </WayChoice>
      <div className="doings">
        <HearButtons onHear={onHear} />
        <Button onPress={onHearAll}>
          <Play aria-hidden="true" /> Hear the row
        </Button>
        <Button onPress={() => setKept(chord)}>Keep to compare</Button>
        {kept && (
          <Button
            onPress={() =>
              void play(
                [kept, chord].map((one) => closeNotes(one, clef)),
                { seconds: SECONDS, from: -2, manner: 'together' },
              )
            }
          >
            Hear {symbol(kept)}, then {symbol(chord)}
          </Button>
        )}
      </div>
      <SoundNote />
      <p className="sound-note">Fingerings are suggestions. {HAND_CARE}</p>
      {beyond && <p className="aside">{nonTertianWords(beyond, school)}</p>}
      {readings.length > 0 && (
        <div className="aside">
          The same notes can be read as
          <Choices>
            {readings.map(({ chord: other, reasons }) => (
              <li key={printSymbol(other)}>
                <Button onPress={() => onPick(other)}>{symbol(other)}</Button>{' '}
                {reasons.map(readingReasonWords).join(', ')}
              </li>
            ))}
          </Choices>
        </div>
      )}
      {spellings.length > 0 && (
        <div className="aside">
          The same sound, spelled otherwise
          <Choices>
            {spellings.map(({ chord: other, foreign }) => (
              <li key={printSymbol(other)}>
                <Button onPress={() => onPick(other)}>{symbol(other)}</Button>{' '}
                {readingReasonWords({ kind: 'in-key', foreign })}
              </li>
            ))}
          </Choices>
        </div>
      )}
      <HomesList opening="It lives as" homes={homes} school={school} />
    </Margin>
  );
}

function stepsOf(way: MarginWay, chord: Chord, key: Key, asked: string | null): WorkingStep[] {
  if (way === 'inversion') return [...inversionWorking(chord, key), ...rootShortcuts(chord)];
  const numeral = numeralsForChord(chord, key)[0]?.numeral;
  if (!numeral) return inversionWorking(chord, key);
  const steps = chordWorking(chord, way, { key, numeral });
  return way === 'thirds'
    ? [...steps, ...seventhShortcut(chord), ...(asked === null ? [] : [whatItIs(chord, asked)])]
    : steps;
}
