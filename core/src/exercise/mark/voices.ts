import { attempt, TheoryError } from '../../errors';
import { chordOfNumeral } from '../../label/numeral';
import { parseNumeral } from '../../label/numeralParse';
import { notesFromBass } from '../../chord/chord';
import { parseKey } from '../../key/key';
import { sameName } from '../../pitch/note';
import { parseNote } from '../../pitch/parse';
import { checkSetting } from '../../voicing/check';
import type { FourNotes } from '../../voicing/fourPart';
import type { Given } from '../ask/question';
import { numeralsOfBass } from '../kinds/figuresRealise/ask';
import type { PartMark } from './parts';

/** Four voices as somebody wrote them, marked by the rules: they may be set in many ways. */
export interface VoicesMark {
  readonly parts: readonly PartMark[];
  /** Rules that are broken, with the chord counted from 1. */
  readonly faults: readonly { readonly at: number; readonly rule: string }[];
}

/**
 * Marks voices chord by chord: the notes have to be the chord's, what was given has to stand, and the rules count
 * where the second of two chords stands. Throws TheoryError `request` for voices that are not four.
 */
export function markVoices(kind: string, given: Given, said: readonly (readonly string[])[]): VoicesMark {
  const key = parseKey(String(given['key']));
  const numerals = kind === 'figures-realise' ? numeralsOfBass(given) : (given['numerals'] as string[]);
  if (said.length !== numerals.length || said.some((own) => own.length !== 4))
    throw new TheoryError(
      'request',
      `${said.length} chords`,
      `four voices of ${numerals.length} chords are wanted.`,
      'Give each chord from the soprano down: ["B4","D4","G3","G2"].',
    );
  const voices = said.map((own) => own.map((text) => parseNote(text)) as unknown as FourNotes);
  const faults = checkSetting(voices, key).map(({ at, rule }) => ({ at: at + 1, rule }));
  const parts = voices.flatMap((own, at): PartMark[] => {
    const chord = attempt(() => notesFromBass(chordOfNumeral(parseNumeral(numerals[at]!, key), key)));
    const inChord =
      chord.ok &&
      own.every((note) => chord.value.some((name) => sameName(name, note))) &&
      sameName(own[3], chord.value[0]!) &&
      stands(kind, given, at, said[at]!);
    const clean = faults.every((fault) => fault.at !== at + 1);
    return [
      { part: `chord ${at + 1}, notes`, got: inChord ? 1 : 0, of: 1 },
      { part: `chord ${at + 1}, rules`, got: clean && inChord ? 1 : 0, of: 1 },
    ];
  });
  return { parts, faults };
}

/** Whether what was given still stands. */
function stands(kind: string, given: Given, at: number, own: readonly string[]): boolean {
  if (kind === 'figures-realise') return (given['basses'] as string[])[at] === own[3];
  const fixed = (given['voices'] as (string | null)[][])[at]!;
  return fixed.every((note, voice) => note === null || note === own[voice]);
}
