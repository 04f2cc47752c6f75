import { type Chord, memberNote } from '../chord/chord';
import { stackQuality } from '../chord/stackQuality';
import { LETTERS, sameName, type NoteName } from '../pitch/note';
import { qualityWords } from './names';
import type { NumeralParts } from '../label/numeralParts';

const SIGN_WORDS = ['triple flat', 'double flat', 'flat', '', 'sharp', 'double sharp', 'triple sharp'];
const FIGURE_WORDS: Record<string, string> = {
  '2': 'two',
  '3': 'three',
  '4': 'four',
  '5': 'five',
  '6': 'six',
  '7': 'seven',
  '9': 'nine',
  '11': 'eleven',
  '13': 'thirteen',
};

/** A note name as it is spoken: `F sharp`. */
export function speakNoteName(name: NoteName): string {
  const sign = SIGN_WORDS[name.alteration + 3];
  return LETTERS[name.step]! + (sign ? ` ${sign}` : '');
}

/** A chord as it is spoken: `F sharp dominant seventh over A sharp`. */
export function speakChord(chord: Chord): string {
  const lowest = chord.members[0] ? memberNote(chord.root, chord.members[0]) : chord.root;
  const over = sameName(chord.bass, lowest) ? '' : ` over ${speakNoteName(chord.bass)}`;
  return `${speakNoteName(chord.root)} ${qualityWords(stackQuality(chord.members)).replace(' triad', '')}${over}`;
}

/** A numeral as it is spoken: `V six-five of ii`. */
export function speakNumeral(parts: NumeralParts): string {
  const quality = { '': '', o: ' diminished', ø: ' half-diminished', '+': ' augmented' }[parts.quality];
  const figures = parts.figures.map((figure) => FIGURE_WORDS[figure] ?? figure).join('-');
  const prefix =
    parts.prefix === ''
      ? ''
      : `${SIGN_WORDS[3 + (parts.prefix.startsWith('b') ? -parts.prefix.length : parts.prefix.length)]} `;
  const words = [
    `${prefix}${parts.roman}${quality}`,
    parts.word,
    figures,
    parts.rest.replace(/[[\]]/g, ' ').replaceAll('b', ' flat ').replaceAll('#', ' sharp '),
  ];
  const own = words
    .filter((word) => word !== '')
    .join(' ')
    .replace(/\s+/g, ' ')
    .trim();
  return parts.target ? `${own} of ${speakNumeral(parts.target)}` : own;
}
