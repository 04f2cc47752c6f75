import { printSymbol, type Chord, type Clef } from '@diatonix/core';
import type { ChordsBenchState } from '../../workbook/model';
import type { WorkbookState } from '../../workbook/store';

export interface ChordsActions {
  /** Puts a chord on the bench; `burst` joins the keystrokes of one field into one edit. */
  readonly putChord: (chord: Chord, burst?: string) => void;
  readonly chooseChordKey: (key: string) => void;
  readonly chooseChordClef: (clef: Clef) => void;
  /** Plays a member twice, or once again. */
  readonly toggleDoubled: (member: string) => void;
  /** The line of chords to hear one after the other. */
  readonly typeChain: (chain: string) => void;
  readonly chooseChordView: (view: ChordsBenchState['view']) => void;
}

/** What the Chords bench decides. */
export function chordsSlice(get: () => WorkbookState): ChordsActions {
  const change = (part: Partial<ChordsBenchState>, burst?: string) =>
    get().edit((workbook) => ({ ...workbook, chords: { ...workbook.chords, ...part } }), burst);
  return {
    putChord: (chord, burst) => change({ symbol: printSymbol(chord) }, burst),
    chooseChordKey: (key) => change({ key }),
    chooseChordClef: (clef) => change({ clef }),
    chooseChordView: (view) => change({ view }),
    toggleDoubled: (member) => {
      const { doubled } = get().workbook.chords;
      change({
        doubled: doubled.includes(member)
          ? doubled.filter((other) => other !== member)
          : [...doubled, member],
      });
    },
    typeChain: (chain) => change({ chain }, 'chord-chain'),
  };
}
