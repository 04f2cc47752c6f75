import { askQuestions, kindWords, KINDS, mistakesOf, type ExerciseKind } from '@diatonix/core';

const SEED = 3;
const LONGEST_EXAMPLE = 120;

/** What a question of a kind gives, with what may be left out in brackets. */
const fieldsOf = ({ fields }: ExerciseKind): string =>
  Object.entries(fields)
    .map(([name, { optional }]) => (optional ? `[\`${name}\`]` : `\`${name}\``))
    .join(' ');

/** A right answer of a kind as JSON. */
function exampleOf({ id }: ExerciseKind): string {
  const [question] = askQuestions({ kind: id, seed: SEED, count: 1 }).questions;
  const text = JSON.stringify(question!.answers[0]);
  return `\`${text.length > LONGEST_EXAMPLE ? `${text.slice(0, LONGEST_EXAMPLE)}…` : text}\``;
}

/** Every kind of exercise as a table: what is given, what is answered, what it is made of, how it goes wrong. */
export function kindsTable(): string {
  const rows = KINDS.map((kind) =>
    [
      `\`${kind.id}\``,
      kindWords(kind.id).name,
      fieldsOf(kind),
      exampleOf(kind),
      kind.materialFields.map((field) => `\`${field}\``).join(' '),
      String(mistakesOf(kind.id).length),
    ].join(' | '),
  );
  return [
    '# Kinds of exercise',
    '',
    'Made from the kinds themselves by `npm run -s kinds`. Fields in brackets may be left out.',
    '',
    '| kind | name | given | a right answer | material | mistakes known |',
    '| --- | --- | --- | --- | --- | --- |',
    ...rows.map((row) => `| ${row} |`),
    '',
  ].join('\n');
}
