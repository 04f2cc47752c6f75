/**
 * A checker of four-part writing of its own: it knows nothing of the rules of the product, and works on
 * keyboard numbers and letters alone. Rules are those that handbooks of common-practice part writing share.
 */

/** A note as text, `C#4`, soprano first. */
export type Written = readonly [string, string, string, string];

const SIZES: Record<string, number> = { C: 0, D: 2, E: 4, F: 5, G: 7, A: 9, B: 11 };
const LETTERS = 'CDEFGAB';
const NAMES = ['soprano', 'alto', 'tenor', 'bass'];
const LIMITS = [
  [60, 79],
  [55, 74],
  [48, 67],
  [40, 60],
] as const;

function read(note: string): { key: number; place: number; name: string } {
  const [, letter, signs, octave] = /^([A-G])([#b]*)(-?\d)$/.exec(note)!;
  const sharps = [...signs!].reduce((sum, sign) => sum + (sign === '#' ? 1 : -1), 0);
  return {
    key: 12 * (Number(octave) + 1) + SIZES[letter!]! + sharps,
    place: 7 * Number(octave) + LETTERS.indexOf(letter!),
    name: letter! + signs!,
  };
}

/** What a hand finds in a setting; `leading` names the leading note of each chord that is a dominant, or null. */
export function faultsByHand(
  voices: readonly Written[],
  leading: readonly (string | null)[],
  sevenths: readonly (string | null)[],
): string[] {
  const faults: string[] = [];
  const chords = voices.map((chord) => chord.map(read));
  chords.forEach((chord, at) => {
    chord.forEach(({ key }, v) => {
      if (key < LIMITS[v]![0] || key > LIMITS[v]![1]) faults.push(`${at}: ${NAMES[v]} out of range`);
    });
    for (let v = 0; v < 3; v++) {
      const gap = chord[v]!.key - chord[v + 1]!.key;
      if (gap < 0) faults.push(`${at}: ${NAMES[v]} crosses`);
      if (v < 2 && gap > 12) faults.push(`${at}: ${NAMES[v]} too far`);
    }
    if (leading[at] && chord.filter(({ name }) => name === leading[at]).length > 1)
      faults.push(`${at}: leading note doubled`);
    if (sevenths[at] && chord.filter(({ name }) => name === sevenths[at]).length > 1)
      faults.push(`${at}: seventh doubled`);
    const before = chords[at - 1];
    if (before) faults.push(...between(before, chord).map((fault) => `${at}: ${fault}`));
    if (before && leading[at - 1] && leading[at] !== leading[at - 1])
      faults.push(
        ...unresolved(before, chord, leading[at - 1]!, 'leading').map((fault) => `${at}: ${fault}`),
      );
    if (before && sevenths[at - 1])
      faults.push(
        ...unresolved(before, chord, sevenths[at - 1]!, 'seventh').map((fault) => `${at}: ${fault}`),
      );
  });
  return faults;
}

type Heard = ReturnType<typeof read>;

function between(from: readonly Heard[], to: readonly Heard[]): string[] {
  const faults: string[] = [];
  const moved = (v: number) => to[v]!.key - from[v]!.key;
  for (let high = 0; high < 4; high++) {
    for (let low = high + 1; low < 4; low++) {
      if (moved(high) === 0 || moved(low) === 0) continue;
      const was = Math.abs(from[high]!.key - from[low]!.key) % 12;
      const is = Math.abs(to[high]!.key - to[low]!.key) % 12;
      const fifth =
        (to[high]!.place - to[low]!.place) % 7 === 4 && (from[high]!.place - from[low]!.place) % 7 === 4;
      if (was === 0 && is === 0) faults.push(`octaves ${NAMES[high]} ${NAMES[low]}`);
      if (was === 7 && is === 7 && fifth) faults.push(`fifths ${NAMES[high]} ${NAMES[low]}`);
      const same = moved(high) > 0 === moved(low) > 0;
      const leap = Math.abs(to[0]!.place - from[0]!.place) > 1;
      if (high === 0 && low === 3 && same && leap && was !== is && (is === 0 || is === 7))
        faults.push(`hidden ${is === 0 ? 'octave' : 'fifth'}`);
    }
  }
  for (let v = 0; v < 4; v++) {
    const [size, letters] = [Math.abs(moved(v)), Math.abs(to[v]!.place - from[v]!.place)];
    if (letters === 6 || size > 12) faults.push(`${NAMES[v]} leaps a seventh or more`);
    if (letters === 1 && size === 3) faults.push(`${NAMES[v]} moves an augmented second`);
    if (letters === 3 && size === 6) faults.push(`${NAMES[v]} leaps an augmented fourth`);
  }
  for (let v = 0; v < 3; v++) {
    if (to[v]!.key < from[v + 1]!.key || to[v + 1]!.key > from[v]!.key) faults.push(`${NAMES[v]} overlaps`);
  }
  return faults;
}

/** A leading note that does not rise though its tonic comes, a seventh that neither falls nor stays. */
function unresolved(
  from: readonly Heard[],
  to: readonly Heard[],
  name: string,
  kind: 'leading' | 'seventh',
): string[] {
  return from.flatMap((note, v) => {
    if (note.name !== name) return [];
    const [size, letters] = [to[v]!.key - note.key, to[v]!.place - note.place];
    const held = to.some((other) => other.name === name);
    // In tenths with the bass, from a chord over its fifth: I V43 I6.
    const tenths =
      (note.place - from[3]!.place) % 7 === 2 && letters === 1 && to[3]!.place - from[3]!.place === 1;
    if (kind === 'seventh' && tenths) return [];
    if (kind === 'seventh')
      return letters === -1 || letters === 0 || held ? [] : [`${NAMES[v]} leaves its seventh`];
    const tonic = to.some(
      (other) => other.key % 12 === (note.key + 1) % 12 && other.place % 7 === (note.place + 1) % 7,
    );
    if (!tonic || size === 0 || (letters === 1 && size === 1)) return [];
    // Chromatically down into the next dominant; inside to the fifth or sixth; in a bass going down the scale.
    if (letters === 0 && size === -1) return [];
    if ((v === 1 || v === 2) && (letters === -2 || letters === -1)) return [];
    return v === 3 && letters === -1 ? [] : [`${NAMES[v]} leaves its leading note`];
  });
}
