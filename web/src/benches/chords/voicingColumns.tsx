import {
  cautionWords,
  BEYOND_HAND,
  chordFingering,
  displayNoteName,
  halfStepsUp,
  layOut,
  MANNERS,
  memberWord,
  parseKey,
  printedFifths,
  printMember,
  speakChord,
  type Chord,
  type Note,
  type LabelStyle,
  type Voicing,
  type VoicingManner,
} from '@diatonix/core';
import type { GridColumn, GridRow } from '../../columns/types';
import type { Engraver } from '@diatonix/engraving';
import { GRAND_STAFF } from '../../notation/frames';
import type { ChordStudy } from '../../documents/kinds/chord/type';

export const VOICING_ROWS: readonly GridRow[] = [
  { id: 'manner', label: 'Laid out', kind: 'root', parted: true },
  { id: 'notes', label: 'Letters', kind: 'text' },
  { id: 'gaps', label: 'Gaps', kind: 'soft' },
  { id: 'out', label: 'Left out', kind: 'text', parted: true },
  { id: 'right', label: 'Right hand', kind: 'soft' },
  { id: 'left', label: 'Left hand', kind: 'soft' },
  { id: 'caution', label: 'Register', kind: 'soft', parted: true },
];

const NAMES: Record<VoicingManner, string> = {
  close: 'close',
  open: 'open',
  'drop-2': 'drop 2',
  'drop-3': 'drop 3',
  'four-part': 'four parts',
  'two-hand': 'two hands',
};

/** The chord laid out in every manner that it has the notes for. */
export function voicingsOf(chord: Chord, doubled: readonly string[]): Voicing[] {
  const twice = chord.members.filter((member) => doubled.includes(printMember(member)));
  return MANNERS.flatMap((manner) => layOut(chord, manner, twice) ?? []);
}

export function voicingColumns(
  chord: Chord,
  voicings: readonly Voicing[],
  bench: ChordStudy,
  school: LabelStyle,
  engraver: Engraver | null,
): GridColumn[] {
  const fifths = printedFifths(parseKey(bench.key));
  const row = (notes: readonly Note[]) =>
    notes.map((note) => displayNoteName(note, school.letters)).join(' ');
  return voicings.map((voicing) => {
    const { manner, lower, upper, leftOut, cautions } = voicing;
    const notes = [...lower, ...upper];
    const staves = [
      { clef: 'treble' as const, notes: upper },
      { clef: 'bass' as const, notes: lower },
    ];
    return {
      id: manner,
      sentence: [
        `${speakChord(chord)} ${NAMES[manner]}: ${row(notes)}`,
        ...cautions.map((one) => cautionWords(one, school)),
      ].join(', '),
      staff: engraver?.column(staves, GRAND_STAFF, fifths, 'w') ?? null,
      cells: {
        manner: { text: NAMES[manner] },
        notes: { text: row(notes) },
        gaps: { text: halfStepsUp(notes).join(' · ') },
        out: { text: leftOut.map((member) => memberWord(member)).join(', ') || 'nothing' },
        right: { text: fingers(upper, 'right') },
        left: { text: fingers(lower, 'left') },
        caution: { text: cautions.map((one) => cautionWords(one, school))[0] ?? 'comfortable' },
      },
    };
  });
}

function fingers(notes: readonly Note[], hand: 'right' | 'left'): string {
  if (notes.length === 1) return '1';
  const fingering = chordFingering(notes);
  return fingering ? `${fingering[hand].join(' ')}${fingering.stretch ? ', a stretch' : ''}` : BEYOND_HAND;
}
