import { keyFromSignature, parseKey, printedFifths, type Mode } from '../../key/key';
import { CLEFS, type Clef } from '../../key/scale';
import { lineOfFifths, midiNumber, type Note } from '../../pitch/note';
import { parseNote, parseNoteName } from '../../pitch/parse';
import { soundIn } from '../kinds/listen/sound';
import { dividedAnswer } from './also';
import type { Question } from './question';

/** What of a question stands on staves; a question in words alone has none. */
export interface Put {
  readonly clefs: readonly Clef[];
  /** Sharps, or flats below zero, of the signature that stands there. */
  readonly fifths: number;
  /** For each staff its notes moment by moment, the lowest first; an empty moment is a rest of the staff. */
  readonly staves: readonly (readonly (readonly Note[])[])[];
  /** Whether the answer is written on the staff. */
  readonly written: boolean;
}

/** Kinds whose answers are written on the staff, and those that show no signature: it is asked for. */
const WRITTEN = new Set([
  'signature-write',
  'scale-write',
  'interval-build',
  'triad-build',
  'seventh-build',
  'extended-build',
  'inversion-turn',
  'transpose',
  'parts-complete',
  'figures-realise',
]);
const BARE = new Set(['signature-write', 'scale-write']);
const MIDDLE_C = 60;

/** What stands on the page of a question, by what is given in it. */
export function putOf({ kind, given }: Pick<Question, 'kind' | 'given'>): Put {
  const written = WRITTEN.has(kind);
  const fifths = BARE.has(kind) ? 0 : fifthsOf(given);
  const moments = momentsOf(kind, given);
  const clef = given['clef'];
  if (clef === 'grand') {
    // Four voices stand where they are sung, whatever their height.
    const voices = given['voices'];
    if (Array.isArray(voices)) {
      // A voice that is to be written leaves its place empty.
      const pair = (first: number) =>
        (voices as (string | null)[][]).map((own) =>
          [own[first + 1]!, own[first]!].filter((text) => text !== null).map((text) => parseNote(text)),
        );
      return { clefs: ['treble', 'bass'], fifths, staves: [pair(0), pair(2)], written };
    }
    const of = (low: boolean) =>
      moments.map((notes) => notes.filter((note) => midiNumber(note) < MIDDLE_C === low));
    return { clefs: ['treble', 'bass'], fifths, staves: [of(false), of(true)], written };
  }
  if (!(CLEFS as readonly unknown[]).includes(clef)) return { clefs: [], fifths, staves: [], written };
  return { clefs: [clef as Clef], fifths, staves: [moments], written };
}

/** What stands on the page once it is answered, for kinds that are set in voices; else as it is asked. */
export function answeredPut({ kind, given, answers }: Question): Put {
  if (!SET.has(kind)) return putOf({ kind, given });
  const { clef, key } = given;
  return putOf({ kind, given: { clef, key, voices: answers[0] } });
}
const SET = new Set(['parts-complete', 'figures-realise']);

/** What is heard of a question, moment by moment: what is played to be named, or what stands on its staves. */
export function soundOf(question: Question): (readonly Note[])[] {
  if (question.kind === 'listen') return soundIn(question.given);
  const { staves } = putOf(question);
  return (staves[0] ?? []).map((_, at) => staves.flatMap((own) => own[at]!));
}

/** What stands under the moments of a staff: blanks to fill in, or what is given there, moment by moment. */
export function underStaff({ kind, given, answers }: Question): {
  readonly blank: boolean;
  readonly texts: readonly (string | readonly string[])[];
} | null {
  if (LABELLED.has(kind))
    return { blank: true, texts: dividedAnswer(given, answers[0]).own as readonly string[] };
  if (kind === 'parts-complete') return { blank: false, texts: given['numerals'] as readonly string[] };
  if (kind === 'figures-realise') return { blank: false, texts: given['figures'] as readonly string[][] };
  return null;
}
const LABELLED = new Set(['progression-label', 'score-label', 'harmonise']);

function fifthsOf(given: Question['given']): number {
  if (typeof given['key'] === 'string') return printedFifths(parseKey(given['key']));
  const signs = given['signature'];
  if (!Array.isArray(signs)) return 0;
  const sharps = signs.every((sign) => lineOfFifths(parseNoteName(String(sign))) > 5);
  return printedFifths(keyFromSignature(sharps ? signs.length : -signs.length, given['mode'] as Mode));
}

/** Notes of the given moment by moment: two notes or a line one after the other, a chord together. */
function momentsOf(kind: string, given: Question['given']): (readonly Note[])[] {
  if (given['clef'] === undefined) return [];
  const note = (field: string) => (typeof given[field] === 'string' ? [parseNote(given[field])] : null);
  const earlier = Array.isArray(given['earlier'])
    ? (given['earlier'] as string[]).map((text) => [parseNote(text)])
    : [];
  const alone = [...earlier, note('from'), note('to'), note('note'), note('bass')].filter(
    (one) => one !== null,
  );
  if (alone.length > 0) return alone;
  if (Array.isArray(given['basses'])) return (given['basses'] as string[]).map((text) => [parseNote(text)]);
  if (Array.isArray(given['chords']))
    return (given['chords'] as string[][]).map((chord) => chord.map((text) => parseNote(text)));
  if (!Array.isArray(given['notes'])) return [];
  const notes = (given['notes'] as string[]).map((text) => parseNote(text));
  return typeof given['by'] === 'string' || kind === 'harmonise' ? notes.map((one) => [one]) : [notes];
}
