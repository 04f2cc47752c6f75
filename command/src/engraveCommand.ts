import { readSchool, TheoryError, type LabelStyle } from '@diatonix/core';
import type { Arguments } from './options';

/** What `diatonix engrave` draws. */
export interface EngraveWanted {
  readonly file: string;
  readonly svg: string | undefined;
  readonly pdf: string | undefined;
  readonly labels: boolean;
  readonly closed: boolean;
  readonly dynamics: boolean;
  /** Of the systems, in millimetres. */
  readonly width: number;
  readonly paper: string;
  readonly school: LabelStyle | undefined;
}

/** Widths of systems, in millimetres. */
const [NARROWEST, USUAL, WIDEST] = [60, 180, 2000];

/** What `engrave FILE --svg OUT|--pdf OUT` draws. Throws TheoryError. */
export function engraveWanted({ words, options, flags }: Arguments): EngraveWanted {
  const example = 'Write diatonix engrave FILE --svg OUT.svg, or --pdf OUT.pdf.';
  const [, file, ...more] = words;
  if (file === undefined || more.length > 0)
    throw new TheoryError('request', words.slice(1).join(' '), 'one file is engraved at a time.', example);
  const { svg, pdf, width = String(USUAL), paper = 'A4', school } = options;
  if (svg === undefined && pdf === undefined)
    throw new TheoryError('request', file, 'nothing says where it is to go.', example);
  const wide = Number(width);
  if (!Number.isFinite(wide) || wide < NARROWEST || wide > WIDEST)
    throw new TheoryError(
      'request',
      width,
      'this is not a width in millimetres.',
      `Write ${NARROWEST} to ${WIDEST}: --width ${USUAL}.`,
    );
  return {
    ...{ file, svg, pdf, width: wide, paper },
    labels: flags.has('labels'),
    closed: flags.has('closed'),
    dynamics: flags.has('dynamics'),
    school: school === undefined ? undefined : readSchool(school),
  };
}
