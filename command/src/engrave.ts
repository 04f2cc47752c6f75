import {
  analyseScore,
  DEFAULT_LABEL_STYLE,
  keyWords,
  printNumeral,
  sameKey,
  TheoryError,
  toRead,
  withSigns,
  type LabelStyle,
  type ScoreReading,
} from '@diatonix/core';
import { readScoreFile } from '@diatonix/core/files';
import { scorePdf, scorePicture, UNITS_A_MM, type ScoreLabel } from '@diatonix/engraving/pdf';
import { readFileSync } from 'node:fs';
import { basename } from 'node:path';
import * as vexflow from 'vexflow/bravura';
import type { EngraveWanted } from './engraveCommand';
import { fontFile, fonts } from './fonts';
import { paperNamed } from './paper';
import { writeOut } from './writeOut';

/** Draws a score as one SVG or as a PDF of pages; gives what could not be read in it. Throws TheoryError. */
export async function engrave({
  file,
  svg,
  pdf,
  labels,
  closed,
  dynamics,
  width,
  paper,
  school,
}: EngraveWanted) {
  const { value: score, remarks } = readScoreFile(basename(file), bytesOf(file));
  const reading = labels ? analyseScore(toRead(score)) : null;
  // A tune alone has no chords: those of its reading are offers.
  const rows = reading && !reading.tune ? labelsOf(reading, school ?? DEFAULT_LABEL_STYLE) : [];
  if (svg !== undefined) {
    const bravura = fontFile('@vexflow-fonts/bravura/bravura.otf');
    const picture = scorePicture({ vexflow, bravura }, score, {
      ...{ width: width * UNITS_A_MM, closed, dynamics, labels: rows, fontFace: fontFace() },
    });
    writeOut(svg, picture);
  }
  if (pdf !== undefined) {
    const pages = { closed, dynamics, labels: rows, paper: paperNamed(paper) };
    writeOut(pdf, await scorePdf({ vexflow, fonts: fonts() }, score, pages));
  }
  return reading?.tune
    ? [...remarks, 'The piece is a tune alone: no chords stand in it to be labelled.']
    : remarks;
}

/** The music font as a rule of the picture, which so shows its signs on any machine. */
function fontFace(): string {
  const data = Buffer.from(fontFile('@vexflow-fonts/bravura/bravura.woff2')).toString('base64');
  return `@font-face{font-family:Bravura;src:url(data:font/woff2;base64,${data}) format("woff2")}`;
}

/** The numerals that are read in a score, with the keys where they change. */
function labelsOf({ chords }: ScoreReading, school: LabelStyle): ScoreLabel[] {
  return chords.map(({ from, key, numeral }, at) => {
    const before = chords[at - 1]?.key;
    const isNew = !before || !sameKey(before, key);
    return {
      ...{ at: from, numeral: withSigns(printNumeral(numeral, key, school)) },
      key: isNew ? keyWords(key, school) : '',
    };
  });
}

function bytesOf(path: string): Uint8Array {
  try {
    return readFileSync(path);
  } catch {
    throw new TheoryError('request', path, 'this file cannot be read.', 'Give the path of a score.');
  }
}
