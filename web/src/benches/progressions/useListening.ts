import { lockedVoices, type LabelStyle } from '@diatonix/core';
import { useEffect, useRef, useState } from 'react';
import { perform, play } from '../../sound/player';
import { deriveProgression, type ShownColumn } from './derive';
import { countInOf, secondsOf, soundingOf, type Version } from './listening';
import { FIRST_LISTENING, type Listening } from './ListenMenu';
import type { FourParts } from './useFourParts';
import { documentsOf } from '../../documents/store/select';
import { useDocuments } from '../../documents/store/store';
import type { Progression } from '../../documents/kinds/progression/type';

const KEYBOARD = 'keyboard';
const EARLIER = 'earlier';
const OTHER_LINE = 'line:';

/** What can be heard of the open line, and how it is chosen. */
export interface Hearing {
  readonly listening: Listening;
  readonly setListening: (listening: Listening) => void;
  /** Versions that the line can alternate with. */
  readonly others: () => { id: string; name: string }[];
  /** Plays from one column to another (both included), as it is chosen. */
  readonly hear: (from: number, to: number) => void;
  /** One column by itself. */
  readonly hearOne: (at: number, manner: 'together' | 'note by note') => void;
  /** One voice through the whole line. */
  readonly hearVoice: (voice: 'soprano' | 'alto' | 'tenor' | 'bass') => void;
}

/**
 * Plays the line: all or one voice, in a loop, counted in, in turn with another version of it or another
 * line.
 */
export function useListening(
  openId: string | null,
  progression: Progression | null,
  derived: readonly ShownColumn[],
  parts: FourParts,
  school: LabelStyle,
): Hearing {
  const [listening, setListening] = useState(FIRST_LISTENING);
  const earlier = useEarlier(parts.voices);
  const versionNow: Version = {
    derived,
    voices: parts.voices,
    pattern: progression?.pattern ?? 'block',
    tempo: progression?.tempo ?? 80,
  };

  const others = () => {
    const lines = linesNow().filter(({ id, body }) => id !== openId && body.columns.length > 0);
    return [
      ...(progression?.view === 'four-part' ? [{ id: KEYBOARD, name: 'the keyboard setting' }] : []),
      ...(earlier() ? [{ id: EARLIER, name: 'the setting before this one' }] : []),
      ...lines.map(({ id, body }) => ({ id: OTHER_LINE + id, name: body.title || 'Untitled' })),
    ];
  };

  const otherVersion = (id: string): { version: Version; ranged: boolean } | null => {
    if (id === KEYBOARD) return { version: { ...versionNow, voices: [] }, ranged: true };
    if (id === EARLIER) {
      const voices = earlier();
      return voices && { version: { ...versionNow, voices }, ranged: true };
    }
    const line = linesNow().find((one) => OTHER_LINE + one.id === id);
    return line ? { version: versionOf(line.body, school), ranged: false } : null;
  };

  const hear = (from: number, to: number) => {
    if (!progression) return;
    const { heard, loop, countIn, other } = listening;
    const second = other === null ? null : otherVersion(other);
    const versions = [
      soundingOf(versionNow, heard, from, to),
      // A single voice of the other version where it has voices, else all of it.
      ...(second
        ? [
            soundingOf(
              second.version,
              second.version.voices.length > 0 ? heard : 'all',
              ...(second.ranged ? ([from, to] as const) : []),
            ),
          ]
        : []),
    ];
    void perform(versions, { loop: loop && to > from, countIn: countIn ? countInOf(progression) : null });
  };
  const hearOne = (at: number, manner: 'together' | 'note by note') => {
    const one = derived[at];
    if (!one) return;
    const notes = parts.voices[at] ?? (one.setting ? [...one.setting.lower, ...one.setting.upper] : []);
    void play([notes], { seconds: secondsOf(one.place.ticks, versionNow.tempo), from: at, manner });
  };
  const hearVoice = (voice: 'soprano' | 'alto' | 'tenor' | 'bass') =>
    void perform([soundingOf(versionNow, voice)], { loop: listening.loop });
  return { listening, setListening, others, hear, hearOne, hearVoice };
}

const linesNow = () => documentsOf(useDocuments.getState().documents, 'progression');

/** The voices before the present ones, while the line has as many columns. */
function useEarlier(voices: FourParts['voices']): () => FourParts['voices'] | null {
  const seen = useRef<readonly FourParts['voices'][]>([]);
  useEffect(() => {
    if (voices.length > 0 && voices.every((notes) => notes !== null) && seen.current[0] !== voices)
      seen.current = [voices, ...seen.current].slice(0, 2);
  }, [voices]);
  return () => {
    const before = seen.current[1];
    return before && before.length === voices.length ? before : null;
  };
}

/** Another line of the workbook as it is heard: its locked voices where every column has them. */
function versionOf(progression: Progression, school: LabelStyle): Version {
  const derived = deriveProgression(progression, school);
  const locked = derived.map(({ column }) => lockedVoices(column.locks));
  const voices = progression.view === 'four-part' && locked.every((notes) => notes !== null) ? locked : [];
  return { derived, voices, pattern: progression.pattern, tempo: progression.tempo };
}
