import {
  buildIntervalWorking,
  CHORD_WAYS,
  chordOfNumeral,
  chordWorking,
  DEFAULT_LABEL_STYLE,
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
  readFiguresWorking,
  ROMANTEXT,
  readLine,
  rootShortcuts,
  sayStep,
  sentenceText,
  writeFiguresWorking,
  identify,
  chordMap,
  displayNoteName,
  type Key,
  type LabelStyle,
  type WorkingStep,
} from '@diatonix/core';
import { readForm, numeralRequested } from './answers';
import type { Arguments } from './options';
import { readEither, keyRequested, noteNameRequested, noteRequested, symbolRequested } from './reading';
import { symbolOf } from './symbolOption';

/** The working of a command as numbered steps, one block for each way. */
export function workingText(args: Arguments, school: LabelStyle = DEFAULT_LABEL_STYLE): string {
  return blocksOf(args, school)
    .flatMap(([title, steps]) => [
      title,
      ...steps.map((step, index) => `  ${index + 1}. ${sentenceText(sayStep(step, school), school)}`),
    ])
    .join('\n');
}

type Block = readonly [string, readonly WorkingStep[]];

function blocksOf(args: Arguments, school: LabelStyle | undefined): Block[] {
  const { words, options, flags } = args;
  const key = keyRequested(options['key'] ?? 'C major', school);
  switch (words[0]) {
    case 'interval': {
      if (options['add'] !== undefined)
        return [
          [
            'Building it',
            buildIntervalWorking(
              noteRequested(options['from']!, school),
              parseInterval(options['add']),
              flags.has('below'),
            ),
          ],
        ];
      const [from, to] = [noteRequested(words[1]!, school), noteRequested(words[2]!, school)];
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
            noteNameRequested(options['bass']!.replace(/-?\d$/, ''), school),
            parseFigures(options['figures'] ?? ''),
            key,
          ),
        ],
      ];
    case 'key': {
      const own = keyRequested(words[1]!, school);
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
        options['notation'] ? ROMANTEXT : school,
      ).flatMap((token): Block[] =>
        'error' in token ? [] : [[token.text, numeralWorking(token.read.numeral, token.read.chord, key)]],
      );
    default:
      return chordBlocks(args, key, school);
  }
}

function chordBlocks(args: Arguments, key: Key, school: LabelStyle | undefined): Block[] {
  const { options } = args;
  if (options['notes'] !== undefined) {
    const notes = options['notes']
      .trim()
      .split(/[\s,]+/)
      .map((note) => readEither(note, school));
    const chord = options['key'] ? numeralsForNotes(notes, key)[0]!.chord : identify(notes)[0]!.chord;
    return [
      ['Naming it', nameChordWorking(notes, chord, options['key'] ? key : null)],
      ['Two quick ways to the root', rootShortcuts(chord)],
    ];
  }
  const numeral =
    options['numeral'] === undefined
      ? null
      : numeralRequested(
          options['numeral'],
          key,
          options['notation'] === 'romantext' ? { notation: 'romantext' } : {},
        );
  const chord = numeral ? chordOfNumeral(numeral, key) : symbolRequested(symbolOf(args, school), school);
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
