/** The bounds by which the search of a score passes over steps: no step within a key costs less than they say. */
import { attempt, chordOfNumeral, parseKey, parseNumeral } from '../src';
import { statesInKey, type State } from '../src/context/states';
import { leastWithin, withinKey } from '../src/context/steps';

const NUMERALS = (
  'I I6 I64 i i64 ii ii65 iio6 iii IV IV6 iv V V6 V7 V42 vi VI viio6 viio7 bII6 V/V V7/V V65/vi V7/IV viio7/V ii/V ' +
  'iiø7/vi Ger+6'
).split(' ');

function states(name: string): State[] {
  const key = parseKey(name);
  return NUMERALS.flatMap((text) => {
    const made = attempt(() => statesInKey(chordOfNumeral(parseNumeral(text, key), key), key));
    return made.ok ? made.value : [];
  });
}

test.each(['C major', 'A minor'])('in %s, whatever goes to whatever, in a phrase and after one', (name) => {
  const all = states(name);
  expect(all.length).toBeGreaterThan(40);
  expect(all.some(({ second }) => second) && all.some(({ target }) => target > 0)).toBe(true);
  const tight = new Set<State>();
  for (const from of all)
    for (const to of all)
      for (const afterPhrase of [false, true]) {
        const cost = withinKey(from, to, afterPhrase);
        expect(cost).toBeGreaterThanOrEqual(leastWithin(from) - 1e-9);
        if (cost <= leastWithin(from) + 0.01) tight.add(from);
      }
  // Most are as low as a step really goes.
  expect(tight.size).toBeGreaterThan(all.length / 2);
});
