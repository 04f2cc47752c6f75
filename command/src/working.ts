import {
  buildIntervalWorking,
  CHORD_WAYS,
  chordOfNumeral,
  chordWorking,
  DEFAULT_SCHOOL,
  INTERVAL_WAYS,
  intervalWorking,
  invertIntervalWorking,
  nameChordWorking,
  notesFromBass,
  numeralsForChord,
  numeralsForNotes,
  numeralWorking,
  parseFigures,
  parseInterval,
  parseKey,
  parseNote,
  parseNoteName,
  parseSymbol,
  readFiguresWorking,
  readLine,
  rootShortcuts,
  sayStep,
  sentenceText,
  writeFiguresWorking,
  identify,
  chordMap,
  displayNoteName,
  type School,
  type WorkingStep,
} from '@diatonix/core';
import { readForm, readNumeral } from './answers';
import type { Arguments } from './options';
import { symbolOf } from './symbolOption';

/** The working of a command as numbered steps, one block for each way. */
export function workingText(args: Arguments, school: School = DEFAULT_SCHOOL): string {
  return blocksOf(args)
    .flatMap(([title, steps]) => [
      title,
      ...steps.map((step, index) => `  ${index + 1}. ${sentenceText(sayStep(step, school), school)}`),
    ])
    .join('\n');
}

type Block = readonly [string, readonly WorkingStep[]];

function blocksOf(args: Arguments): Block[] {
  const { words, options, flags } = args;
  const key = parseKey(options['key'] ?? 'C major');
  switch (words[0]) {
    case 'interval': {
      if (options['add'] !== undefined)
        return [
          [
            'Building it',
            buildIntervalWorking(
              parseNote(options['from']!),
              parseInterval(options['add']),
              flags.has('below'),
            ),
          ],
        ];
      const [from, to] = [parseNote(words[1]!), parseNote(words[2]!)];
      const titles = {
        scale: 'By the major scale',
        strip: 'By stripping accidentals',
        'half-steps': 'By half steps',
        inversion: 'By inversion',
      };
      return [
        ...INTERVAL_WAYS.map((way): Block => [titles[way], intervalWorking(from, to, way)]),
        ['Inverting it', invertIntervalWorking(from, to)],
      ];
    }
    case 'figures':
      return [
        [
          'Reading the figures',
          readFiguresWorking(
            parseNoteName(options['bass']!.replace(/-?\d$/, '')),
            parseFigures(options['figures'] ?? ''),
            key,
          ),
        ],
      ];
    case 'key': {
      const own = parseKey(words[1]!);
      return chordMap(own, 5, readForm(options['form'])).map((column): Block => [
        `Degree ${column.degree}, ${displayNoteName(column.chord.root)}`,
        chordWorking(column.chord, 'thirds', {
          key: own,
          numeral: column.numeral,
          fromDegree: column.degree,
        }),
      ]);
    }
    case 'label':
      return readLine(
        options['notes']
          ? options['notes']
              .split('|')
              .map((group) => `(${group.trim()})`)
              .join(' ')
          : words[1]!,
        key,
      ).flatMap((token): Block[] =>
        'error' in token ? [] : [[token.text, numeralWorking(token.read.numeral, token.read.chord, key)]],
      );
    default:
      return chordBlocks(args, key);
  }
}

function chordBlocks(args: Arguments, key: ReturnType<typeof parseKey>): Block[] {
  const { options } = args;
  if (options['notes'] !== undefined) {
    const notes = options['notes']
      .trim()
      .split(/[\s,]+/)
      .map((note) => (/\d$/.test(note) ? parseNote(note) : parseNoteName(note)));
    const chord = options['key'] ? numeralsForNotes(notes, key)[0]!.chord : identify(notes)[0]!.chord;
    return [
      ['Naming it', nameChordWorking(notes, chord, options['key'] ? key : null)],
      ['Two quick ways to the root', rootShortcuts(chord)],
    ];
  }
  const numeral =
    options['numeral'] === undefined
      ? null
      : readNumeral(
          options['numeral'],
          key,
          options['notation'] === 'romantext' ? { notation: 'romantext' } : {},
        );
  const chord = numeral ? chordOfNumeral(numeral, key) : parseSymbol(symbolOf(args));
  const named = numeral ?? numeralsForChord(chord, key)[0]?.numeral;
  const titles = {
    thirds: 'By thirds',
    formula: 'By the formula',
    'half-steps': 'By half steps',
    key: 'From the key',
  };
  const ways =
    options['key'] || numeral
      ? CHORD_WAYS
      : CHORD_WAYS.filter((way) => way === 'formula' || way === 'half-steps');
  const blocks = named
    ? ways.map((way): Block => [titles[way], chordWorking(chord, way, { key, numeral: named })])
    : [];
  if (!options['key']) return [...blocks, ['Naming it', nameChordWorking(notesFromBass(chord), chord, null)]];
  return [
    ...blocks,
    ['Its figures', writeFiguresWorking(chord, key)],
    ...(named ? [['Its numeral', numeralWorking(named, chord, key)] as const] : []),
  ];
}
