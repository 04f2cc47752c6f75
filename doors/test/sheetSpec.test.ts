/** A spec of a sheet as it comes from outside: what is sound is taken as it stands, the rest is refused in words. */
import { readSheetSpec } from '../src';

const USUAL = { title: 'Sheet', seed: 1 };
const section = { kind: 'note-name', count: 2 };
const read = (spec: unknown) => readSheetSpec(spec, USUAL);

test('what is said is taken, and the rest is as usual', () => {
  const whole = {
    ...section,
    marks: 2,
    parts: { root: 1 },
    material: { clefs: ['bass'] },
    instruction: 'Name it.',
    exchanged: [0],
    pinned: [{ place: 1, given: { note: 'C4' }, answers: ['C'] }],
    order: [1, 0],
    seed: 7,
  };
  expect(read({ title: 'Ebb', seed: 9, sections: [whole] })).toEqual({
    title: 'Ebb',
    seed: 9,
    sections: [whole],
  });
  expect(read({ title: null, sections: [{ ...section, colour: 'red' }] })).toEqual({
    ...USUAL,
    sections: [section],
  });
});

test.each([
  [[], /this spec is not an object/],
  [{ sections: [] }, /a sheet has 1 to 30 sections\. Give "sections"/],
  [{}, /a sheet has 1 to 30 sections/],
  [{ sections: [3] }, /“section 1”: this section is not an object/],
  [{ sections: [section, { count: 3 }] }, /“section 2”: it has no kind/],
  [{ sections: [{ kind: 'note-name' }] }, /“section 1, note-name”: “count” is not a whole number/],
  [{ sections: [{ ...section, marks: -1 }] }, /its marks, -1, are not a whole number up to 100/],
  [{ sections: [{ ...section, material: [] }] }, /“material” is not an object/],
  [{ sections: [{ ...section, instruction: 7 }] }, /not a text of 500 letters at most/],
  [{ sections: [{ ...section, exchanged: [-1] }] }, /“exchanged” holds no places of questions/],
  [{ sections: [{ ...section, order: 'first' }] }, /“order” holds no places of questions/],
  [{ sections: [{ ...section, pinned: [{ place: 0 }] }] }, /“pinned” holds no questions with their places/],
  [{ sections: [{ ...section, pinned: 'x' }] }, /“pinned” holds no questions with their places/],
  [{ sections: [{ ...section, seed: 100 }] }, /its seed, 100, is not a whole number from 0 to 99/],
  [{ seed: 1.5, sections: [section] }, /its seed, 1\.5, is not a whole number up to a billion/],
  [{ title: 'x'.repeat(201), sections: [section] }, /title of 200 letters at most/],
])('%.60j is refused in words', (spec, message) => {
  expect(() => read(spec)).toThrow(message);
});

test.each([[{ root: 0.5 }], [{ root: -1 }], ['root 1'], [{ root: 400 }], [[1]], [{ ['r'.repeat(41)]: 1 }]])(
  '%.40j are not marks by part',
  (parts) => {
    expect(() => read({ sections: [{ ...section, parts }] })).toThrow('these are not marks by part');
  },
);

test('a field that is called as every object has one is none of ours', () => {
  const hostile = JSON.parse('{"__proto__":{"sections":[1]},"constructor":"x"}') as unknown;
  expect(() => read(hostile)).toThrow(/a sheet has 1 to 30 sections/);
});
