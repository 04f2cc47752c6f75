/**
 * Lengths, metres, bars of typed lines, repeats, and melodies over them. Beats of metres are common practice.
 */
import fc from 'fast-check';
import {
  barTicks,
  beatTicks,
  entryText,
  exactValue,
  isTimed,
  METRES,
  noteValue,
  noteValues,
  parseKey,
  parseLength,
  parseMetre,
  placesOf,
  playedOrder,
  printLength,
  printLine,
  printMelody,
  printMetre,
  readBarredLine,
  readMelody,
  TICKS_A_QUARTER,
  type LinePiece,
} from '../src';

const G = parseKey('G major');
const read = (line: string, metre = '4/4') => {
  const { tokens, upbeat, faults } = readBarredLine(line, G, parseMetre(metre));
  const pieces = tokens.map((token): LinePiece => ({
    ...token,
    text: 'entry' in token ? entryText(token.entry) : token.text,
  }));
  return {
    pieces,
    upbeat,
    faults: faults.map(({ error }) => error.message),
    typed: printLine(pieces, parseMetre(metre), upbeat),
  };
};
const lengths = (line: string, metre?: string) =>
  read(line, metre).pieces.map(({ text, length }) => `${text}:${length ?? '?'}`);

describe('lengths', () => {
  test('any length that is written comes back, in its least terms', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 999 }),
        fc.constantFrom(1, 2, 3, 4, 6, 8, 12, 24),
        (over, under) => {
          fc.pre(over / under <= 64);
          const ticks = parseLength(`${over}/${under}`);
          expect(ticks * under).toBe(over * TICKS_A_QUARTER);
          expect(parseLength(printLength(ticks))).toBe(ticks);
        },
      ),
    );
    expect([printLength(parseLength('6/4')), printLength(parseLength('4/2'))]).toEqual(['3/2', '2']);
  });

  test.each(['0', '', '-1', '1.5', '1/0', '257', 'x', '1/11'])('“%s” is no length', (text) => {
    expect(() => parseLength(text)).toThrow(
      /this is not a length in quarters.*Write a number such as 1, 2 or 3\/2/,
    );
  });

  test('note values: whole, dotted half, triplet half; others are rows of values that make up the length', () => {
    expect([4, 3, 1.5, 0.25].map((quarters) => exactValue(quarters * TICKS_A_QUARTER))).toEqual([
      { part: 1, dots: 0 }, { part: 2, dots: 1 }, { part: 4, dots: 1 }, { part: 16, dots: 0 },
    ]); // prettier-ignore
    expect(exactValue(parseLength('4/3'))).toEqual({ part: 2, dots: 0, triplet: true });
    expect(exactValue(parseLength('5'))).toBeNull();
    expect(noteValue(parseLength('5'))).toEqual({ part: 1, dots: 0 });
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 32 }), fc.constantFrom(1, 2, 3, 4), (over, under) => {
        const ticks = parseLength(`${over}/${under}`);
        expect(noteValues(ticks).reduce((sum, one) => sum + one.ticks, 0)).toBe(ticks);
      }),
    );
  });
});

describe('metres', () => {
  test('bars and beats: three eighths are a beat in compound metres', () => {
    const beats = METRES.map((text) => {
      const metre = parseMetre(text);
      expect(printMetre(metre)).toBe(text);
      return `${text}: ${barTicks(metre) / TICKS_A_QUARTER} ${printLength(beatTicks(metre))}`;
    });
    expect(beats).toEqual([
      '2/4: 2 1', '3/4: 3 1', '4/4: 4 1', '5/4: 5 1', '6/4: 6 1', '2/2: 4 2', '3/2: 6 2', '3/8: 1.5 1/2',
      '6/8: 3 3/2', '9/8: 4.5 3/2', '12/8: 6 3/2',
    ]); // prettier-ignore
  });

  test.each(['4', '0/4', '4/3', 'C', '4/4/4'])('“%s” is no metre', (text) =>
    expect(() => parseMetre(text)).toThrow(/this is not a metre/),
  );
});

describe('typed bars', () => {
  test('chords of a bar share it, those with a length take theirs first', () => {
    expect(lengths('| I vi | ii:3 V | I |')).toEqual(['I:2', 'vi:2', 'ii:3', 'V:1', 'I:4']);
    expect(lengths('| I V vi |')).toEqual(['I:4/3', 'V:4/3', 'vi:4/3']);
    expect(lengths('I vi ii V')).toEqual(['I:?', 'vi:?', 'ii:?', 'V:?']);
  });

  test('a short first bar is an upbeat, and the beats say so', () => {
    const { pieces, upbeat } = read('V:1 | I vi | ii', '3/4');
    expect(upbeat).toBe('1');
    expect(placesOf(pieces, parseMetre('3/4'), upbeat).map(({ bar, beat }) => `${bar}.${beat}`)).toEqual([
      '0.3',
      '1.1',
      '1.5/2',
      '2.1',
    ]);
  });

  test('what is not understood takes its place in the bar and nothing else', () => {
    expect(lengths('| I Vxyz | ii |')).toEqual(['I:2', 'Vxyz:2', 'ii:4']);
    expect(read('| I:0 V |').faults).toEqual([expect.stringMatching(/this is not a length/)]);
  });

  test('bars that do not come out are told, and the chords stand', () => {
    expect(read('| I:3 vi:2 | ii |').faults).toEqual([
      expect.stringMatching(/this barline stands after 1 of the 4 quarters/),
    ]);
    expect(read('| I:4 V |').faults).toEqual([
      expect.stringMatching(/the 2 chords of this bar do not fit in 4\/4/),
    ]);
    expect(read('| I:4 V |').pieces.map(({ text }) => text)).toEqual(['I', 'V']);
  });

  test.each([
    '| I vi | ii V7 | I |',
    'V:1 |: I vi | ii:3 V7:1 :| I |',
    '|: I V :| vi IV |',
    'I vi ii V7',
    'I:5 V:3 | I |',
    '| (G3 B3 D4) V of V |',
  ])('“%s” is printed so that it reads the same', (line) => {
    const once = read(line);
    const again = read(once.typed);
    const time = ({ length, repeatStart, repeatEnd, text }: LinePiece) => [
      text,
      length,
      repeatStart ?? false,
      repeatEnd ?? false,
    ];
    expect(again.pieces.map(time)).toEqual(once.pieces.map(time));
    expect([again.upbeat, again.typed]).toEqual([once.upbeat, once.typed]);
  });

  test('after a repeat within a bar the next bar says its lengths', () => {
    const pieces = [
      { text: 'I', length: '3/2' },
      { text: 'I', length: '2' },
      { text: 'I', length: '1/2', repeatStart: true },
      { text: 'I', length: '4' },
    ];
    expect(printLine(pieces, parseMetre('4/4'))).toBe('| I:3/2 I:2 |: I:1/2 | I:4 |');
  });

  test('any lengths and repeats are printed so that they read the same', () => {
    const piece = fc.record(
      {
        text: fc.constantFrom('I', 'V65/ii', '(G3 B3 D4)', '?', 'Am7'),
        length: fc.constantFrom('1', '2', '3', '4', '6', '1/2', '3/2', '2/3'),
        repeatStart: fc.constant(true),
        repeatEnd: fc.constant(true),
      },
      { requiredKeys: ['text', 'length'] },
    );
    fc.assert(
      fc.property(
        fc.array(piece, { minLength: 1, maxLength: 12 }),
        fc.constantFrom('2/4', '3/4', '4/4', '6/8'),
        (pieces, metre) => {
          const time = (list: readonly LinePiece[]) =>
            list.map(({ text, length, repeatStart, repeatEnd }) => [
              text,
              length,
              repeatStart ?? false,
              repeatEnd ?? false,
            ]);
          expect(time(read(printLine(pieces, parseMetre(metre)), metre).pieces)).toEqual(time(pieces));
          expect(isTimed(pieces)).toBe(true);
        },
      ),
    );
  });
});

test('repeats are played twice, from their beginning, the last repeat, or the front', () => {
  expect(playedOrder([{}, { repeatStart: true }, { repeatEnd: true }, {}])).toEqual([0, 1, 2, 1, 2, 3]);
  expect(playedOrder([{}, { repeatEnd: true }, {}, { repeatEnd: true }])).toEqual([0, 1, 0, 1, 2, 3, 2, 3]);
  expect(playedOrder([])).toEqual([]);
});

describe('a melody over a line', () => {
  test('is read group by group and printed back', () => {
    const { groups, faults } = readMelody('B4 A4 / - / G4', 4);
    expect([groups, faults]).toEqual([[['B4', 'A4'], [], ['G4']], []]);
    expect(printMelody([...groups, undefined])).toBe('B4 A4 / - / G4');
  });

  test('an unreadable note is told in its place and leaves its neighbours; so is a slash too many', () => {
    const { groups, faults } = readMelody('B4 H9 / G4 / A4', 2);
    expect(groups).toEqual([['B4'], ['G4']]);
    expect(faults.map(({ start, error }) => `${start} ${error.message}`)).toEqual([
      expect.stringMatching(/^3 “H9”/),
      expect.stringMatching(/^11 “\/”: there are only 2 columns/),
    ]);
  });
});
