/** What the Chords bench computes: changes of members, layouts, parts, spelling, and moving by a step. */
import fc from 'fast-check';
import {
  addMember,
  attempt,
  changeMember,
  chordOfNumeral,
  describe as describeMembers,
  layOut,
  MANNERS,
  memberNote,
  midiNumber,
  ordinaryKeys,
  omissible,
  otherSpelling,
  parseKey,
  parseNote,
  parseSymbol,
  pianoKeys,
  pitchClass,
  primaryChords,
  printKey,
  printMember,
  printNote,
  printSymbol,
  RANGES,
  readingReasonWords,
  registerCautions,
  respellings,
  sameName,
  sayStep,
  sentenceText,
  seventhShortcut,
  spellChordInKey,
  spellInKey,
  stackedNotes,
  whatItIs,
  writtenChord,
  writtenKey,
  noteForInstrument,
  INSTRUMENTS,
  cautionWords,
  otherReadings,
  turnThird,
  fourPartSettings,
  noteAboveGap,
  halfSteps,
  keyAfter,
  MOVES,
  signatureFifths,
  type Note,
} from '../src';
import { anyChord } from './arbitraries';
const notes = (list: readonly Note[]) => list.map(printNote).join(' ');
const anyKey = fc.constantFrom(...ordinaryKeys('major'), ...ordinaryKeys('minor'));

test('members are raised, lowered, left out and added, and the name follows what is there', () => {
  const c13 = parseSymbol('C13');
  const left = changeMember(
    changeMember(c13, { degree: 13, alteration: 0 }, 'leave-out'),
    { degree: 11, alteration: 0 },
    'leave-out',
  );
  expect(printSymbol(left)).toBe('C9');
  expect(
    sentenceText(sayStep(whatItIs(changeMember(left, { degree: 5, alteration: 0 }, 'leave-out'), 'C13'))),
  ).toBe(
    'Root, third, minor seventh and ninth: a dominant ninth, whatever was asked for: C13 would need more.',
  );
  expect(printSymbol(changeMember(parseSymbol('C/E'), { degree: 3, alteration: 0 }, 'lower'))).toBe('Cm/Eb');
  expect(printSymbol(addMember(parseSymbol('C'), 9))).toBe('Cadd9');
  expect(printSymbol(turnThird(parseSymbol('Am7'))!)).toBe('A7');
  expect(turnThird(parseSymbol('Csus4'))).toBeNull();
  expect(() => changeMember(parseSymbol('C5'), { degree: 5, alteration: 0 }, 'leave-out')).toThrow(
    /two notes are the least/,
  );
  expect(() => changeMember(parseSymbol('C'), { degree: 1, alteration: 0 }, 'raise')).toThrow(
    /the root gives the chord its name/,
  );
  expect(() => changeMember(parseSymbol('C'), { degree: 7, alteration: 0 }, 'raise')).toThrow(
    /no such member/,
  );
  expect(() => addMember(parseSymbol('C'), 5)).toThrow(/there already/);
  fc.assert(
    fc.property(anyChord, fc.nat(6), fc.constantFrom('raise', 'lower', 'leave-out'), (chord, at, how) => {
      const member = chord.members[at % chord.members.length]!;
      const changed = attempt(() => changeMember(chord, member, how));
      if (changed.ok)
        expect(
          changed.value.members.some((m) => printMember(m) === printMember(member) && how !== 'leave-out'),
        ).toBe(false);
    }),
  );
});

test('the quick way to a seventh goes down from the octave (common practice)', () => {
  const said = (symbol: string) =>
    seventhShortcut(parseSymbol(symbol)).map((step) => sentenceText(sayStep(step)));
  expect(said('D7')).toEqual(['D an octave up, then a whole step down: C, a minor seventh.']);
  expect(said('Dmaj7')).toEqual(['D an octave up, then a half step down: C♯, a major seventh.']);
  expect(said('Ddim7')).toEqual(['D an octave up, then 3 half steps down: C♭, a diminished seventh.']);
  expect(said('D')).toEqual([]);
  expect(noteAboveGap(parseSymbol('D/F#'))).toMatchObject({ gap: 'fourth' });
  expect(noteAboveGap(parseSymbol('D7/C'))).toMatchObject({ gap: 'second' });
  expect(noteAboveGap(parseSymbol('D'))).toBeNull();
});

test('a chord that is laid out keeps its notes, but for those it says it left out', () => {
  fc.assert(
    fc.property(anyChord, fc.constantFrom(...MANNERS), (chord, manner) => {
      const voicing = attempt(() => layOut(chord, manner));
      if (!voicing.ok || !voicing.value) return;
      const { lower, upper, leftOut } = voicing.value;
      const all = [...lower, ...upper];
      for (const member of chord.members) {
        const there = all.some((note) => sameName(note, memberNote(chord.root, member)));
        expect(there || leftOut.includes(member)).toBe(true);
      }
      expect(
        sameName(
          all.reduce((a, b) => (midiNumber(b) < midiNumber(a) ? b : a)),
          chord.bass,
        ) || manner.startsWith('drop'),
      ).toBe(true);
    }),
  );
});

test('a thirteenth may lose fifth, eleventh, ninth and root; the rest stay (docs/conventions.md)', () => {
  expect(omissible(parseSymbol('C13')).map(printMember)).toEqual(['5', '11', '9', '1']);
  expect(omissible(parseSymbol('C7#5')).map(printMember)).toEqual(['1']);
  expect(describeMembers(parseSymbol('C9').members).top).toBe(9);
  expect(omissible(parseSymbol('C9')).map(printMember)).toEqual(['5', '1']);
});

test('four-part settings keep the ranges and spacing of docs/conventions.md', () => {
  for (const symbol of ['C', 'G7', 'F#m7b5/A', 'Bb/D', 'Dm/F']) {
    const settings = fourPartSettings(parseSymbol(symbol));
    expect(settings.length).toBeGreaterThan(5);
    for (const { notes: [s, a, t, b] } of settings.slice(0, 200)) {
      [s, a, t, b].forEach((note, i) => {
        const [low, high] = Object.values(RANGES)[i]!;
        expect(midiNumber(note)).toBeGreaterThanOrEqual(low);
        expect(midiNumber(note)).toBeLessThanOrEqual(high);
      });
      expect(midiNumber(s) - midiNumber(a)).toBeLessThanOrEqual(12);
      expect(midiNumber(a) - midiNumber(t)).toBeLessThanOrEqual(12);
      expect(midiNumber(t)).toBeGreaterThanOrEqual(midiNumber(b));
    }
  } // prettier-ignore
});

test('the register is warned of when thick below or thin above', () => {
  const kinds = (text: string) =>
    registerCautions(text.split(' ').map(parseNote)).map((one) => cautionWords(one));
  expect(kinds('C2 E2 G4')).toEqual(['thick below: C2–E2']);
  expect(kinds('C3 G3 C4 F5')).toEqual(['thin above: C4–F5']);
  expect(kinds('C3 G3 E4')).toEqual([]);
  expect(kinds('G0 D7')).toEqual(['very low: G0', 'very high: D7']);
});

test('parts for B♭, E♭ and F instruments are written a second, a sixth and a fifth up (common practice)', () => {
  expect(INSTRUMENTS.map((one) => printSymbol(writtenChord(parseSymbol('Bbm7/Db'), one)))).toEqual([
    'Bbm7/Db',
    'Cm7/Eb',
    'Gm7/Bb',
    'Fm7/Ab',
  ]);
  expect(INSTRUMENTS.map((one) => printKey(writtenKey(parseKey('Eb major'), one)))).toEqual([
    'Eb major',
    'F major',
    'C major',
    'Bb major',
  ]);
  expect(INSTRUMENTS.map((one) => printNote(noteForInstrument(parseNote('Bb3'), one)))).toEqual([
    'Bb3',
    'C4',
    'G4',
    'F4',
  ]);
});

test('the same sound is spelled as the key has it', () => {
  const best = (symbol: string, key: string) =>
    printSymbol(respellings(parseSymbol(symbol), parseKey(key))[0]!.chord);
  expect(best('C#7', 'Gb major')).toBe('Db7');
  expect(best('G#dim7', 'C minor')).toBe('Bdim7/Ab');
  expect(best('Ebm', 'B major')).toBe('D#m');
  fc.assert(
    fc.property(anyChord, anyKey, (chord, key) => {
      const sounds = (one: typeof chord) => stackedNotes(one).map(pitchClass).sort().join();
      for (const { chord: other } of attempt(() => respellings(chord, key)).ok ? respellings(chord, key) : [])
        expect(sounds(other)).toBe(sounds(chord));
    }),
  );
});

test('keys of the keyboard are spelled in the key, alone and together', () => {
  expect([61, 63, 66, 68, 70].map((midi) => printNote(spellInKey(midi, parseKey('A minor'))))).toEqual([
    'C#4',
    'D#4',
    'F#4',
    'G#4',
    'Bb4',
  ]);
  expect(notes(spellChordInKey([60, 63, 67], parseKey('A major')))).toBe('C4 Eb4 G4');
  expect(notes(spellChordInKey([68, 71, 74, 77], parseKey('A minor')))).toBe('G#4 B4 D5 F5');
  expect(printNote(otherSpelling(parseNote('F#4')))).toBe('Gb4');
  expect(printNote(otherSpelling(parseNote('B#3')))).toBe('C4');
  fc.assert(
    fc.property(fc.integer({ min: 21, max: 108 }), anyKey, (midi, key) => {
      expect(midiNumber(spellInKey(midi, key))).toBe(midi);
      expect(midiNumber(otherSpelling(spellInKey(midi, key)))).toBe(midi);
    }),
  );
  fc.assert(
    fc.property(
      fc.uniqueArray(fc.integer({ min: 40, max: 84 }), { minLength: 1, maxLength: 6 }),
      anyKey,
      (midis, key) => {
        expect(spellChordInKey(midis, key).map(midiNumber)).toEqual([...midis].sort((a, b) => a - b));
      },
    ),
  );
});

test('readings stand with their reasons', () => {
  const [first] = otherReadings(parseSymbol('Am7'), parseKey('C major'));
  expect(printSymbol(first!.chord)).toBe('C6/A');
  expect(first!.reasons.map(readingReasonWords)).toContain('all notes in the key');
});

test('the keyboard has seven white keys an octave, black ones between', () => {
  const keys = pianoKeys(36, 84);
  expect(keys.filter(({ black }) => !black)).toHaveLength(29);
  expect(keys.find(({ midi }) => midi === 61)).toMatchObject({ black: true, whitesBelow: 15, octave: null });
  expect(keys.filter(({ octave }) => octave !== null).map(({ octave }) => octave)).toEqual([2, 3, 4, 5, 6]);
});

test('the tonic triad of the primary chords is the one of the numeral', () => {
  const [one] = primaryChords(parseKey('D minor'));
  expect(printSymbol(chordOfNumeral(one!.numeral, parseKey('D minor')))).toBe('Dm');
});

test('a line moves by step and for instruments to a key that has a signature (common practice)', () => {
  const to = (key: string, id: string) =>
    printKey(
      keyAfter(
        parseKey(key),
        MOVES.find((move) => move.id === id)!,
      ),
    );
  expect(
    ['up-half-step', 'down-half-step', 'up-step', 'down-step', 'for-Bb', 'for-Eb', 'for-F'].map((id) =>
      to('A major', id),
    ),
  ).toEqual(
    ['Bb major', 'G# major', 'B major', 'G major', 'B major', 'F# major', 'E major'].map((key) =>
      key === 'G# major' ? 'Ab major' : key,
    ),
  );
  expect(to('C# major', 'up-step')).toBe('Eb major');
  for (const key of [...ordinaryKeys('major'), ...ordinaryKeys('minor')]) {
    for (const move of MOVES) {
      const there = keyAfter(key, move);
      expect(Math.abs(signatureFifths(there))).toBeLessThanOrEqual(7);
      expect((pitchClass(there.tonic) - pitchClass(key.tonic) + 24) % 12).toBe(
        (halfSteps(move.interval) * (move.down ? -1 : 1) + 24) % 12,
      );
    }
  }
});
