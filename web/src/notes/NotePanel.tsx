import { midiNumber, printedFifths, spellInKey, type Clef, type Key, type Note } from '@diatonix/core';
import { Eraser, Mic, Plug } from 'lucide-react';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { Button, Toggle, ToggleRow } from '../design/controls';
import { Choice } from '../design/Choice';
import { Problem } from '../design/Problem';
import { MICROPHONE_ID } from '../midi/microphoneId';
import { pianoKeyOf } from '../midi/simulated';
import { useMidi } from '../midi/useMidi';
import { useEngraver } from '../notation/useEngraver';
import { EntryStaff } from './EntryStaff';
import { Piano } from './Piano';
import { useSchool } from '../documents/store/use';

const Panel = styled.section`
  margin-top: 0.9rem;
  padding: 0.6rem 0 0.2rem;
  border-top: 1px solid var(--rule);
  background: var(--ground);
  /* The panel stays in sight while the work above it scrolls. */
  @media (min-width: 861px) {
    position: sticky;
    bottom: -1.5rem;
    z-index: 4;
    padding-bottom: 1.5rem;
  }
  @media print {
    display: none;
  }
  .entry {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr);
    gap: 0 1.2rem;
    align-items: start;
  }
  .keys {
    overflow-x: auto;
    padding: 6px 2px 3px;
  }
  .tools {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.4rem;
    margin-bottom: 0.4rem;
  }
  .tools p {
    flex: 1 1 10rem;
    margin: 0 0 0 0.3rem;
    color: var(--soft);
    font-size: 0.875rem;
  }
  @media (max-width: 860px) {
    .entry {
      grid-template-columns: minmax(0, 1fr);
    }
  }
`;

const SIGNS = [
  { id: '-2', name: '𝄫', label: 'Double flat' },
  { id: '-1', name: '♭', label: 'Flat' },
  { id: '0', name: '♮', label: 'Natural' },
  { id: '1', name: '♯', label: 'Sharp' },
  { id: '2', name: '𝄪', label: 'Double sharp' },
] as const;

const NO_DEVICE = 'none';

/**
 * How a note came: written with its name on the staff, struck on a keyboard, or as the first strike of a MIDI
 * keyboard after all keys were up.
 */
export type NoteManner = 'written' | 'struck' | 'fresh';

interface NotePanelProps {
  readonly keyOf: Key;
  /** The key in which struck keys get their names, where it is another than that of the signature. */
  readonly spelledIn?: Key;
  readonly clef: Clef;
  /** Notes marked on the keys. */
  readonly shown: readonly Note[];
  readonly gaps?: boolean;
  /** Notes gathered so far, on the staff. */
  readonly gathered: readonly Note[];
  readonly hint: string;
  readonly onNote: (note: Note, manner: NoteManner) => void;
  readonly onClear?: () => void;
  /** What else can be done with the notes gathered. */
  readonly children?: ReactNode;
}

/** Notes by hand: on a staff, on the keyboard of the screen, or from a MIDI keyboard, real or simulated. */
export function NotePanel({
  keyOf,
  spelledIn = keyOf,
  clef,
  shown,
  gaps = false,
  gathered,
  hint,
  onNote,
  onClear,
  children,
}: NotePanelProps) {
  const letters = useSchool().letters;
  const engraver = useEngraver();
  const [sign, setSign] = useState<number | null>(null);
  const keys = useRef<HTMLDivElement>(null);
  useEffect(() => {
    // Where the keyboard is wider than the page its middle is shown first.
    if (keys.current) keys.current.scrollLeft = (keys.current.scrollWidth - keys.current.clientWidth) / 2;
  }, []);
  const midi = useMidi((key, fresh) => onNote(spellInKey(key, spelledIn), fresh ? 'fresh' : 'struck'));
  const simulated = midi.chosen === midi.simulated.id;
  const devices = [
    { id: NO_DEVICE, name: 'No MIDI keyboard' },
    ...midi.sources.map(({ id, name }) => ({ id, name })),
  ];
  return (
    <Panel aria-label="Notes by hand">
      <div className="tools">
        <ToggleRow
          aria-label="Accidental of the next note"
          selectionMode="single"
          selectedKeys={sign === null ? [] : [String(sign)]}
          onSelectionChange={([next]) => setSign(next === undefined ? null : Number(next))}
        >
          {SIGNS.map(({ id, name, label }) => (
            <Toggle key={id} id={id} aria-label={label}>
              {name}
            </Toggle>
          ))}
        </ToggleRow>
        <Choice
          label="MIDI keyboard"
          value={midi.chosen ?? NO_DEVICE}
          options={devices}
          onChoose={(id) => midi.choose(id === NO_DEVICE ? null : id)}
        />
        <Button onPress={midi.connect}>
          <Plug aria-hidden="true" /> Find MIDI
        </Button>
        <Button onPress={midi.openMicrophone}>
          <Mic aria-hidden="true" /> Microphone
        </Button>
        {onClear && (
          <Button onPress={onClear}>
            <Eraser aria-hidden="true" /> Start anew
          </Button>
        )}
        {children}
        <p>
          {simulated
            ? 'The keys A W S E D F T G Y H U J K play from C4 while the keyboard has the focus.'
            : midi.chosen === MICROPHONE_ID
              ? 'Sing or play one note at a time. Nothing is recorded, and nothing leaves this page.'
              : hint}
        </p>
      </div>
      {midi.problem && <Problem>{midi.problem}</Problem>}
      <div className="entry">
        <EntryStaff
          key={clef}
          engraver={engraver}
          clef={clef}
          fifths={printedFifths(keyOf)}
          sign={sign}
          onSign={setSign}
          gathered={gathered}
          onNote={(note) => {
            setSign(null);
            onNote(note, 'written');
          }}
        />
        <div className="keys" ref={keys}>
          <Piano
            keyOf={spelledIn}
            letters={letters}
            shown={[
              ...shown,
              ...midi.held
                .filter((key) => !shown.some((note) => midiNumber(note) === key))
                .map((key) => spellInKey(key, spelledIn)),
            ]}
            gaps={gaps}
            pianoKey={simulated ? pianoKeyOf : undefined}
            onPress={(key) =>
              simulated ? midi.simulated.press(key) : onNote(spellInKey(key, spelledIn), 'struck')
            }
            onRelease={(key) => simulated && midi.simulated.release(key)}
          />
        </div>
      </div>
    </Panel>
  );
}
