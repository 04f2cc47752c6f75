import {
  checkMoment,
  displayNote,
  displayNoteName,
  drillNotes,
  HAND_CARE,
  handWords,
  keyWanted,
  mistakeName,
  drillMoments,
  parseDrill,
  parseKey,
  printedFifths,
  spellInKey,
  type DrillNotes,
  type Hands,
  type PlayedMoment,
  type StaffLayout,
} from '@diatonix/core';
import { frameOf, questionStaff } from '@diatonix/engraving';
import { Play, Mic, Plug, RotateCcw } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Button } from '../../design/controls';
import { Choice } from '../../design/Choice';
import { Problem } from '../../design/Problem';
import { useSchool } from '../../documents/store/use';
import { MICROPHONE_ID } from '../../midi/microphoneId';
import { pianoKeyOf } from '../../midi/simulated';
import { useMidi } from '../../midi/useMidi';
import { useEngraver } from '../../notation/useEngraver';
import { Piano } from '../../notes/Piano';
import { SoundNote } from '../../parts/SoundNote';
import { StaffPicture } from '../../questions/StaffPicture';
import { play } from '../../sound/player';

const SECONDS = 0.7;
const NO_DEVICE = 'none';

/** A drill to be played: its staff and fingers, heard on request, played moment by moment and checked. */
export function DrillView({ id, hands }: { id: string; hands: Hands }) {
  const school = useSchool();
  const engraver = useEngraver();
  const { drill, key: name, form } = parseDrill(id);
  const keyOf = parseKey(name);
  const notes = useMemo(() => drillNotes(drill, parseKey(name), form), [drill, name, form]);
  const moments = useMemo(() => drillMoments(notes, hands), [notes, hands]);
  const [struck, setStruck] = useState<readonly number[]>([]);
  const [played, setPlayed] = useState<readonly PlayedMoment[]>([]);
  const wanted = moments[played.length];
  const strike = (struckKey: number) => {
    if (!wanted) return;
    const key = isHeard ? keyWanted(struckKey, wanted) : struckKey;
    const now = struck.includes(key) ? struck : [...struck, key];
    if (now.length < wanted.length) return setStruck(now);
    setStruck([]);
    setPlayed([...played, checkMoment(wanted, now, keyOf)]);
  };
  const midi = useMidi(strike);
  const isHeard = midi.chosen === MICROPHONE_ID;
  const simulated = midi.chosen === midi.simulated.id;
  const put = putOfDrill(notes, hands, printedFifths(keyOf));
  const frame = frameOf([put]);
  const staff = engraver && frame ? questionStaff(engraver, frame, put, { labelled: true }) : null;
  const last = played.at(-1);
  const devices = [
    { id: NO_DEVICE, name: 'No MIDI keyboard' },
    ...midi.sources.map((source) => ({ id: source.id, name: source.name })),
  ];
  return (
    <>
      {staff && frame && (
        <>
          <StaffPicture frame={frame} staff={staff} shrinks />
          <Fingers notes={notes} hands={hands} xs={staff.xs} width={staff.width} />
        </>
      )}
      <div className="tools">
        <Button onPress={() => void play(moments, { seconds: SECONDS, from: 0, manner: 'together' })}>
          <Play aria-hidden="true" /> Hear it
        </Button>
        <Choice
          label="MIDI keyboard"
          value={midi.chosen ?? NO_DEVICE}
          options={devices}
          onChoose={(chosen) => midi.choose(chosen === NO_DEVICE ? null : chosen)}
        />
        <Button onPress={midi.connect}>
          <Plug aria-hidden="true" /> Find MIDI
        </Button>
        <Button onPress={midi.openMicrophone}>
          <Mic aria-hidden="true" /> Microphone
        </Button>
        <Button
          isDisabled={played.length === 0 && struck.length === 0}
          onPress={() => {
            setPlayed([]);
            setStruck([]);
          }}
        >
          <RotateCcw aria-hidden="true" /> From the beginning
        </Button>
      </div>
      {midi.problem && <Problem>{midi.problem}</Problem>}
      {isHeard && (
        <p className="told">
          Sing or play one note at a time, in any octave. Nothing is recorded, and nothing leaves this page.
          Rest between the rounds; stop if anything hurts, and ask a teacher or doctor.
        </p>
      )}
      <ol className="moments" aria-label="What was played">
        {moments.map((own, at) => {
          const result = played[at];
          // Both hands play the same names.
          const names = own.map((note) => displayNoteName(note, school.letters));
          const text = [...new Set(names)].join(' ');
          const state = result ? (result.right ? 'right' : 'wrong') : at === played.length ? 'next' : 'open';
          return (
            <li key={at} className={state} aria-label={`${text}: ${state}`}>
              {result && (result.right ? '✓ ' : '× ')}
              {text}
            </li>
          );
        })}
      </ol>
      <div role="status">
        {last && !last.right && (
          <p className="told">
            {last.missing.length > 0 &&
              `${last.missing.map((note) => displayNote(note, school.letters)).join(' ')} was wanted. `}
            {last.wrong.length > 0 &&
              `Struck instead: ${last.wrong
                .map((one) => displayNote(spellInKey(one, keyOf), school.letters))
                .join(' ')}. `}
            {last.causes.map((cause) => `${mistakeName(cause, school)}.`).join(' ')}
          </p>
        )}
        {played.length === moments.length && (
          <p>
            {played.filter(({ right }) => right).length} of {moments.length} right.{' '}
            {played.every(({ right }) => right) ? 'Tick it off below.' : 'Once more, slower.'}
          </p>
        )}
      </div>
      <div className="keys">
        <Piano
          keyOf={keyOf}
          letters={school.letters}
          // Without looking there is nothing to look at.
          shown={hands === 'unseen' || !wanted ? [] : wanted}
          gaps={false}
          pianoKey={simulated ? pianoKeyOf : undefined}
          onPress={(one) => (simulated ? midi.simulated.press(one) : strike(one))}
          onRelease={(one) => simulated && midi.simulated.release(one)}
        />
      </div>
      <SoundNote />
      <p className="care">
        {hands === 'unseen' ? 'Look at the page or straight ahead, not at the hands. ' : ''}
        {HAND_CARE}
      </p>
    </>
  );
}

/** A drill on the staff of its hand, or on both. */
function putOfDrill({ right, left }: DrillNotes, hands: Hands, fifths: number): StaffLayout {
  const of = (hand: DrillNotes['right']) => hand.map(({ notes }) => notes);
  const treble = { clef: 'treble' as const, notes: of(right) };
  const bass = { clef: 'bass' as const, notes: of(left) };
  const shown = hands === 'right' ? [treble] : hands === 'left' ? [bass] : [treble, bass];
  return {
    clefs: shown.map(({ clef }) => clef),
    fifths,
    staves: shown.map(({ notes }) => notes),
    written: false,
  };
}

interface FingersProps {
  readonly notes: DrillNotes;
  readonly hands: Hands;
  readonly xs: readonly number[];
  readonly width: number;
}

/** The fingers of each hand under its moments. */
function Fingers({ notes, hands, xs, width }: FingersProps) {
  const rows = (['right', 'left'] as const).filter(
    (hand) => hands === 'together' || hands === 'unseen' || hands === hand,
  );
  return (
    <>
      {rows.map((hand) => (
        <div key={hand} className="fingers" style={{ maxWidth: width }}>
          <span className="hand">{handWords(hand)}</span>
          {notes[hand].map(({ fingers }, at) => (
            <span key={at} style={{ left: `${(100 * xs[at]!) / width}%` }}>
              {fingers.join('-')}
            </span>
          ))}
        </div>
      ))}
    </>
  );
}
