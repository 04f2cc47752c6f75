import { notesFromBass } from '../../chord/chord';
import { attempt, TheoryError } from '../../errors';
import type { Key } from '../../key/key';
import { chordOfNumeral } from '../../label/numeral';
import { parseNumeral } from '../../label/numeralParse';
import { sameName } from '../../pitch/note';
import { parseNote } from '../../pitch/parse';
import { checkVoicing } from '../../voicing/check';
import type { FourNotes } from '../../voicing/fourPart';
import { keyIn } from '../givenReading';
import { isTextLists, listOf, unread, type AnswerForm, type Judgement, type PartMark } from './answerForm';
import { parseNoteAnswer } from './noteAnswer';

/** How a voice that is not written is typed among the others, and how else it may be. */
export const OPEN_VOICE = '-';
const OPEN = /^[-–—_?]$/;

/** What four voices are set to, and what of them has to stay. */
interface ToSet<Given> {
  readonly numerals: (given: Given) => readonly string[];
  /** Whether a chord keeps what was given of it. */
  readonly keeps: (given: Given, at: number, own: readonly string[]) => boolean;
}

/**
 * Marks voices chord by chord: the notes have to be the chord's, what was given has to stand, and the rules count
 * where the second of two chords stands. Throws TheoryError `request` for voices that are not four.
 */
function judge<Given extends { readonly key?: string | undefined }>(
  given: Given,
  said: readonly (readonly string[])[],
  { numerals: numeralsOf, keeps }: ToSet<Given>,
): Judgement {
  const key = keyIn(given);
  const numerals = numeralsOf(given);
  if (said.length !== numerals.length || said.some((own) => own.length !== 4))
    throw new TheoryError(
      'request',
      `${said.length} chords`,
      `four voices of ${numerals.length} chords are wanted.`,
      'Write each chord from the bass up, with | between chords: G2 G3 D4 B4 | C3 G3 E4 C5.',
    );
  // A chord that is not whole yet has no marks, and says nothing of its neighbours.
  const voices = said.map((own) =>
    own.includes(NOTHING) ? null : (own.map((text) => parseNote(text)) as unknown as FourNotes),
  );
  const faults = faultsOfWhole(voices, key);
  const parts = voices.flatMap((own, at): PartMark[] => {
    const chord = attempt(() => notesFromBass(chordOfNumeral(parseNumeral(numerals[at]!, key), key)));
    const inChord =
      own !== null &&
      chord.ok &&
      own.every((note) => chord.value.some((name) => sameName(name, note))) &&
      sameName(own[3], chord.value[0]!) &&
      keeps(given, at, said[at]!);
    const clean = faults.every((fault) => fault.at !== at + 1);
    return [
      { part: `chord ${at + 1}, notes`, got: inChord ? 1 : 0, of: 1 },
      { part: `chord ${at + 1}, rules`, got: clean && inChord ? 1 : 0, of: 1 },
    ];
  });
  return { parts, off: 0, ...(faults.length > 0 ? { faults } : {}) };
}

/** An open voice in an answer that is read. */
const NOTHING = '';

/** The faults of voices, counted from chord 1, in each run of chords that are whole. */
function faultsOfWhole(voices: readonly (FourNotes | null)[], key: Key): { at: number; rule: string }[] {
  const runs: { from: number; own: FourNotes[] }[] = [];
  voices.forEach((own, at) => {
    if (own === null) return;
    const last = runs.at(-1);
    if (last && last.from + last.own.length === at) last.own.push(own);
    else runs.push({ from: at, own: [own] });
  });
  return runs.flatMap(({ from, own }) =>
    checkVoicing(own, key).map(({ at, rule }) => ({ at: from + at + 1, rule })),
  );
}

/** Four voices for each chord, from the soprano down; in a line they are typed from the bass up. */
export function voicesAnswer<Given extends { readonly key?: string | undefined }>(
  toSet: ToSet<Given>,
): AnswerForm<readonly (readonly string[])[], Given> {
  return {
    name: 'voices',
    isAnswer: isTextLists,
    read(raw, _given, school) {
      const chords =
        typeof raw === 'string' ? raw.split('|').map((chord) => chord.trim().split(/\s+/).reverse()) : raw;
      if (!Array.isArray(chords))
        throw unread(
          raw,
          'these are not voices.',
          'Write each chord from the bass up: G2 G3 D4 B4 | C3 G3 E4 C5.',
        );
      return chords.map((own) =>
        listOf(own).map((text) => (OPEN.test(text) ? NOTHING : parseNoteAnswer(text, school))),
      );
    },
    parts: (_right, said, given) => judge(given, said, toSet).parts,
    judge: (said, _right, given) => judge(given, said, toSet),
    typed: (answer) =>
      answer
        .map((own) =>
          [...own]
            .reverse()
            .map((note) => note || OPEN_VOICE)
            .join(' '),
        )
        .join(' | '),
  };
}
