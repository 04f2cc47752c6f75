import type { SheetSectionBody } from '../../documents/kinds/sheet/type';

type Start = Omit<SheetSectionBody, 'id' | 'seed' | 'exchanged' | 'instruction'>;

/** Sheets to begin with, from first triads to figured bass. */
export const STARTS: readonly { readonly name: string; readonly sections: readonly Start[] }[] = [
  {
    name: 'Intervals and inversions',
    sections: [
      { kind: 'interval-name', count: 8, marks: 2, material: { accidentals: 'signature' } },
      {
        kind: 'interval-build',
        count: 4,
        marks: 2,
        material: { intervals: ['m3', 'M3', 'P4', 'P5', 'm6', 'M6'] },
      },
      { kind: 'interval-invert', count: 4, marks: 2, material: { accidentals: 'signature' } },
    ],
  },
  {
    name: 'First triads',
    sections: [
      {
        kind: 'triad-name',
        count: 8,
        marks: 2,
        material: { qualities: ['major', 'minor'], inversions: [0], accidentals: 'signature' },
      },
      {
        kind: 'triad-build',
        count: 4,
        marks: 2,
        material: { qualities: ['major', 'minor'], inversions: [0] },
      },
    ],
  },
  {
    name: 'Triads in inversion',
    sections: [
      { kind: 'triad-name', count: 8, marks: 3, material: {} },
      { kind: 'inversion-turn', count: 4, marks: 2, material: { qualities: ['major', 'minor'] } },
      { kind: 'triad-build', count: 4, marks: 3, material: {} },
    ],
  },
  {
    name: 'Sevenths',
    sections: [
      { kind: 'seventh-name', count: 8, marks: 3, material: { accidentals: 'single' } },
      { kind: 'seventh-build', count: 4, marks: 3, material: {} },
    ],
  },
  {
    name: 'Chords in a key',
    sections: [
      { kind: 'numeral-label', count: 8, marks: 2, material: { inversions: [0, 1] } },
      { kind: 'numeral-build', count: 4, marks: 2, material: {} },
      { kind: 'cadence-name', count: 3, marks: 2, material: {} },
    ],
  },
  {
    name: 'Figured bass',
    sections: [
      { kind: 'figures-name', count: 8, marks: 3, material: {} },
      { kind: 'progression-label', count: 2, marks: 7, material: { also: true } },
    ],
  },
];
