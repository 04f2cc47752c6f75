/** Every way of working reaches the same answer, and says it in short and correct English. */
import fc from 'fast-check';
import {
  attempt,
  buildIntervalWorking,
  CHORD_WAYS,
  chordMap,
  chordWorking,
  DEFAULT_LABEL_STYLE,
  halfSteps,
  INTERVAL_WAYS,
  intervalBetween,
  intervalWorking,
  invertIntervalWorking,
  mapSymbol,
  numeralWorking,
  ordinaryKeys,
  parseInterval,
  parseKey,
  parseNote,
  parseNumeral,
  chordOfNumeral,
  readFiguresWorking,
  parseFigures,
  parseNoteName,
  parseSymbol,
  printNumeral,
  qualityWords,
  rootShortcuts,
  sayStep,
  sentenceText,
  simpleForm,
  stackQuality,
  shortFigures,
  printFigure,
  transpose,
  writeFiguresWorking,
  type WorkingStep,
} from '../src';
import { anyNote } from './arbitraries';

const say = (steps: readonly WorkingStep[], school = DEFAULT_LABEL_STYLE) =>
  steps.map((step) => sentenceText(sayStep(step, school), school));

test('the four ways of naming an interval all end in the interval', () => {
  fc.assert(
    fc.property(anyNote, anyNote, (from, to) => {
      const found = intervalBetween(from, to);
      const simple = simpleForm(found);
      for (const way of INTERVAL_WAYS) {
        const steps = intervalWorking(from, to, way);
        const last = steps[steps.length - 1]!;
        expect(last).toMatchObject({ step: 'result', direction: found.direction });
        const before = steps[steps.length - 2]!;
        if ('interval' in before && before.step !== 'no-inversion' && before.step !== 'take-octaves') {
          expect({ number: before.interval.number, deviation: before.interval.deviation }).toEqual({
            number: simple.number,
            deviation: simple.deviation,
          });
        }
      }
    }),
    { numRuns: 500 },
  );
});

test('stripping puts accidentals back one at a time, each a half step wider or narrower', () => {
  fc.assert(
    fc.property(anyNote, anyNote, (from, to) => {
      const steps = intervalWorking(from, to, 'strip');
      let width: number | null = null;
      for (const step of steps) {
        if (step.step === 'bare-size') width = halfSteps(step.interval);
        if (step.step !== 'put-back') continue;
        expect(halfSteps(step.interval) - width!).toBe(step.wider ? 1 : -1);
        width = halfSteps(step.interval);
      }
    }),
    { numRuns: 500 },
  );
});

test('a seventh between double accidentals, worked in four ways', () => {
  const [from, to] = [parseNote('G#4'), parseNote('F##5')];
  expect(say(intervalWorking(from, to, 'scale'))).toEqual([
    'Count the letters, G A B C D E F: a seventh.',
    'In the major scale on G♯, the seventh is F𝄪.',
    'F𝄪 is that very note: major seventh.',
    'The interval is a major seventh.',
  ]);
  expect(say(intervalWorking(from, to, 'strip'))).toEqual([
    'Count the letters, G A B C D E F: a seventh.',
    'Take the same sharp from both notes: G♯–F𝄪 is as wide as G–F♯.',
    'G–F without accidentals is a minor seventh.',
    'Put back F♯ at the top: it widens to a major seventh.',
    'The interval is a major seventh.',
  ]);
  expect(say(intervalWorking(from, to, 'half-steps'))[2]).toBe(
    'A seventh of 11 half steps is a major seventh.',
  );
  expect(say(intervalWorking(from, to, 'inversion')).slice(1, 3)).toEqual([
    'Turn it over: F𝄪 up to G♯ is a minor second.',
    '2 and 7 make 9, and the qualities swap: major seventh.',
  ]);
});

test('compound intervals take the octave off first; an augmented octave says it has no inversion', () => {
  expect(say(intervalWorking(parseNote('D4'), parseNote('F#5'), 'scale'))[1]).toBe(
    'A tenth is an octave and a third: work with the third.',
  );
  expect(say(invertIntervalWorking(parseNote('C4'), parseNote('C#5')))).toEqual([
    'An augmented octave has no inversion within the octave: moved down an octave, the upper note is still above.',
  ]);
});

test('building above and below reaches the note that transposing gives', () => {
  fc.assert(
    fc.property(
      anyNote,
      fc.constantFrom('m2', 'M3', 'P4', 'A4', 'd5', 'M6', 'm7', 'P8'),
      fc.boolean(),
      (note, name, below) => {
        const made = attempt(() => transpose(note, parseInterval(name), below));
        if (!made.ok) return;
        const steps = buildIntervalWorking(note, parseInterval(name), below);
        expect(steps.find((s) => s.step === 'adjust')).toMatchObject({
          note: { step: made.value.step, alteration: made.value.alteration },
        });
      },
    ),
  );
  expect(say(buildIntervalWorking(parseNote('Ab3'), parseInterval('M6'), false))).toEqual([
    'A sixth above A♭ falls on the letter F.',
    'F as it stands makes a major sixth: F.',
  ]);
  expect(say(buildIntervalWorking(parseNote('G#4'), parseInterval('m7'), true))[1]).toBe(
    'With plain A it is a major seventh; to make it minor, write A♯.',
  );
});

test('every stack of every key is worked in four ways whose last step names the quality', () => {
  for (const key of [...ordinaryKeys('major'), ...ordinaryKeys('minor')]) {
    for (const top of [5, 7] as const) {
      for (const column of chordMap(key, top)) {
        for (const way of CHORD_WAYS) {
          const steps = chordWorking(column.chord, way, {
            key,
            numeral: column.numeral,
            fromDegree: column.degree,
          });
          expect(steps[steps.length - 1]).toMatchObject({ quality: column.quality });
          for (const sentence of say(steps)) expect(sentence).toMatch(/^[A-Z0-9].*[.]$/u);
        }
      }
    }
  }
});

test('an applied chord is explained by the note that is foreign and where it leads', () => {
  const key = parseKey('A major');
  const numeral = parseNumeral('V65/ii', key);
  expect(say(numeralWorking(numeral, chordOfNumeral(numeral, key), key))).toEqual([
    'A♯ is not in A major.',
    'A♯ is the leading tone of B, the root of ii.',
    'F♯ is a fifth above B, so it is the dominant of ii.',
    'The third, A♯, is lowest: first inversion, figures 6 5, counted in letters up from the bass.',
    'In the key it is written V65/ii.',
  ]);
});

test('figures are filled up and counted from the bass, and written short again', () => {
  const key = parseKey('A minor');
  expect(say(readFiguresWorking(parseNoteName('B'), parseFigures('#6 4 3'), key))).toEqual([
    '♯6 4 3 means a sixth, a fourth and a third above the bass; the sign makes the sixth G♯, not G.',
    'A sixth above B is G♯, with its own sign because the signature has it otherwise.',
    'A fourth above B is E.',
    'A third above B is D.',
  ]);
  expect(say(writeFiguresWorking(parseSymbol('Am/C'), key)).slice(-1)).toEqual(['6 3 is written short: 6.']);
});

test('the root stands above the gap, and the letters spell its stack', () => {
  expect(say(rootShortcuts(parseSymbol('F#7/A#')))).toEqual([
    'In close position the gap lies above E, and the note above the gap is the root: F♯.',
    'The letters F A C E spell a stack on F♯, in whatever order they come.',
  ]);
});

test('the school changes the words, never the steps', () => {
  const steps = intervalWorking(parseNote('C4'), parseNote('E4'), 'half-steps');
  expect(say(steps, { ...DEFAULT_LABEL_STYLE, words: 'note' })[1]).toBe(
    'From C up to E there are 4 semitones.',
  );
  expect(say(steps, { ...DEFAULT_LABEL_STYLE, letters: 'fixed-do' })[1]).toBe(
    'From do up to mi there are 4 half steps.',
  );
});

test('a stack of a map has one name: its symbol, its heading, and what the working makes of it', () => {
  for (const key of [...ordinaryKeys('major'), ...ordinaryKeys('minor')]) {
    for (const column of chordMap(key, 13)) {
      const context = { key, numeral: column.numeral, fromDegree: column.degree };
      const said = say(chordWorking(column.chord, 'thirds', context)).join(' ');
      expect(said).toContain(qualityWords(stackQuality(column.chord.members)));
      expect(said).toContain(
        `In the key it is written ${printNumeral(column.numeral, key, DEFAULT_LABEL_STYLE, 'short')}`,
      );
    }
  }
  // Over the third degree of a major key the ninth and thirteenth are lowered (common practice).
  const third = chordMap(parseKey('C major'), 13)[2]!;
  expect([mapSymbol(third), qualityWords(stackQuality(third.chord.members))]).toEqual([
    'Em7b9b13',
    'minor seventh with ♭9 and ♭13',
  ]);
});

test.each([
  ['Gadd9', 'major with 9', 'major triad with 9'],
  ['G7b9', 'dominant-seventh with b9', 'dominant seventh with ♭9'],
  ['C6/9', 'major-sixth with 9', 'major sixth with 9'],
  ['Cmaj7', 'major-seventh', 'major seventh'],
  ['Am7b5', 'half-diminished-seventh', 'half-diminished seventh'],
])('%s has one quality wherever it is met, with what is added to it', (symbol, quality, words) => {
  const found = stackQuality(parseSymbol(symbol).members);
  expect([found, qualityWords(found)]).toEqual([quality, words]);
});

test.each([
  ['C6/9', 'C major', '9 6 5'],
  ['C9sus4', 'F major', '9 7 5 4'],
  ['C9', 'F major', '9'],
  ['C7sus4', 'F major', '7 5 4'],
  ['G13', 'C major', '13'],
])('the figures of %s in %s are %s', (symbol, key, figures) => {
  expect(shortFigures(parseSymbol(symbol), parseKey(key)).map(printFigure).join(' ')).toBe(figures);
});
