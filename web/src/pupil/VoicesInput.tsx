import {
  displayNote,
  DEFAULT_LABEL_STYLE,
  keyOfVoices,
  nextOpenVoice,
  parseNote,
  attempt,
  printNote,
  typedVoices,
  voicesAfter,
  type Note,
  type OpenPlace,
  type OpenVoices,
} from '@diatonix/core';
import { useState, type KeyboardEvent } from 'react';
import { NotePanel } from '../notes/NotePanel';
import type { PupilQuestion } from './work';

const VOICES = ['Soprano', 'Alto', 'Tenor', 'Bass'] as const;
/** From here down voices stand on the lower staff. */
const TENOR = 2;

interface VoicesInputProps extends Pick<PupilQuestion, 'id' | 'kind' | 'given'> {
  readonly open: OpenVoices;
  readonly typed: string;
  readonly locked: boolean;
  readonly onType: (text: string) => void;
  readonly onKeyDown: (event: KeyboardEvent) => void;
}

/**
 * Four voices chord by chord, a field a voice; those that are given stand there. A note that is put on the staff,
 * struck or played goes into the field that was chosen, and the next open one is chosen.
 */
export default function VoicesInput({ given, open, typed, locked, onType, onKeyDown }: VoicesInputProps) {
  const voices = voicesAfter(open, typed);
  const [place, setPlace] = useState<OpenPlace>(() => nextOpenVoice(open, { at: 0, voice: -1 }));
  const [byHand, setByHand] = useState(false);
  const key = keyOfVoices({ given });
  const put = ({ at, voice }: OpenPlace, text: string): OpenVoices => {
    const note = text.trim().replace(/[\s|]/g, '');
    const next = voices.map((own, chord) =>
      chord === at ? own.map((one, part) => (part === voice ? note || null : one)) : own,
    );
    onType(typedVoices(open, next));
    return next;
  };
  const strike = (note: Note) => setPlace(nextOpenVoice(put(place, printNote(note)), place));
  const chosen = voices[place.at]?.map((text) => (text === null ? null : attempt(() => parseNote(text))));
  const near = (chosen ?? []).flatMap((one, voice) =>
    one?.ok && voice < TENOR === place.voice < TENOR ? [one.value] : [],
  );
  return (
    <>
      <p className="soft">Write notes with their octave, such as G4, or put them on the staff.</p>
      <div className="voices" role="group" aria-label="Your answer">
        {voices.map((own, at) => (
          <fieldset key={at}>
            <legend>Chord {at + 1}</legend>
            {own.map((note, voice) => {
              const isGiven = open[at]![voice] !== null;
              const isChosen = byHand && place.at === at && place.voice === voice;
              return (
                <label key={VOICES[voice]} className={isChosen ? 'chosen' : ''}>
                  <span aria-hidden="true">{VOICES[voice]![0]}</span>
                  <input
                    value={note ?? ''}
                    aria-label={`${VOICES[voice]} of chord ${at + 1}${isGiven ? ', given' : ''}`}
                    maxLength={6}
                    autoComplete="off"
                    autoCapitalize="off"
                    spellCheck={false}
                    readOnly={locked || isGiven}
                    onFocus={() => !isGiven && setPlace({ at, voice })}
                    onChange={(event) => put({ at, voice }, event.target.value)}
                    onKeyDown={onKeyDown}
                  />
                </label>
              );
            })}
          </fieldset>
        ))}
      </div>
      {!locked && (
        <button aria-expanded={byHand} onClick={() => setByHand(!byHand)}>
          On the staff or the keyboard
        </button>
      )}
      {!locked && byHand && (
        <>
          <p className="soft" role="status">
            The next note is the {VOICES[place.voice]!.toLowerCase()} of chord {place.at + 1}
            {voices[place.at]![place.voice] !== null && `, now ${said(voices[place.at]![place.voice]!)}`}.
          </p>
          <NotePanel
            keyOf={key}
            clef={place.voice < TENOR ? 'treble' : 'bass'}
            shown={near}
            gathered={near}
            hint="Every note goes into the chosen field. Stop if a hand hurts, and ask your teacher or a doctor."
            onNote={strike}
            onClear={() => onType('')}
          />
        </>
      )}
    </>
  );
}

/** A note in letters as they are shown; what is none as it was typed. */
function said(text: string): string {
  const note = attempt(() => displayNote(parseNote(text), DEFAULT_LABEL_STYLE.letters));
  return note.ok ? note.value : text;
}
