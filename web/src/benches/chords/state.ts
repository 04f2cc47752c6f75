import { FAMILIES, printSymbol, type Chord, type Clef } from '@diatonix/core';
import { createDesk, deskOneOf } from '../../documents/store/desk';
import type { ChordStudy } from '../../documents/kinds/chord/type';
import { editSingle } from '../../documents/store/store';

export const CHORD_VIEW_IDS = ['inversions', ...FAMILIES, 'voicings', 'parts', 'chain'] as const;
export type ChordView = (typeof CHORD_VIEW_IDS)[number];

/** The chord on the bench and how it is shown. */
export type ShownStudy = ChordStudy & { readonly view: ChordView };

/** What the Chords bench shows of the chord. */
export const CHORDS_DESK = createDesk<{ readonly view: ChordView }>('chords', {
  view: deskOneOf(CHORD_VIEW_IDS, 'inversions'),
});

const change = (words: string, part: Partial<ChordStudy>, burst?: string) =>
  editSingle('chord', words, (study) => ({ ...study, ...part }), burst);

/** Puts a chord on the bench; `burst` joins the keystrokes of one field into one edit. */
export const putChord = (chord: Chord, burst?: string) =>
  change('the chord', { symbol: printSymbol(chord) }, burst);

export const chooseChordKey = (key: string) => change('the key', { key });
export const chooseChordClef = (clef: Clef) => change('the clef', { clef });

/** Plays a member twice, or once again. */
export const toggleDoubled = (member: string) =>
  editSingle('chord', 'the doubled member', (study) => ({
    ...study,
    doubled: study.doubled.includes(member)
      ? study.doubled.filter((other) => other !== member)
      : [...study.doubled, member],
  }));

/** The line of chords to hear one after the other. */
export const typeChain = (chain: string) => change('typing in the chain', { chain }, 'chord-chain');
