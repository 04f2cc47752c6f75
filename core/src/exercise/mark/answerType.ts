/** What an answer of a kind is. */
export type AnswerType =
  | 'interval' | 'note' | 'key' | 'word' | 'numeral' | 'chord' | 'figured' | 'notes' | 'labels' | 'heard'
  | 'map' | 'voices' | 'faults' | 'text'; // prettier-ignore

const TYPES: Readonly<Record<string, AnswerType>> = {
  'note-name': 'note',
  'signature-name': 'key',
  'signature-write': 'notes',
  'scale-write': 'notes',
  'degree-name': 'word',
  'interval-name': 'interval',
  'interval-build': 'note',
  'interval-invert': 'interval',
  'triad-name': 'chord',
  'seventh-name': 'chord',
  'extended-name': 'chord',
  'triad-build': 'notes',
  'seventh-build': 'notes',
  'extended-build': 'notes',
  'inversion-turn': 'notes',
  'chord-map': 'map',
  'numeral-label': 'numeral',
  'numeral-build': 'notes',
  'figures-name': 'figured',
  'figures-realise': 'voices',
  'work-back': 'labels',
  'progression-label': 'labels',
  'cadence-name': 'word',
  'cadence-write': 'labels',
  'key-find': 'key',
  'parts-complete': 'voices',
  'parts-faults': 'faults',
  transpose: 'notes',
  harmonise: 'labels',
  'score-label': 'labels',
  listen: 'heard',
  written: 'text',
};

export const answerType = (kind: string): AnswerType => TYPES[kind] ?? 'text';
