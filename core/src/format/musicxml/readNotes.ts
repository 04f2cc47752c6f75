import { makeChord, type Chord } from '../../chord/chord';
import { parseSymbol } from '../../chord/symbolParse';
import { printSymbol } from '../../chord/symbolPrint';
import { attempt } from '../../errors';
import { LETTERS, noteName, type Note, type NoteName } from '../../pitch/note';
import { all, childrenOf, find, integer, textOf, wrong, type Node } from './dom';
import { membersOfKind, type Degree } from './kinds';

export function readName(nodes: readonly Node[], prefix: string, where: string): NoteName {
  const letter = textOf(find(nodes, `${prefix}step`));
  const step = letter.length === 1 ? LETTERS.indexOf(letter) : -1;
  if (step < 0)
    throw wrong(
      letter || 'nothing',
      `a note in ${where} has no letter from A to G.`,
      'Each <step> holds one capital letter.',
    );
  return noteName(step, integer(find(nodes, `${prefix}alter`), `an alteration in ${where}`, 0));
}

export function readPitch(nodes: readonly Node[], where: string): Note | null {
  const pitch = find(nodes, 'pitch');
  if (!pitch) return null;
  const children = childrenOf(pitch);
  const octave = integer(find(children, 'octave'), `an octave in ${where}`);
  if (octave < 0 || octave > 9)
    throw wrong(`octave ${octave} in ${where}`, 'octaves go from 0 to 9.', 'Middle C is C4.');
  return { ...readName(children, '', where), octave };
}

/** The chord of a `harmony`; null for a kind without notes of its own. */
export function readSymbol(nodes: readonly Node[], root: NoteName, where: string): Chord | null {
  const kind = find(nodes, 'kind');
  const bassNode = find(nodes, 'bass');
  const bass = bassNode ? readName(childrenOf(bassNode), 'bass-', where) : undefined;
  const degrees = all(nodes, 'degree').map((node): Degree => {
    const children = childrenOf(node);
    const type = textOf(find(children, 'degree-type'));
    return {
      degree: integer(find(children, 'degree-value'), `a degree in ${where}`),
      alter: integer(find(children, 'degree-alter'), `a degree in ${where}`, 0),
      type: type === 'subtract' || type === 'alter' ? type : 'add',
    };
  });
  const list = membersOfKind(textOf(kind), degrees);
  if (!list) return null;
  const chord = attempt(() => {
    const made = makeChord(root, list, bass);
    return parseSymbol(printSymbol(made));
  });
  return chord.ok ? chord.value : null;
}
