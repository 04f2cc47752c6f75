/** Our own run through the checks of a class says of everything what the package says. */
import { Type } from 'class-transformer';
import { IsString, ValidateNested, validateSync } from 'class-validator';
import fc from 'fast-check';
import * as doors from '../src';
import { isPlainlySound } from '../src/plainly';
import { OPEN } from '../src/sound';

const CLASSES = Object.entries(doors).flatMap(([name, one]) =>
  /(?:Request|Requested|Chord|OfLine|Span)$/.test(name)
    ? [[name, one as unknown as new () => object] as const]
    : [],
);
const texts = 'from to by numeral key symbol bass form length time upbeat kind version mistake';
const lists =
  'notes figures chords phraseEnds keys melody alto tenor voices lengths answers earlier measures fermatas';
const odd = fc.oneof(
  fc.constantFrom('C4', 3, 0, true, null, undefined, ['C4'], [1], [['C4']], {}, 'x'.repeat(201)),
  fc.anything(),
);
/** Mostly what a field should hold, so that whole requests come out sound as well as odd. */
const mostly = (sound: unknown) => fc.oneof({ weight: 9, arbitrary: fc.constant(sound) }, odd);
const REQUEST = fc.record({
  ...Object.fromEntries(texts.split(' ').map((field) => [field, mostly('3/2')])),
  ...Object.fromEntries(lists.split(' ').map((field) => [field, mostly(['C4', 'E4'])])),
  ...Object.fromEntries(['score', 'given', 'question', 'material'].map((field) => [field, mostly({})])),
  ...{
    below: mostly(true),
    splitCadences: mostly(false),
    strict: mostly(true),
    notation: mostly('romantext'),
  },
  ...{ signature: mostly(-7), count: mostly(3), seed: mostly(1), answer: mostly('m6') },
  ...{ off: mostly(['overlap']), weights: mostly({ overlap: 2 }) },
});

test.each(CLASSES)('%s', (_, check) => {
  const seen = new Set<boolean>();
  fc.assert(
    fc.property(REQUEST, (fields) => {
      const made = Object.assign(new check(), fields);
      const passes = isPlainlySound(check, made as Record<string, unknown>);
      expect(passes).toBe(validateSync(made, OPEN).length === 0);
      seen.add(passes);
    }),
    { numRuns: 400 },
  );
  expect(seen.size).toBe(2);
});

test('a class that holds others is left to the package', () => {
  class Named {
    @IsString() name = 'Nell';
  }
  class Pair {
    @ValidateNested() @Type(() => Named) first = new Named();
  }
  expect(isPlainlySound(Named, { name: 'Nell' })).toBe(true);
  expect(isPlainlySound(Named, { name: 7 })).toBe(false);
  expect(isPlainlySound(Pair, { first: { name: 7 } })).toBe(false);
  expect(CLASSES.length).toBeGreaterThan(15);
});
