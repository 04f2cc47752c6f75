import { need, wordsAfter } from './words';
import {
  DEFAULT_LABEL_STYLE,
  chordFromFormula,
  chordFromHalfSteps,
  printSymbol,
  scaleOf,
  stackOnDegree,
  TheoryError,
  type Chord,
  type LabelStyle,
} from '@diatonix/core';
import { readForm } from './answers';
import { keyRequested, noteNameRequested } from './reading';
import type { Arguments } from './options';

/** The symbol of a chord given by degree, formula, half steps, or itself. */
export function symbolOf(args: Arguments, school: LabelStyle | undefined): string {
  const { options } = args;
  const print = (chord: Chord) => printSymbol(chord, { letters: (school ?? DEFAULT_LABEL_STYLE).letters });
  if (options['degree'] !== undefined) {
    const top = Number(options['top'] ?? 5);
    if (![5, 7, 9, 11, 13].includes(top))
      throw new TheoryError(
        'request',
        options['top']!,
        'a stack ends on its 5, 7, 9, 11 or 13.',
        'Write --top 7.',
      );
    const scale = scaleOf(keyRequested(need(args, 'key'), school), readForm(options['form']));
    return print(stackOnDegree(scale, Number(options['degree']), top as 5 | 7 | 9 | 11 | 13));
  }
  if (options['formula'] !== undefined)
    return print(chordFromFormula(noteNameRequested(need(args, 'root'), school), options['formula']));
  if (options['half-steps'] !== undefined)
    return print(
      chordFromHalfSteps(
        noteNameRequested(need(args, 'root'), school),
        options['half-steps']
          .trim()
          .split(/[\s,·]+/)
          .map(Number),
      ),
    );
  return wordsAfter(args, 1, 'diatonix chord "C#m7b5/E"')[0]!;
}
