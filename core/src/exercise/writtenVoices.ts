/** Four voices as they are filled in one by one: what is given stands, and the rest is written or still open. */
import { attempt } from '../errors';
import { parseKey, type Key } from '../key/key';
import { parseNote } from '../pitch/parse';
import { OPEN_VOICE } from './answers/voicesAnswer';
import { checkedKind } from './checkQuestion';
import { voicesOnStaff, type StaffLayout } from './layout/staffLayout';
import type { Question } from './question';

/** Soprano, alto, tenor and bass of each chord; null for one that is not written. */
export type OpenVoices = readonly (readonly (string | null)[])[];

/** The voices that a question gives; null for a question that is not answered in four voices. */
export function voicesAsked(question: Pick<Question, 'kind' | 'given'>): OpenVoices | null {
  const given = attempt(() => checkedKind(question).voices?.(question.given) ?? null);
  return given.ok ? given.value : null;
}

/** The voices after what was typed, each chord from the bass up; what is given stands whatever is typed. */
export function voicesAfter(given: OpenVoices, typed: string): OpenVoices {
  const chords = typed.split('|').map((chord) => chord.trim().split(/\s+/).filter(Boolean).reverse());
  return given.map((own, at) =>
    own.map(
      (note, voice) =>
        note ?? ([undefined, '', OPEN_VOICE].includes(chords[at]?.[voice]) ? null : chords[at]![voice]!),
    ),
  );
}

/** The voices as they are typed in a line; empty where nothing is written beside what is given. */
export function typedVoices(given: OpenVoices, voices: OpenVoices): string {
  const isWritten = voices.some((own, at) =>
    own.some((note, voice) => note !== null && given[at]![voice] === null),
  );
  if (!isWritten) return '';
  return voices
    .map((own) =>
      [...own]
        .reverse()
        .map((note) => note ?? OPEN_VOICE)
        .join(' '),
    )
    .join(' | ');
}

/** A place in the voices: a chord, and a voice from the soprano down. */
export interface OpenPlace {
  readonly at: number;
  readonly voice: number;
}

/** The next place after one where nothing stands; the place itself where everything is written. */
export function nextOpenVoice(voices: OpenVoices, { at, voice }: OpenPlace): OpenPlace {
  const places = voices.flatMap((own, chord) => own.map((_, part) => ({ at: chord, voice: part })));
  const here = places.findIndex((one) => one.at === at && one.voice === voice);
  const order = [...places.slice(here + 1), ...places.slice(0, here + 1)];
  return order.find((one) => voices[one.at]![one.voice] === null) ?? { at, voice };
}

/** The voices on two staves; what cannot be read as a note is left out. */
export function voicesDrawn(key: string | undefined, voices: OpenVoices): StaffLayout {
  const sound = voices.map((own) =>
    own.map((note) => (note !== null && attempt(() => parseNote(note)).ok ? note : null)),
  );
  return voicesOnStaff(key, sound, true);
}

/** The key of a question in four voices; C major where it gives none that can be read. */
export function keyOfVoices({ given }: Pick<Question, 'given'>): Key {
  const key = attempt(() => parseKey(String(given['key'])));
  return key.ok ? key.value : parseKey('C major');
}
