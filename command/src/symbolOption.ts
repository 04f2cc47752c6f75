import { need, wordsAfter } from './words';
import {
  DEFAULT_SCHOOL,
  chordFromFormula,
  chordFromHalfSteps,
  printSymbol,
  scaleOf,
  stackOnDegree,
  TheoryError,
  type Chord,
  type School,
} from '@diatonix/core';
import { readForm } from './answers';
import { readKey, readName } from './reading';
import type { Arguments } from './options';

/** The symbol of a chord given by degree, formula, half steps, or itself. */
export function symbolOf(args: Arguments, school: School | undefined): string {
  const { options } = args;
  const print = (chord: Chord) => printSymbol(chord, { letters: (school ?? DEFAULT_SCHOOL).letters });
  if (options['degree'] !== undefined) {
    const top = Number(options['top'] ?? 5);
    if (![5, 7, 9, 11, 13].includes(top))
      throw new TheoryError(
        'request',
        options['top']!,
        'a stack ends on its 5, 7, 9, 11 or 13.',
        'Write --top 7.',
      );
    const scale = scaleOf(readKey(need(args, 'key'), school), readForm(options['form']));
    return print(stackOnDegree(scale, Number(options['degree']), top as 5 | 7 | 9 | 11 | 13));
  }
  if (options['formula'] !== undefined)
    return print(chordFromFormula(readName(need(args, 'root'), school), options['formula']));
  if (options['half-steps'] !== undefined)
    return print(
      chordFromHalfSteps(
        readName(need(args, 'root'), school),
        options['half-steps']
          .trim()
          .split(/[\s,·]+/)
          .map(Number),
      ),
    );
  return wordsAfter(args, 1, 'diatonix chord "C#m7b5/E"')[0]!;
}
