import { need, wordsAfter } from './words';
import {
  chordFromFormula,
  chordFromHalfSteps,
  parseKey,
  parseNoteName,
  printSymbol,
  scaleOf,
  stackOnDegree,
  TheoryError,
} from '@diatonix/core';
import { readForm } from './answers';
import type { Arguments } from './options';

/** The symbol of a chord given by degree, formula, half steps, or itself. */
export function symbolOf(args: Arguments): string {
  const { options } = args;
  if (options['degree'] !== undefined) {
    const top = Number(options['top'] ?? 5);
    if (![5, 7, 9, 11, 13].includes(top))
      throw new TheoryError(
        'request',
        options['top']!,
        'a stack ends on its 5, 7, 9, 11 or 13.',
        'Write --top 7.',
      );
    const scale = scaleOf(parseKey(need(args, 'key')), readForm(options['form']));
    return printSymbol(stackOnDegree(scale, Number(options['degree']), top as 5 | 7 | 9 | 11 | 13));
  }
  if (options['formula'] !== undefined)
    return printSymbol(chordFromFormula(parseNoteName(need(args, 'root')), options['formula']));
  if (options['half-steps'] !== undefined)
    return printSymbol(
      chordFromHalfSteps(
        parseNoteName(need(args, 'root')),
        options['half-steps']
          .trim()
          .split(/[\s,·]+/)
          .map(Number),
      ),
    );
  return wordsAfter(args, 1, 'diatonix chord "C#m7b5/E"')[0]!;
}
