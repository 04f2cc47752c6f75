import type { KeyStep } from '../working/step';
import { cap } from './grammar';
import { keyWords } from './names';
import type { Sayings } from './say';

/** What is said at each step of working with signatures. */
export const KEY_SAYINGS: Sayings<KeyStep> = {
  'relative-major': (step, { words, name, strong, school }) => [
    `Go three ${words.halfSteps} up from ${name(step.key.tonic)}, letter by letter a third: the relative major is `,
    strong(keyWords(step.relative, school)),
    '.',
  ],
  'same-signature': (step, { strong, school }) => [
    `${cap(keyWords(step.key, school))} has `,
    strong('the same signature'),
    '.',
  ],
  'mode-of': (step, { strong, school }) => [
    `${cap(keyWords(step.key, school))} has the signature of `,
    strong(keyWords(step.major, school)),
    '.',
  ],
  'no-signature': (step, { strong, school }) => [
    `${cap(keyWords(step.key, school))} has `,
    strong('no sharps or flats'),
    '.',
  ],
  respelled: (step, { name, strong, school }) => [
    `${name(step.from)} and ${name(step.to)} are the same key of the piano; in ${keyWords(step.key, school)} it is `,
    strong(name(step.to)),
    '.',
  ],
  theoretical: (step, { strong, row, school }) => [
    `No ordinary signature exists for ${keyWords(step.key, school)}; its accidentals are `,
    strong(row(step.notes)),
    '.',
  ],
  'last-sharp': (step, { words, name, strong, row }) => [
    `The ${words.halfStep} under ${name(step.key.tonic)} is ${name(step.sharp)}. ` +
      'It is the last sharp, so the signature is ',
    strong(row(step.notes)),
    '.',
  ],
  'one-flat': (step, { name, strong, school }) => [
    `${cap(keyWords(step.key, school))} has one flat, `,
    strong(name(step.flat)),
    ', to be learnt by heart.',
  ],
  'last-flat-but-one': (step, { name, strong, row }) => [
    `${name(step.key.tonic)} is the last flat but one; one more follows, ${name(step.last)}. The signature is `,
    strong(row(step.notes)),
    '.',
  ],
};
