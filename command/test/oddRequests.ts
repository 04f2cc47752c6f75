/** Requests of every kind as they should be, and a generator that turns their fields about. */
import { KINDS, askQuestions, MISTAKES_IN_WORDS } from '@diatonix/core';

type Json = unknown;

/** One sound request of every kind, with all the fields it may have. */
export const SOUND_REQUESTS: readonly Record<string, Json>[] = [
  { do: 'interval', from: 'G#4', to: 'F##5' },
  { do: 'transpose', from: 'Ab3', by: 'M6', below: false },
  { do: 'numeral', numeral: 'V65/ii', key: 'A major', notation: 'romantext', school: { applied: 'of' } },
  { do: 'chord', symbol: 'Ebm7', key: 'Bb minor' },
  { do: 'chord', notes: ['F3', 'A3', 'D4'], key: 'A minor' },
  { do: 'figures', key: 'A minor', bass: 'B', figures: ['#6', '4', '3'] },
  { do: 'figures', key: 'C major', bass: 'G', figures: ['6-5', '4-3'] },
  { do: 'key', key: 'F# minor', form: 'harmonic', school: { minorDegrees: 'flat' } },
  {
    do: 'progression',
    chords: [{ notes: ['B', 'D', 'G'], length: '1' }, { symbol: 'D7' }, { numeral: 'I' }],
    signature: 1,
    phraseEnds: [1],
    key: 'G major',
    keys: [{ from: 0, key: 'G major' }],
    splitCadences: true,
  },
  {
    do: 'setting',
    key: 'G major',
    chords: ['I', 'IV', 'V7', 'I'],
    melody: ['B4', null, null, null],
    alto: null,
    tenor: null,
    bass: ['G2'],
    count: 3,
    off: ['direct-fifths'],
    weights: { overlap: 2 },
  },
  {
    do: 'check',
    key: 'G major',
    voices: [
      ['B4', 'G4', 'D4', 'G2'],
      ['C5', 'G4', 'E4', 'C3'],
    ],
  },
  { do: 'harmonise', key: 'G major', melody: ['B4', 'A4', 'G4'], chords: ['I', 'IV', 'V7'] },
  { do: 'harmonise', key: 'A minor', bass: ['A2', 'E3', 'A2'], chords: ['i', 'V', 'iv'] },
];

/** A question of every kind, asked, marked, and with a mistake planted in it. */
const ASKED: readonly Record<string, Json>[] = KINDS.flatMap(({ id }, at) => {
  const { questions } = askQuestions({ kind: id, seed: 3, count: 2 });
  const mistake = MISTAKES_IN_WORDS[(7 * at) % MISTAKES_IN_WORDS.length]!;
  return [
    { do: 'ask', kind: id, seed: 3, count: 2, material: { clefs: ['treble', 'bass'], keys: ['D major'] } },
    ...questions.flatMap(({ kind, given, answers }) => [
      { do: 'mark', question: { kind, given, answers }, answer: answers[0] },
      { do: 'mark', question: { kind, given }, answer: answers[0] },
      { do: 'plant', question: { kind, given, answers }, mistake },
    ]),
  ];
});

const TEXTS = [
  '', ' ', 'toString', 'constructor', '__proto__', 'hasOwnProperty', 'null', '0', '-1', 'C', 'H', 'C4', 'c',
  'C##########4', 'Cbbbbbbbb9', 'C99999999999', 'Z major', 'C major', 'Fb minor', 'G# major', 'I', 'vii°7/V/V/V',
  'V/V/V/V/V/V/V/V', 'Ger65', 'N6', 'viiø43/bVI', 'IV[add6][no5]', 'I[', 'C13#11b9sus4/E', 'Cmaj', 'C/C/C', 'M6',
  'A99', 'd-1', 'P0', 'm999999999999', '6-5', '9-8-7', '#', '♯6♭4♮3', 'é\u0000\ud800', '𝄪', 'x'.repeat(500),
  '9'.repeat(60), '('.repeat(80), '1/0', '3/2', 'harmonic', 'romantext', '\n', '‮', '{"do":"key"}',
]; // prettier-ignore

/** What may well stand where a text stands: the reader goes on, and finds a fault later or none. */
const LIKELY = [
  'C', 'Eb', 'F#', 'Bbb', 'C4', 'Eb3', 'F##5', 'Cb-1', 'A minor', 'Eb minor', 'F# major', 'D dorian', 'a', 'I', 'ii',
  'V7', 'V43/V', 'viiø7', 'bVI', 'N6', 'It6', 'Fr43', 'I64', 'iv6', 'V9', 'iii13', '#ivo7', 'm3', 'A4', 'd5',
  'P11', 'M13',
  '6', '#6', '4-3', '7', '9', 'Cmaj7', 'Dm7b5', 'G7#9', 'C6/9', 'F/G', 'Bdim7', 'Aaug', 'E7sus4', 'C13',
  'natural', 'melodic',
]; // prettier-ignore

const VALUES: readonly Json[] = [
  null, true, false, 0, -1, 1, 7, 1e308, -0, 0.5, 1e-9, 4294967296, [], {}, [[]], [null], [{}], [[[[]]]],
  { length: 3 }, { '0': 'C' }, { toString: 1 }, { a: 1, b: 2 }, [1, 2, 3], ['C', 1, null], ['C4', 'E4', 'G4', 'C5'],
  { __proto__: null, constructor: 'x' }, [undefined], ['', ''], { from: -1 }, { notes: [] }, { symbol: null },
]; // prettier-ignore

/** A generator of numbers from 0 to 1, the same for the same seed. */
export function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

/** A line that begins as a sound request and has some of its fields and values turned about, or is no JSON. */
export function oddLine(random: () => number): string {
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
  const odd = (): Json => {
    const which = random();
    return which < 0.6 ? pick(LIKELY) : which < 0.82 ? pick(TEXTS) : pick(VALUES);
  };
  const turned = (value: Json, depth: number): Json => {
    if (random() < (typeof value === 'string' ? 0.25 : 0.04)) return odd();
    if (depth > 4 || typeof value !== 'object' || value === null) return value;
    if (Array.isArray(value)) {
      const list = value.map((one) => turned(one, depth + 1));
      if (random() < 0.2) list.splice(Math.floor(random() * (list.length + 1)), 0, odd());
      if (random() < 0.03) list.length = 0;
      return list;
    }
    const out: Record<string, Json> = {};
    for (const [name, one] of Object.entries(value)) {
      if (random() < 0.03) continue;
      out[random() < 0.04 ? pick(TEXTS) : name] =
        name === 'do' && random() < 0.98 ? one : turned(one, depth + 1);
    }
    if (random() < 0.04) out['school'] = odd();
    if (random() < 0.05) out[pick(['key', 'notes', 'chords', 'off', 'weights', 'keys', 'length'])] = odd();
    return out;
  };
  const line = JSON.stringify(turned(random() < 0.5 ? pick(SOUND_REQUESTS) : pick(ASKED), 0)) ?? '';
  const end = random();
  if (end < 0.02) return line.slice(0, Math.floor(random() * line.length)) || '{';
  if (end < 0.04) return '['.repeat(Math.floor(random() * 6000)) || '[';
  return line.trim() === '' ? '{}' : line;
}
