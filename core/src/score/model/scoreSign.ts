import { TheoryError } from '../../errors';
import { parseTime, printLength } from '../../time/length';

export const SIGN_KINDS = [
  /** How fast, in words. */
  'tempo',
  'words',
  'dynamic',
  /** The two hairpins, which last. */
  'louder',
  'softer',
  /** Written an octave, or two, lower or higher than it sounds; these last. */
  '8va',
  '8vb',
  '15ma',
  'segno',
  'coda',
  'to-coda',
  'da-capo',
  'dal-segno',
  'fine',
] as const;
export type SignKind = (typeof SIGN_KINDS)[number];

/** A sign over or under a staff, at a time in ticks; `to` is where one that lasts ends, and `at` for the others. */
export interface ScoreSign {
  readonly part: number;
  readonly staff: number;
  readonly at: number;
  readonly to: number;
  readonly kind: SignKind;
  /** What is printed: `mf`, `Allegro`, `D.C. al Fine`; empty for a sign of its own. */
  readonly text: string;
}

/** Kinds that move what is written away from where it sounds, by octaves. */
export const OCTAVES: Readonly<Partial<Record<SignKind, number>>> = { '8va': 1, '8vb': -1, '15ma': 2 };

/** A sign as it is kept: `0 1 4 8 dynamic mf`: part, staff, beginning, end, kind, and its text. */
export function rowOfSign({ part, staff, at, to, kind, text }: ScoreSign): string {
  return `${part} ${staff} ${printLength(at)} ${printLength(to)} ${kind}${text === '' ? '' : ` ${text}`}`;
}

/** The sign of a row. Throws TheoryError `request` for what is none. */
export function signOfRow(row: string): ScoreSign {
  const [, part, staff, at, to, kind, text = ''] =
    /^(\d+) ([1-9]) (\S+) (\S+) (\S+)(?: (.*))?$/.exec(row) ?? [];
  if (!part || !(SIGN_KINDS as readonly string[]).includes(kind ?? ''))
    throw new TheoryError(
      'request',
      row,
      'this is not a sign of a score.',
      'Write for example 0 1 4 4 dynamic mf.',
    );
  return {
    part: Number(part),
    staff: Number(staff),
    at: parseTime(at!),
    to: parseTime(to!),
    kind: kind as SignKind,
    text,
  };
}
