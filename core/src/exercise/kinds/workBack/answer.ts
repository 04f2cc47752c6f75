import { describe } from '../../../chord/describe';
import { type Chord, stackedNotes } from '../../../chord/chord';
import { isMinorTarget, type WorkedBackChord } from '../../../context/workBack';
import { attempt } from '../../../errors';
import type { Key } from '../../../key/key';
import { chordOfNumeral } from '../../../label/numeral';
import { parseNumeral } from '../../../label/numeralParse';
import { printNumeral } from '../../../label/numeralPrint';
import { entryOf, chordOfEntry } from '../../../line/entry';
import { sameName } from '../../../pitch/note';
import { printNoteName } from '../../../pitch/print';
import type { LabelStyle } from '../../../school/school';
import { type AnswerForm, listOf, partMark } from '../../answers/answerForm';
import { LABELS_ANSWER } from '../../answers/numeralAnswer';
import { keyIn } from '../../givenReading';
import type { WorkBackGiven } from './given';
import { formsOf, soughtIn } from './solve';

/**
 * A chord that was worked back, as a numeral, a symbol or notes, in the numeral of the key: one that does what is
 * sought is called as the right answers call it.
 */
function readChord(text: string, found: WorkedBackChord | undefined, key: Key, school: LabelStyle): string {
  const { chord, numeral } = chordOfEntry(entryOf(text, key, school), key);
  const same = found && formsOf(found, key).find((form) => sameChord(form, chord, key));
  return same ?? printNumeral(numeral, key);
}

function sameChord(form: string, chord: Chord, key: Key): boolean {
  const own = chordOfNumeral(parseNumeral(form, key), key);
  const names = (one: Chord) => stackedNotes(one).map(printNoteName).sort().join();
  return sameName(own.root, chord.root) && names(own) === names(chord);
}

/** Whether a chord does what is sought: its root is the deduced one, its seventh and its inversion are free. */
function does(text: string, { role, numeral, target }: WorkedBackChord, key: Key): boolean {
  const chord = attempt(() => chordOfNumeral(parseNumeral(text, key), key));
  if (!chord.ok || !sameName(chord.value.root, chordOfNumeral(numeral, key).root)) return false;
  const { triad, seventh } = describe(chord.value.members);
  if (role === 'V') return triad === 'major' && seventh !== 'major';
  if (!isMinorTarget(target)) return triad === 'minor' && seventh !== 'major';
  return (triad === 'diminished' && seventh !== 'diminished') || (triad === 'minor' && seventh === 'minor');
}

/** The chords that go to a target, in numerals, symbols or notes; their sevenths and inversions are free. */
export const WORK_BACK_ANSWER: AnswerForm<readonly string[], WorkBackGiven> = {
  ...LABELS_ANSWER,
  read(raw, given, school) {
    const key = keyIn(given);
    const sought = soughtIn(given);
    const list = typeof raw === 'string' && sought.length === 1 ? [raw.trim()] : chordsOf(raw);
    return list.map((text, at) => readChord(text, sought[at], key, school));
  },
  parts: (right, said, given) => {
    const sought = soughtIn(given);
    return right.map((one, at) =>
      partMark(
        sought.length === 1 ? 'chord' : `chord ${at + 1}`,
        one === said[at] || (said[at] !== undefined && does(said[at], sought[at]!, keyIn(given))),
      ),
    );
  },
  isRight: (said, _right, given) => {
    const sought = soughtIn(given);
    return said.length === sought.length && said.every((text, at) => does(text, sought[at]!, keyIn(given)));
  },
};

/** Chords one after the other; notes of one stand in brackets. */
const chordsOf = (raw: unknown): string[] =>
  typeof raw === 'string' ? (raw.match(/\([^)]*\)|[^\s,;]+/g) ?? []) : listOf(raw);
