import { DEFAULT_SYMBOLS, type SymbolSchool } from '../school/school';
import {
  displayNoteName,
  printNoteName,
  accidentalGlyph,
  accidentalAscii,
  type LetterSystem,
} from '../pitch/print';
import { sameName, type NoteName } from '../pitch/note';
import { memberNote, type Chord, type Member } from './chord';
import { describe, shorten, type Description, type Detail } from './describe';

export interface SymbolOptions {
  readonly school?: SymbolSchool;
  /** Real accidental signs instead of b and #. */
  readonly glyphs?: boolean;
  readonly letters?: LetterSystem;
  /** `exact` by default, so that reading the symbol gives the same chord. */
  readonly detail?: Detail;
}

/** Prints a chord symbol. With `exact` detail, parseSymbol reads the same chord back. */
export function printSymbol(chord: Chord, options: SymbolOptions = {}): string {
  const description = describe(chord.members);
  const name = (note: NoteName) => rootName(note, options);
  const plainRoot = chord.members[0] ? memberNote(chord.root, chord.members[0]) : chord.root;
  const inverted = !sameName(chord.bass, plainRoot);
  return (
    name(chord.root) +
    symbolSuffix(description, chord.members, options) +
    (inverted ? `/${name(chord.bass)}` : '')
  );
}

/** A root or bass as symbols have it: fixed-do syllables with a capital, Sib7. */
function rootName(note: NoteName, { letters = 'english', glyphs = false }: SymbolOptions): string {
  if (letters === 'english' && !glyphs) return printNoteName(note);
  const name =
    letters === 'fixed-do' ? capital(displayNoteName(note, letters)) : displayNoteName(note, letters);
  return glyphs
    ? name
    : name.replaceAll('𝄪', '##').replaceAll('𝄫', 'bb').replaceAll('♯', '#').replaceAll('♭', 'b');
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** The part of the symbol after the root: `m7`, `maj13#11`. */
export function symbolSuffix(
  whole: Description,
  members: readonly Member[],
  options: SymbolOptions = {},
): string {
  const school = options.school ?? DEFAULT_SYMBOLS;
  const sign = options.glyphs ? accidentalGlyph : accidentalAscii;
  const write = (m: Member) => sign(m.alteration) + m.degree;
  if (isAltered(members)) return '7alt';
  const { triad, seventh, sixth, top, altered, added, omitted } = shorten(whole, options.detail ?? 'exact');
  let text = baseText(triad, seventh, sixth, top, school, options.glyphs === true);
  if (altered.length > 0) {
    const parts = altered.map((m) => (m.alteration === 0 ? `(${m.degree})` : write(m)));
    text += /\d$/.test(text) ? parts.join('') : `(${parts.join(',')})`;
  }
  if (triad.startsWith('sus') && seventh !== null) text += triad;
  const ninth =
    sixth && text.endsWith('6') && triad !== 'power'
      ? added.find((m) => m.degree === 9 && m.alteration === 0)
      : undefined;
  if (ninth) text += '/9';
  for (const member of added) if (member !== ninth) text += `add${write(member)}`;
  const left = triad === 'power' ? omitted.filter((degree) => degree !== 3) : omitted;
  return left.length > 0 ? `${text}(no${left.join(',')})` : text;
}

/** Both altered fifths and both altered ninths on a dominant seventh: 7alt. */
function isAltered(members: readonly Member[]): boolean {
  if (members.length !== 7) return false;
  const text = members.map((m) => `${m.degree}:${m.alteration}`).join(' ');
  return text === '1:0 3:0 5:-1 5:1 7:-1 9:-1 9:1';
}

function baseText(
  triad: Description['triad'],
  seventh: Description['seventh'],
  sixth: boolean,
  top: number,
  school: SymbolSchool,
  glyphs: boolean,
): string {
  const flatFive = glyphs ? '♭5' : 'b5';
  const major = school.majorSeventh === 'maj7' ? 'maj' : school.majorSeventh === 'M7' ? 'M' : '△';
  const { minor } = school;
  if (seventh === null) return triadText(triad, sixth ? '6' : '', school, flatFive);
  const number = String(top);
  switch (triad) {
    case 'minor':
      if (seventh === 'major') return minor + (major === 'maj' ? 'Maj' : major) + number;
      return minor + number;
    case 'diminished':
      if (seventh === 'minor')
        return school.halfDiminished === 'ø7' ? `ø${number}` : `${minor}${number}${flatFive}`;
      return school.diminished + (seventh === 'major' ? (major === 'maj' ? 'Maj' : major) : '') + number;
    case 'augmented':
      return school.augmented + (seventh === 'major' ? major : '') + number;
    case 'flat-five':
      return (seventh === 'major' ? major : '') + number + flatFive;
    default:
      return (seventh === 'major' ? major : '') + number;
  }
}

function triadText(triad: Description['triad'], six: string, school: SymbolSchool, flatFive: string): string {
  switch (triad) {
    case 'minor':
      return school.minor + six;
    case 'diminished':
      return school.diminished;
    case 'augmented':
      return school.augmented + six;
    case 'flat-five':
      return `${six}(${flatFive})`;
    case 'power':
      return six === '' ? '5' : '5add6';
    case 'major':
    case 'no-third':
      return six;
    default:
      return six + triad;
  }
}
