import { makeChord, type Chord } from '../../chord/chord';
import { parseSymbol } from '../../chord/symbolParse';
import { printSymbol } from '../../chord/symbolPrint';
import { attempt } from '../../errors';
import { LETTERS, noteName, transposedNote, type Note, type NoteName } from '../../pitch/note';
import { all, childrenOf, find, numberIn, xmlText, type XmlNode } from './dom';
import { membersOfKind, type Degree } from './kinds';
import { LEFT, type Remarks } from './remarks';

/** How far the notes of a part sound from where they are written. */
export interface Transposition {
  readonly letters: number;
  readonly halfSteps: number;
}

/** Letters that a transposition by half steps goes, where a file does not say it (common practice). */
const LETTERS_OF_HALF_STEPS = [0, 1, 1, 2, 2, 3, 3, 4, 5, 5, 6, 6];

/** The `transpose` of a part; null where there is none. */
export function readTransposition(attributes: readonly XmlNode[]): Transposition | null {
  const node = find(attributes, 'transpose');
  if (!node) return null;
  const children = childrenOf(node);
  const octaves = Math.trunc(numberIn(find(children, 'octave-change')) ?? 0);
  const chromatic = Math.trunc(numberIn(find(children, 'chromatic')) ?? 0);
  const size = Math.abs(chromatic);
  const usual = Math.sign(chromatic) * (LETTERS_OF_HALF_STEPS[size % 12]! + 7 * Math.floor(size / 12));
  const letters = Math.trunc(numberIn(find(children, 'diatonic')) ?? usual);
  if (Math.abs(chromatic) > 48 || Math.abs(letters) > 28 || Math.abs(octaves) > 4) return null;
  return { letters: letters + 7 * octaves, halfSteps: chromatic + 12 * octaves };
}

/** A name of a note under `prefix-step` and `prefix-alter`; null where there is none that can be read. */
export function readNoteElementName(
  nodes: readonly XmlNode[],
  prefix: string,
  remarks: Remarks,
  where: string,
): NoteName | null {
  const letter = xmlText(find(nodes, `${prefix}step`));
  const step = letter.length === 1 ? LETTERS.indexOf(letter) : -1;
  const alter = numberIn(find(nodes, `${prefix}alter`)) ?? 0;
  if (!Number.isInteger(alter)) remarks.add(LEFT.quarterTone, where);
  const named = step < 0 ? null : attempt(() => noteName(step, Math.trunc(alter)));
  return named?.ok ? named.value : null;
}

/** The sounding pitch of a note; null for a rest, for percussion, and for what cannot be read, which is told. */
export function readPitch(
  nodes: readonly XmlNode[],
  transposition: Transposition | null,
  remarks: Remarks,
  where: string,
): Note | null {
  if (find(nodes, 'unpitched')) remarks.add(LEFT.unpitched, where);
  const pitch = find(nodes, 'pitch');
  if (!pitch) return null;
  const children = childrenOf(pitch);
  const octave = numberIn(find(children, 'octave'));
  const name = readNoteElementName(children, '', remarks, where);
  const written = name && octave !== null && Number.isInteger(octave) ? { ...name, octave } : null;
  const note = written && transposition ? soundingOf(written, transposition) : written;
  if (note && note.octave >= 0 && note.octave <= 9) return note;
  remarks.add(LEFT.pitch, where);
  return null;
}

function soundingOf(written: Note, { letters, halfSteps }: Transposition): Note | null {
  const moved = attempt(() => transposedNote(written, letters, halfSteps));
  return moved.ok ? moved.value : null;
}

/** The chord of a `harmony`; null for a kind without notes of its own. */
export function readChordSymbol(
  nodes: readonly XmlNode[],
  root: NoteName,
  remarks: Remarks,
  where: string,
): Chord | null {
  const bassNode = find(nodes, 'bass');
  const bass = bassNode
    ? (readNoteElementName(childrenOf(bassNode), 'bass-', remarks, where) ?? undefined)
    : undefined;
  const degrees = all(nodes, 'degree').flatMap((node): Degree[] => {
    const children = childrenOf(node);
    const type = xmlText(find(children, 'degree-type'));
    const degree = numberIn(find(children, 'degree-value'));
    if (degree === null || !Number.isInteger(degree) || degree < 1 || degree > 13) return [];
    const alter = Math.trunc(numberIn(find(children, 'degree-alter')) ?? 0);
    return [{ degree, alter, type: type === 'subtract' || type === 'alter' ? type : 'add' }];
  });
  const list = membersOfKind(xmlText(find(nodes, 'kind')), degrees);
  if (!list) return null;
  const chord = attempt(() => {
    const made = makeChord(root, list, bass);
    return parseSymbol(printSymbol(made));
  });
  return chord.ok ? chord.value : null;
}
