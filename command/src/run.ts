import { isMoving, parseFigures, printFigure, TheoryError, readSchool } from '@diatonix/core';
import {
  figuresAnswer,
  fingeringAnswer,
  homesAnswer,
  intervalAnswer,
  keyAnswer,
  answerNotes,
  numeralAnswer,
  readForm,
  symbolAnswer,
  transposeAnswer,
} from './answers';
import { labelAnswer } from './label';
import type { Arguments } from './options';
import {
  chordText,
  figuresText,
  fingeringText,
  homesText,
  intervalText,
  keyText,
  labelText,
  plainNumeral,
} from './text';
import { symbolRequested } from './reading';
import { need, wordsAfter } from './words';
import { sheetCommand } from './sheetCommand';
import { symbolOf } from './symbolOption';
import { workingText } from './working';

export const USAGE = `diatonix: music theory on the command line

  diatonix key "F# minor" [--form natural|harmonic|melodic]
  diatonix interval G#4 F##5
  diatonix interval --from Ab3 --add M6 [--below]
  diatonix chord "C#m7b5/E" [--key KEY]
  diatonix chord --notes "F3 A3 D4" [--key KEY]
  diatonix chord --numeral "V65/ii" --key "A major" [--notation romantext]
  diatonix chord --degree 2 --top 7 --key "A major" [--form FORM]
  diatonix chord --root C --formula "1 b3 5 b7"
  diatonix chord --root C --half-steps "3 4 3"
  diatonix chord G7 --homes --fingering    the keys it lives in, and both hands
  diatonix figures --key "A minor" --bass B --figures "#6 4 3"
  diatonix label --key "A major" "I vi V65/ii ii V7 I"
  diatonix label --key "A major" --notes "A2 E4 A4 C#5 | E2 D4 G#4 B4"
  diatonix convert IN OUT        .musicxml .mxl .mid .rntxt .abc in; the same (not .abc) and .csv out
  diatonix read FILES|FOLDERS [--key KEY]   scores chord by chord: .musicxml .xml .mxl .mid .abc
  diatonix engrave FILE --svg OUT|--pdf OUT [--labels] [--closed] [--dynamics]   a score as it is written
  diatonix sheet --spec FILE|- [--seed N] [--version B]   questions with their answers
  diatonix sheet --spec FILE --pdf OUT [--versions N] [--paper Letter]   pages and answers
  diatonix sheet --kinds         every kind of exercise, and its material
  diatonix mark SHEET ANSWERS…   files of answers marked, one line each with --json
  diatonix sheet --mistakes      every mistake that is known by its answer
  diatonix lines                 one JSON request a line in, one answer a line out

  --json      answers for machines     --working   the steps, numbered
  --school    settings such as inversion=letters,applied=of,letters=german`;

/** Carries out one command and returns what it prints. Throws TheoryError. */
export function run(args: Arguments): string {
  const { words, options, flags } = args;
  const school = options['school'] === undefined ? undefined : readSchool(options['school']);
  const print = <T>(answer: T, text: (answer: T) => string): string => {
    const main = flags.has('json') ? JSON.stringify(answer) : text(answer);
    return flags.has('working') && !flags.has('json') ? `${main}\n\n${workingText(args, school)}` : main;
  };
  switch (words[0]) {
    case 'key': {
      const [key] = wordsAfter(args, 1, 'diatonix key "F# minor"');
      return print(keyAnswer(key!, options['form'], school), (answer) =>
        keyText(key!, readForm(options['form']), answer, school),
      );
    }
    case 'interval': {
      if (options['add'] !== undefined)
        return print(
          transposeAnswer(need(args, 'from'), options['add'], flags.has('below'), school),
          ({ note }) => note,
        );
      const [from, to] = wordsAfter(args, 2, 'diatonix interval G#4 F##5');
      return print(intervalAnswer(from!, to!, school), intervalText);
    }
    case 'chord':
      return chord(args, print, school);
    case 'figures': {
      const figures =
        options['figures'] === undefined
          ? []
          : isMoving(options['figures'])
            ? options['figures'].trim().split(/[\s,]+/)
            : parseFigures(options['figures']).map(printFigure);
      return print(figuresAnswer(need(args, 'key'), need(args, 'bass'), figures, school), figuresText);
    }
    case 'label': {
      const line = options['notes']
        ? options['notes']
            .split('|')
            .map((group) => `(${group.trim()})`)
            .join(' ')
        : wordsAfter(args, 1, 'diatonix label --key "A major" "I vi ii V7 I"')[0]!;
      return print(labelAnswer(line, need(args, 'key'), school, options['notation']), (answer) =>
        labelText(answer, school),
      );
    }
    case 'sheet':
      return sheetCommand(args);
    default:
      throw new TheoryError(
        'request',
        words[0] ?? 'nothing',
        'there is no such command.',
        'The commands are key, interval, chord, figures, label, convert, read, sheet, mark and lines. ' +
          'See diatonix help.',
      );
  }
}

type Print = <T>(answer: T, text: (answer: T) => string) => string;

/** The six ways into a chord: numeral, notes, degree, formula, half steps, symbol. */
function chord(args: Arguments, print: Print, school: Parameters<typeof symbolAnswer>[2]): string {
  const { options } = args;
  if (options['numeral'] !== undefined) {
    const notation = options['notation'];
    if (notation !== undefined && notation !== 'romantext')
      throw new TheoryError(
        'request',
        notation,
        'this notation is not known.',
        'Leave it out, or write --notation romantext.',
      );
    return print(numeralAnswer(options['numeral'], need(args, 'key'), { notation, school }), plainNumeral);
  }
  if (options['notes'] !== undefined)
    return print(answerNotes(options['notes'].trim().split(/[\s,]+/), options['key'], school), (a) =>
      chordText(a, school),
    );
  const symbol = symbolOf(args, school);
  const said = symbolRequested(symbol, school);
  const answer = {
    ...symbolAnswer(symbol, options['key'], school),
    ...(args.flags.has('homes') ? { homes: homesAnswer(said, school) } : {}),
    ...(args.flags.has('fingering') ? { fingering: fingeringAnswer(said) } : {}),
  };
  return print(answer, (a) =>
    [chordText(a, school), a.homes ? homesText(a.homes) : '', a.fingering ? fingeringText(a.fingering) : '']
      .filter(Boolean)
      .join('\n'),
  );
}
