import {
  answerWords,
  causeSentence,
  DEFAULT_LABEL_STYLE,
  kindsOut,
  instructionWords,
  makeSheet,
  mistakeName,
  mistakesOut,
  remedyOf,
  MOST_VERSIONS,
  readSchool,
  TheoryError,
  type GivenData,
  type LabelStyle,
  type Sheet,
} from '@diatonix/core';
import { sheetToMusicXml } from '@diatonix/core/musicxml';
import { readFileSync } from 'node:fs';
import { sheetOut, specRequested, versionRequested } from './askAnswers';
import type { Arguments } from './options';
import type { PdfWanted } from './pdf';
import { writeOut } from './writeOut';

const LARGEST_SPEC = 2_000_000;

/**
 * `diatonix sheet --kinds`: every kind with the material it takes. `diatonix sheet --spec FILE|-`: a sheet of a
 * spec, with `--seed` and `--version`, in words or with `--json`. `--pdf OUT` is another matter. Throws TheoryError.
 */
export function sheetCommand({ options, flags }: Arguments): string {
  const json = flags.has('json');
  if (flags.has('kinds')) {
    const kinds = kindsOut();
    return json
      ? JSON.stringify({ kinds })
      : kinds.map(({ kind, material }) => `${kind}: ${Object.keys(material).join(', ')}`).join('\n');
  }
  if (flags.has('mistakes')) {
    const mistakes = mistakesOut().map(({ mistake, kinds }) => ({
      mistake,
      kinds,
      name: mistakeName(mistake),
      sentence: causeSentence({ mistakes: [mistake], certain: true }),
      remedy: remedyOf(mistake),
    }));
    return json
      ? JSON.stringify({ mistakes })
      : mistakes.map(({ mistake, name, kinds }) => `${mistake}: ${name} (${kinds.join(', ')})`).join('\n');
  }
  const file = options['spec'];
  if (file === undefined)
    throw new TheoryError(
      'request',
      'sheet',
      'there is no spec to make a sheet of.',
      'Write diatonix sheet --spec FILE, --spec - for standard input, --kinds or --mistakes.',
    );
  const school = schoolOf(options['school']);
  const sheet = makeSheet(
    specRequested(readSpec(file), seedOf(options['seed'])),
    versionRequested(options['version']),
  );
  const xml = options['musicxml'];
  if (xml !== undefined) {
    writeOut(xml, sheetToMusicXml(sheet));
    return '';
  }
  return json ? JSON.stringify(sheetOut(sheet, school)) : sheetText(sheet, school ?? DEFAULT_LABEL_STYLE);
}

const schoolOf = (text: string | undefined) => (text === undefined ? undefined : readSchool(text));

/** What `--pdf OUT` prints: one version with `--version`, else so many as `--versions` says. Throws TheoryError. */
export function pdfWanted({ options }: Arguments): PdfWanted {
  const count = Number(options['versions'] ?? 1);
  if (!Number.isInteger(count) || count < 1 || count > MOST_VERSIONS)
    throw new TheoryError(
      'request',
      options['versions']!,
      'this is not a number of versions.',
      `Write for example --versions 2; at most ${MOST_VERSIONS}.`,
    );
  const one = options['version'];
  return {
    spec: specRequested(readSpec(options['spec'] ?? '-'), seedOf(options['seed'])),
    versions: one === undefined ? Array.from({ length: count }, (_, at) => at) : [versionRequested(one)],
    paper: options['paper'] ?? 'A4',
    out: options['pdf']!,
    school: schoolOf(options['school']),
  };
}

function seedOf(text: string | undefined): number | undefined {
  if (text === undefined) return undefined;
  if (!/^-?\d{1,9}$/.test(text))
    throw new TheoryError('request', text, 'this is not a whole number.', 'Write for example --seed 7.');
  return Number(text);
}

/** A spec as it stands in a file, or on standard input. Throws TheoryError. */
export function readSpec(file: string): unknown {
  let text: string;
  try {
    text = readFileSync(file === '-' ? 0 : file, 'utf8');
  } catch {
    throw new TheoryError(
      'request',
      file,
      'this file cannot be read.',
      'Give the path of a JSON file, or -.',
    );
  }
  if (text.length > LARGEST_SPEC)
    throw new TheoryError('request', file, 'the spec is larger than 2 MB.', 'Divide it into several sheets.');
  try {
    return JSON.parse(text);
  } catch {
    throw new TheoryError(
      'request',
      file,
      'this is not JSON.',
      'Write {"title":"Intervals","seed":7,"sections":[{"kind":"interval-name","count":6}]}.',
    );
  }
}

/** A sheet in words: each question with its answers. */
function sheetText({ title, code, marks, sections }: Sheet, school: LabelStyle): string {
  const said = (given: GivenData) =>
    Object.entries(given)
      .map(([field, value]) => `${field} ${Array.isArray(value) ? value.flat().join(' ') : String(value)}`)
      .join(', ');
  return [
    `${title}   ${code}   ${marks} marks`,
    ...sections.flatMap(({ kind, instruction, questions, remarks }, at) => [
      '',
      `${at + 1}. ${instructionWords({ kind, instruction, questions })}`,
      ...questions.map(({ given, answers }, place) => {
        const right = answers.map((one) => answerWords(kind, one, school)).join(' or ');
        return `   ${at + 1}.${place + 1}  ${said(given)}: ${right}`;
      }),
      ...remarks.map((remark) => `   ${remark}`),
    ]),
  ].join('\n');
}
