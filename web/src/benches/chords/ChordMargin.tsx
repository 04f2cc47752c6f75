import { chordWorking, describe, displayNoteName, HAND_CARE, homesOf, inversionWorking, numeralsForChord, otherReadings, printSymbol, qualityName, qualityWords, rootShortcuts, stackedNotes,
  type Chord, type ChordWay, type Key, type School, type WorkingStep,
} from '@diatonix/core'; // prettier-ignore
import { Play } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../../design/controls';
import { HearButtons, type Manner } from '../../design/HearButtons';
import { HomesList } from '../../design/HomesList';
import { Margin, Ways } from '../../design/Margin';
import { SoundNote } from '../../design/SoundNote';
import { Working } from '../../design/Working';

type Way = ChordWay | 'inversion';
const WAYS: readonly { readonly id: Way; readonly name: string }[] = [
  { id: 'thirds', name: 'Thirds' },
  { id: 'formula', name: 'Formula' },
  { id: 'half-steps', name: 'Gaps' },
  { id: 'key', name: 'Key' },
  { id: 'inversion', name: 'Inversion' },
];

interface ChordMarginProps {
  readonly chord: Chord;
  readonly keyOf: Key;
  readonly school: School;
  readonly onHear: (manner: Manner) => void;
  readonly onHearAll: () => void;
  readonly onPick: (chord: Chord) => void;
}

/** The working of the chord, its other readings, and the keys it lives in. */
export function ChordMargin({ chord, keyOf, school, onHear, onHearAll, onPick }: ChordMarginProps) {
  const [way, setWay] = useState<Way>('thirds');
  const readings = otherReadings(chord).slice(0, 4);
  const homes = homesOf(chord);
  const symbol = (one: Chord) => printSymbol(one, { glyphs: true, letters: school.letters, school: school.symbols });
  return (
    <Margin>
      <h2>
        {displayNoteName(chord.root, school.letters)} {qualityWords(qualityName(describe(chord.members))).replace(/ triad$/, '')}
      </h2>
      <p className="about">
        {stackedNotes(chord)
          .map((note) => displayNoteName(note, school.letters))
          .join(' ')}{' '}
        · lowest note {displayNoteName(chord.bass, school.letters)}
      </p>
      <Ways label="Way of working" ways={WAYS} chosen={way} onChoose={(id) => setWay(id as Way)}>
        <Working steps={stepsOf(way, chord, keyOf)} school={school} />
      </Ways>
      <div className="doings">
        <HearButtons onHear={onHear} />
        <Button onPress={onHearAll}>
          <Play aria-hidden="true" /> Hear the row
        </Button>
      </div>
      <SoundNote />
      <p className="sound-note">Fingerings are suggestions. {HAND_CARE}</p>
      {readings.length > 0 && (
        <div className="aside">
          The same notes can be read as
          <div className="doings">
            {readings.map((other) => (
              <Button key={printSymbol(other)} onPress={() => onPick(other)}>
                {symbol(other)}
              </Button>
            ))}
          </div>
        </div>
      )}
      <HomesList opening="It lives as" homes={homes} school={school} />
    </Margin>
  );
}

function stepsOf(way: Way, chord: Chord, key: Key): WorkingStep[] {
  if (way === 'inversion') return [...inversionWorking(chord, key), ...rootShortcuts(chord)];
  const numeral = numeralsForChord(chord, key)[0]?.numeral;
  if (!numeral) return inversionWorking(chord, key);
  return chordWorking(chord, way, { key, numeral });
}
