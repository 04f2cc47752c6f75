/**
 * Chords worked back from brackets, arrows and targets. That a dominant lies a fifth above its goal and its
 * ii a fifth above
 * that, half-diminished before a minor goal, is common practice.
 */
import fc from 'fast-check';
import {
  chordOfNumeral,
  deducedEntry,
  DEFAULT_LABEL_STYLE,
  isSought,
  labelLine,
  kindOf,
  markAnswer,
  markingWords,
  ordinaryKeys,
  parseKey,
  parseMetre,
  printKey,
  printNumeral,
  readBarredLine,
  sayStep,
  sayUnknown,
  sentenceText,
  soughtFrom,
  workBack,
  type Deduction,
  type Entry,
  type LineColumn,
} from '../src';

const C = parseKey('C major');
const entriesOf = (line: string, key = C): Entry[] =>
  readBarredLine(line, key, parseMetre('2/4')).tokens.map((token) => {
    if ('error' in token) throw token.error;
    return token.entry;
  });
const solved = (line: string, key = C): string => {
  const entries = entriesOf(line, key);
  const found = workBack(
    entries,
    entries.map(() => key),
  );
  return entries
    .map((entry, at) => {
      const deduced = found.get(at);
      if (!deduced) return entry.kind === 'notes' ? '' : entry.text;
      return deduced.kind === 'found' ? printNumeral(deduced.numeral, key) : deduced.why;
    })
    .join(' ');
};

test.each([
  ['[? ?]> I', 'ii7 V7 I'],
  ['[? ?]> ii', 'iiø7/ii V7/ii ii'],
  ['[? ?]> IV', 'ii7/IV V7/IV IV'],
  // The target of the first pair is the ii of the second.
  ['[? ?]> [? ?]> I', 'iiø7/ii V7/ii ii7 V7 I'],
  // Dominants in a row.
  ['?> ?> V7 I', 'V7/V/V V7/V V7 I'],
  ['[? ?]> V/IV', 'ii7/V/IV V7/V/IV V/IV'],
  ['[? ?] vi', 'open open vi'],
  ['[? ?]>', 'no-target no-target'],
  ['? I', 'no-bracket I'],
  ['?> Ger+6', 'no-target Ger+6'],
  ['[? ?]> Dm7', 'iiø7/ii V7/ii Dm7'],
])('“%s” is “%s”', (line, answer) => expect(solved(line)).toBe(answer));

test('in a minor key the ii of the tonic is half-diminished', () => {
  expect(solved('[? ?]> i', parseKey('A minor'))).toBe('iiø7 V7 i');
});

test('in every key the deduced roots stand a fifth and two fifths above the goal', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...ordinaryKeys('major'), ...ordinaryKeys('minor')),
      fc.constantFrom(1, 2, 4, 5, 6),
      (key, degree) => {
        const entries = entriesOf(`[? ?]> ${degree}`, key);
        const found = workBack(
          entries,
          entries.map(() => key),
        );
        const roots = [0, 1].map(
          (at) => chordOfNumeral((found.get(at) as Extract<Deduction, { kind: 'found' }>).numeral, key).root,
        );
        const goal = labelLine([{ entry: entries[2]! }], key, { modulate: false })[0]!.labelled;
        const place = ({ step, alteration }: { step: number; alteration: number }) =>
          [0, 2, 4, -1, 1, 3, 5][step]! + 7 * alteration;
        expect(goal.ok && roots.map((root) => place(root) - place(goal.labels.chord.root))).toEqual([2, 1]);
      },
    ),
  );
});

test('a sought chord counts as its answer for what stands round it, and only what was drawn is drawn', () => {
  const columns = entriesOf('I [? ?]> ii [? ?] vi').map((entry): LineColumn => ({ entry }));
  const labels = labelLine(columns, C, { modulate: false });
  expect(
    labels.map(({ bracketFrom, bracketTo, open, arrowFrom, arrowTo }) =>
      [bracketFrom && '[', bracketTo && ']', open && 'o', arrowFrom && '>', arrowTo && 'v']
        .filter(Boolean)
        .join(''),
    ),
  ).toEqual(['', '[', ']>', 'v', '[', ']o', '']);
  expect(labels.map(({ sought }) => sought?.kind)).toEqual([
    undefined,
    'found',
    'found',
    undefined,
    'unknown',
    'unknown',
    undefined,
  ]);
});

test('a line becomes one to be worked back, and comes back when it is', () => {
  const entries = entriesOf('I V7/ii ii7 V7 I IV');
  const labels = labelLine(
    entries.map((entry) => ({ entry })),
    C,
    { modulate: false },
  );
  const blanked = soughtFrom(entries, labels);
  expect(blanked.map((entry) => (entry.kind === 'notes' ? '' : entry.text))).toEqual([
    'I',
    '?>',
    '[?',
    '?]>',
    'I',
    'IV',
  ]);
  const found = workBack(
    blanked,
    blanked.map(() => C),
  );
  const back = blanked.map((entry, at) => {
    const deduced = found.get(at);
    return deduced?.kind === 'found' ? deducedEntry(deduced, C) : entry;
  });
  expect(back).toEqual(entries);
});

describe('answers', () => {
  const [ii, V] = (() => {
    const found = workBack(entriesOf('[? ?]> ii'), [C, C, C]);
    return [found.get(0), found.get(1)] as Extract<Deduction, { kind: 'found' }>[];
  })();
  const given = ({ role, target }: NonNullable<typeof V>) => ({
    key: printKey(C),
    target: printNumeral(target, C),
    roles: [role],
  });
  const marked = (answer: string, deduced: typeof V) =>
    markAnswer({ kind: 'work-back', given: given(deduced!) }, answer);
  const said = (answer: string, deduced: typeof V) => markingWords(marked(answer, deduced));

  test.each(['V7/ii', 'V65/ii', 'A7', 'A', 'A7/C#', 'VI', '(A3 C#4 E4)'])(
    '“%s” is right for the V',
    (answer) => expect(said(answer, V)).toBe('Right.'),
  );
  test.each(['iiø7/ii', 'Em7b5', 'Em7', 'Edim'])('“%s” is right for the ii', (answer) =>
    expect(said(answer, ii)).toBe('Right.'),
  );

  test.each([
    ['G7', 'fifth-below-target'],
    ['Am7', 'dominant-not-major'],
    ['Dm7', 'target-for-dominant'],
    ['V7', 'target-left-out'],
  ])('“%s” for the V is met with its cause', (answer, cause) => {
    expect(marked(answer, V).causes.map(({ mistakes }) => mistakes.join('+'))).toContain(cause);
    expect(said(answer, V)).toMatch(/\.$/);
  });

  test('what is wrong with a ii, and what cannot be read', () => {
    expect(marked('E7', ii).causes[0]!.mistakes).toEqual(['second-not-minor']);
    expect(marked('Dm7', ii)).toMatchObject({ verdict: 'wrong' });
    expect(said('zz', V)).toMatch(/“zz”/);
  });

  test('the working goes from the arrow to the chord', () => {
    expect(
      kindOf('work-back')
        .working(given(ii!))
        .map((step) => sentenceText(sayStep(step, DEFAULT_LABEL_STYLE))),
    ).toEqual([
      'The arrow goes to ii: its root is D.',
      'A dominant falls a fifth, so its root is a fifth above D: A.',
      'The bracket joins it to its ii, a fifth above A: E, with a lowered fifth before a minor goal.',
      'In the key it is written iiø7/ii.',
    ]);
    expect(sayUnknown('open')).toContain('its target is open');
  });
});

test('only question marks with brackets and arrows are sought', () => {
  expect(['?', '[?', '?]', '?]>', '?>', '[?]>'].every(isSought)).toBe(true);
  expect(['??', '>?', 'V?', '', ']?'].some(isSought)).toBe(false);
  expect(printKey(C)).toBe('C major');
});
