/** The typed line, and changing what was typed: inversion, re-reading, transposing. */
import fc from 'fast-check';
import {
  attempt,
  closeVoicings,
  entryText,
  entryTextIn,
  givenSetting,
  invertEntry,
  labelProgression,
  midiNumber,
  ordinaryKeys,
  parseKey,
  parseSymbol,
  printKey,
  chordOfEntry,
  readLine,
  rereadEntry,
  sameName,
  settingsOf,
  stackedNotes,
  transposeEntry,
  DEFAULT_LABEL_STYLE,
  type Entry,
} from '../src';
import { ordinaryKey } from './arbitraries';

const A = parseKey('A major');
const texts = (line: string, key = A, school = DEFAULT_LABEL_STYLE) =>
  readLine(line, key, school).map((token) => ('error' in token ? `! ${token.text}` : entryText(token.entry)));

test('numerals, symbols, degrees, hyphened degrees and groups stand side by side', () => {
  expect(texts('I vi V65/ii ii ii65 V7 I')).toEqual(['I', 'vi', 'V65/ii', 'ii', 'ii65', 'V7', 'I']);
  expect(texts('A F#m F#7/A# | Bm E7 A')).toEqual(['A', 'F#m', 'F#7/A#', 'Bm', 'E7', 'A']);
  expect(texts('1 4 5 2-5-1')).toEqual(['I', 'IV', 'V', 'ii', 'V', 'I']);
  expect(texts('(A2 E4 A4 C#5) (A C# E)')).toEqual(['(A2 E4 A4 C#5)', '(A3 C#4 E4)']);
  expect(texts('V6/5 of ii V7 of V of ii IIm7 IVmaj7')).toEqual(['V65/ii', 'V7/V/ii', 'ii7', 'IVmaj7']);
  expect(texts('V6/4–5/3 V64-7')).toEqual(['Cad64', 'V', 'Cad64', 'V7']);
  expect(texts('1 4 5 7', parseKey('C minor'))).toEqual(['i', 'iv', 'V', 'viio']);
  expect(texts('Hm7 Fis7 B', A, { ...DEFAULT_LABEL_STYLE, letters: 'german' })).toEqual(['Bm7', 'F#7', 'Bb']);
});

test('a piece that is not understood leaves its neighbours alone and says where it stood', () => {
  expect(texts('I Vxyz V (A2 A3) (A2 I C#m7q 9 I')).toEqual([
    'I',
    '! Vxyz',
    'V',
    '! (A2 A3)',
    '! (A2',
    'I',
    '! C#m7q',
    '! 9',
    'I',
  ]);
  const [, bad] = readLine('I Vxyz', A);
  expect(bad).toMatchObject({ text: 'Vxyz', start: 2, end: 6 });
});

test('what was read is read the same again', () => {
  const line = 'I vi7 V65/ii Ger+6 N6 viio7/V Cad64 bVII7 A F#m7/E Bm7b5 (A2 E4 A4 C#5)';
  fc.assert(
    fc.property(ordinaryKey, (key) => {
      const once = texts(line, key).join(' ');
      expect(texts(once, key).join(' ')).toBe(once);
    }),
  );
});

test('a line written out in any school is read back as the same entries', () => {
  const line = 'I ii65 V65/ii Imaj7 I7 V43 viio7/V bVII7 VI N6 Ger+6 A F#m7/E Bm7b5 C+ (A2 E4 A4 C#5)';
  const entries = (key: typeof A) => readLine(line, key).flatMap((t) => ('entry' in t ? [t.entry] : []));
  const schools = fc.record({
    numeralCase: fc.constantFrom('quality', 'capitals-suffix', 'capitals-bare'),
    inversion: fc.constantFrom('figures', 'letters', 'slash', 'words'),
    sevenths: fc.constantFrom('explicit', 'diatonic'),
    minorDegrees: fc.constantFrom('plain', 'flat'),
    applied: fc.constantFrom('slash', 'of', 'arrow', 'arrows-only'),
    letters: fc.constantFrom('english', 'german', 'fixed-do'),
  }).map((part) => ({ ...DEFAULT_LABEL_STYLE, ...part }) as typeof DEFAULT_LABEL_STYLE); // prettier-ignore
  fc.assert(
    fc.property(ordinaryKey, schools, (key, school) => {
      const stored = entries(key);
      const written = stored.map((entry) => entryTextIn(entry, key, school)).join(' ');
      const read = readLine(written, key, school).map((t) =>
        'entry' in t ? entryText(t.entry) : `! ${t.text}: ${t.error.message}`,
      );
      expect([written, read]).toEqual([written, stored.map(entryText)]);
    }),
    { numRuns: 300 },
  );
});

test('inverting goes round through every member and home again', () => {
  for (const [text, count] of [['V', 3], ['V7', 4], ['F#7', 4], ['(A2 E4 A4 C#5)', 3]] as const) {
    const first = readLine(text, A)[0]!;
    if ('error' in first) throw first.error;
    let entry: Entry = first.entry;
    const basses = [];
    for (let i = 0; i < count; i++) {
      basses.push(chordOfEntry(entry, A).chord.bass);
      entry = invertEntry(entry, A, 1);
    }
    expect(new Set(basses.map((b) => `${b.step} ${b.alteration}`)).size).toBe(count);
    expect(sameName(chordOfEntry(entry, A).chord.bass, basses[0]!)).toBe(true);
    const back = invertEntry(invertEntry(entry, A, 1), A, -1);
    expect(chordOfEntry(back, A).chord.bass).toEqual(chordOfEntry(entry, A).chord.bass);
  }
}); // prettier-ignore

test('re-reading keeps every chord, transposing keeps every numeral, in all keys', () => {
  const entries = readLine('I vi V65/ii ii Ger+6 V7 I A F#m7/E (A2 E4 A4 C#5)', A).flatMap((t) =>
    'entry' in t ? [t.entry] : [],
  );
  for (const key of ordinaryKeys('major')) {
    const chords = (list: readonly Entry[], k: typeof A) => list.map((e) => chordOfEntry(e, k).chord);
    const again = entries.map((e) => rereadEntry(e, A));
    const heard = (c: ReturnType<typeof chords>[number]) =>
      c.members.map((m) => `${m.degree}:${m.alteration}`).join(' ') +
      c.root.step +
      c.root.alteration +
      c.bass.step;
    // Far from the key a chord may have no numeral; where it has one, its notes are the same.
    again.forEach((entry, i) => {
      const read = attempt(() => chordOfEntry(entry, key));
      if (read.ok && entry.kind === 'symbol')
        expect(heard(read.value.chord)).toBe(heard(chords(entries, A)[i]!));
    });
    const moved = entries.map((e) => attempt(() => transposeEntry(e, A, key)));
    moved.forEach((m, i) => {
      if (!m.ok) return;
      const back = attempt(() => transposeEntry(m.value, key, A));
      if (back.ok)
        expect([printKey(key), entryText(back.value)]).toEqual([printKey(key), entryText(entries[i]!)]);
    });
  }
});

test('labels of a line, an unreadable entry among them', () => {
  const labels = labelProgression(
    [
      { kind: 'numeral', text: 'V65/ii' },
      { kind: 'numeral', text: 'Q' },
      { kind: 'symbol', text: 'E7' },
    ],
    A,
  );
  expect(
    labels.map((l) =>
      l.ok ? [l.labels.symbol, l.labels.figures, l.labels.degrees, l.labels.function] : l.error.code,
    ),
  ).toEqual([['F♯7/A♯', ['6', '5'], '6 ♯1 3 5', null], 'numeral', ['E7', ['7'], '5 7 2 4', 'dominant']]);
});

test('the plain setting keeps its registers and holds every note of the chord', () => {
  const chords = ['A', 'F#m', 'F#7/A#', 'Bm', 'Bm7/D', 'E7', 'Amaj9', 'G#dim7', 'Gb', 'Cb/Eb'].map((s) =>
    parseSymbol(s),
  );
  closeVoicings(chords).forEach(({ lower, upper }, i) => {
    expect(lower).toHaveLength(1);
    expect(midiNumber(lower[0]!)).toBeGreaterThanOrEqual(39);
    expect(midiNumber(lower[0]!)).toBeLessThanOrEqual(51);
    for (const note of upper) expect(midiNumber(note)).toBeGreaterThanOrEqual(52);
    for (const note of upper) expect(midiNumber(note)).toBeLessThanOrEqual(80);
    const sounding = [...lower, ...upper];
    for (const member of stackedNotes(chords[i]!))
      expect(sounding.some((note) => sameName(note, member))).toBe(true);
  });
  const given = settingsOf([{ kind: 'notes', notes: ['A2', 'E4', 'A4', 'C#5'] }], A)[0]!;
  expect([given.lower.length, given.upper.length]).toEqual([1, 3]);
  expect(givenSetting([])).toEqual({ lower: [], upper: [] });
});
