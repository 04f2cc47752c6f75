import { withGone } from './beats';
import { parseSymbol } from '../../chord/symbolParse';
import { printSymbol } from '../../chord/symbolPrint';
import { attempt, TheoryError } from '../../errors';
import { perObject } from '../../memo';
import { parseNote } from '../../pitch/parse';
import { printNote } from '../../pitch/print';
import type { Ending } from '../../time/bars';
import { parseTime, printLength } from '../../time/length';
import { parseMetre, printMetre } from '../../time/metre';
import { parseMarks, printMarks } from './noteMarks';
import { rowOfSign, signOfRow } from './scoreSign';
import type { Beam, ClefName, Score, ScorePart, WrittenBar, WrittenNote } from './score';

/** A score as it is kept: plain text, a row for each bar and note. */
export interface ScoreRows {
  readonly title: string;
  readonly composer: string;
  /** Quarter notes a minute; 0 where nothing is said. */
  readonly tempo: number;
  readonly parts: readonly PartRow[];
  /** `1 0 4 4/4 || label`: number, beginning, end, metre, signs, and its label where it is another. */
  readonly bars: readonly string[];
  /** `0 -3`: beginning, sharps or flats below zero. */
  readonly signatures: readonly string[];
  /** `0 1 1 0 3/2 Bb4 tl Word`: part, staff, voice, beginning, length, pitch, marks, and words where it has any. */
  readonly notes: readonly string[];
  /** `0 Am7`, and `4 N.C.` where no chord is meant. */
  readonly symbols: readonly string[];
  /** `0 1 4 4 dynamic mf`: part, staff, beginning, end, kind and text. */
  readonly signs?: readonly string[];
}

export interface PartRow {
  readonly name: string;
  readonly staves: number;
  /** `1 0 treble`: staff, beginning, clef. */
  readonly clefs: readonly string[];
  /** `-1 -2`: letters and half steps from the written note to the sounding one; empty at pitch. */
  readonly sounds: string;
}

const CLEFS: readonly ClefName[] = ['treble', 'bass', 'alto', 'tenor', 'treble-8', 'percussion'];
const KINDS = { r: 'rest', g: 'grace', c: 'cue', p: 'percussion' } as const;
const FERMATA = 'f';
const TIE_START = 't';
const TIE_END = 'e';
const SIGN = 's';
const AFTER = 'a';
/** Before the marks of playing. */
const MARKS = '~';
export const NO_CHORD = 'N.C.';
const BEAMS: Readonly<Record<Beam, string>> = { begin: 'b', continue: 'm', end: 'd' };

export function rowsOfScore(score: Score): ScoreRows {
  return {
    title: score.title,
    composer: score.composer,
    tempo: score.tempo ?? 0,
    parts: score.parts.map(({ name, staves, clefs, transposition }) => ({
      name,
      staves,
      clefs: clefs.map(({ staff, at, clef }) => `${staff} ${printLength(at)} ${clef}`),
      sounds: transposition ? `${transposition.letters} ${transposition.halfSteps}` : '',
    })),
    bars: score.bars.map(barRow),
    signatures: score.signatures.map(({ at, fifths }) => `${printLength(at)} ${fifths}`),
    notes: score.notes.map(noteRow),
    symbols: [
      ...score.symbols.map(({ at, chord }) => `${printLength(at)} ${printSymbol(chord)}`),
      ...(score.noChord ?? []).map((at) => `${printLength(at)} ${NO_CHORD}`),
    ],
    ...(score.signs ? { signs: score.signs.map(rowOfSign) } : {}),
  };
}

function barRow({
  number,
  from,
  to,
  metre,
  repeatStart,
  repeatEnd,
  ending,
  double,
  label,
}: WrittenBar): string {
  const signs = `${repeatStart ? ':' : ''}${ending ?? ''}${repeatEnd ? ';' : ''}${double ? '|' : ''}` || '-';
  const own = label === String(number) ? '' : ` ${label}`;
  return `${number} ${printLength(from)} ${printLength(to)} ${printMetre(metre)} ${signs}${own}`;
}

/** A note keeps its row as long as it lives: an edit leaves nearly all of them as they are. */
const noteRow = perObject((one: WrittenNote): string => {
  const kind = (Object.keys(KINDS) as (keyof typeof KINDS)[]).find((letter) => KINDS[letter] === one.kind);
  const marks = [
    kind,
    one.tieStart && TIE_START,
    one.tieEnd && TIE_END,
    one.fermata && FERMATA,
    one.sign && SIGN,
    one.after && AFTER,
    one.beam && BEAMS[one.beam],
    one.tuplet?.join(':'),
  ].filter(Boolean);
  const pitch = one.note ? printNote(one.note) : '-';
  const { part, staff, voice, onset, ticks, lyric } = one;
  const fields = [
    ...[part, staff, voice.replace(/\s/g, '_'), printLength(onset), printLength(ticks), pitch],
    `${marks.join('') || '-'}${one.marks ? `${MARKS}${printMarks(one.marks)}` : ''}`,
    ...(lyric ? [lyric] : []),
  ];
  return fields.join(' ');
});

/** Reads rows again and again while a piece is worked on: the notes of rows that were there are the same objects. */
export class ScoreRowsReader {
  private rows: ScoreRows | null = null;
  private score: Score | null = null;

  /** As scoreOfRows. */
  read(rows: ScoreRows): Score {
    const { rows: old, score: last } = this;
    this.score =
      old && last && old.parts.length === rows.parts.length
        ? scoreOfRows(rows, knownBefore(old.notes, last.notes))
        : scoreOfRows(rows);
    this.rows = rows;
    return this.score;
  }
}

/** What was read of the row at a place of so many. */
type Known = (row: string, at: number, count: number) => WrittenNote | undefined;

/** The note that was read of a row, where the same stood at its place from the beginning or from the end. */
function knownBefore(rows: readonly string[], read: readonly WrittenNote[]): Known {
  return (row, at, count) => {
    const fromEnd = rows.length - (count - at);
    return rows[at] === row ? read[at] : rows[fromEnd] === row ? read[fromEnd] : undefined;
  };
}

/** The score that rows hold. Throws TheoryError `request` for a row that is none, saying which. */
export function scoreOfRows(rows: ScoreRows, known: Known = () => undefined): Score {
  const parts = rows.parts.map((part): ScorePart => {
    const sounds = /^(-?\d+) (-?\d+)$/.exec(part.sounds);
    return {
      name: part.name,
      staves: part.staves,
      clefs: part.clefs.map((row) => {
        const [staff, at, clef] = row.split(' ');
        if (!(CLEFS as readonly string[]).includes(clef ?? '')) throw wrongRow('clef', row, '1 0 treble');
        return { staff: Number(staff), at: ticksOf(at, row), clef: clef as ClefName };
      }),
      transposition: sounds ? { letters: Number(sounds[1]), halfSteps: Number(sounds[2]) } : null,
    };
  });
  const isSilent = (row: string) => row.endsWith(` ${NO_CHORD}`);
  const [silent, chords] = [rows.symbols.filter(isSilent), rows.symbols.filter((row) => !isSilent(row))];
  const notes = rows.notes.map((row, at, all) => known(row, at, all.length) ?? noteOfRow(row, parts.length));
  return {
    title: rows.title,
    composer: rows.composer,
    tempo: rows.tempo > 0 ? rows.tempo : null,
    parts,
    bars: withGone(rows.bars.map(barOfRow)),
    signatures: rows.signatures.map((row) => {
      const [at, fifths] = row.split(' ');
      if (!/^-?[0-7]$/.test(fifths ?? '')) throw wrongRow('signature', row, '0 -3');
      return { at: ticksOf(at, row), fifths: Number(fifths) };
    }),
    notes,
    symbols: chords.map((row) => {
      const [at, ...symbol] = row.split(' ');
      return { at: ticksOf(at, row), chord: parseSymbol(symbol.join(' ')) };
    }),
    ...(silent.length > 0 ? { noChord: silent.map((row) => ticksOf(row.split(' ')[0], row)) } : {}),
    ...(rows.signs ? { signs: rows.signs.map(signOfRow) } : {}),
  };
}

function barOfRow(row: string): WrittenBar {
  const [number, from, to, metre, signs = '-', ...label] = row.split(' ');
  if (!/^\d{1,5}$/.test(number ?? '')) throw wrongRow('bar', row, '1 0 4 4/4 -');
  const bar = { number: Number(number), from: ticksOf(from, row), to: ticksOf(to, row) };
  if (bar.to <= bar.from) throw wrongRow('bar', row, '1 0 4 4/4 -');
  const ending = /[12]/.exec(signs)?.[0] as Ending | undefined;
  return {
    ...bar,
    metre: parseMetre(metre ?? ''),
    label: label.length > 0 ? label.join(' ') : String(bar.number),
    ...(signs.includes(':') ? { repeatStart: true as const } : {}),
    ...(signs.includes(';') ? { repeatEnd: true as const } : {}),
    ...(ending ? { ending } : {}),
    ...(signs.includes('|') ? { double: true as const } : {}),
  };
}

function noteOfRow(row: string, parts: number): WrittenNote {
  const [part, staff, voice, onset, length, pitch, flags = '-', ...words] = row.split(' ');
  const [marks = '', played] = flags.split(MARKS);
  const known = /^\d+$/.test(part ?? '') && Number(part) < parts && /^[1-9]$/.test(staff ?? '');
  if (!known || !voice || pitch === undefined) throw wrongRow('note', row, '0 1 1 0 3/2 Bb4 -');
  const tuplet = /(\d+):(\d+)/.exec(marks);
  const letter = /^[rgcp]/.exec(marks)?.[0] as keyof typeof KINDS | undefined;
  const lyric = words.join(' ');
  const beam = (Object.keys(BEAMS) as Beam[]).find((one) => marks.includes(BEAMS[one]));
  return {
    part: Number(part),
    staff: Number(staff),
    voice,
    onset: ticksOf(onset, row),
    ticks: ticksOf(length, row),
    note: pitch === '-' ? null : parseNote(pitch),
    kind: letter ? KINDS[letter] : 'note',
    ...(marks.includes(TIE_START) ? { tieStart: true as const } : {}),
    ...(marks.includes(TIE_END) ? { tieEnd: true as const } : {}),
    ...(marks.includes(FERMATA) ? { fermata: true as const } : {}),
    ...(marks.includes(SIGN) ? { sign: true as const } : {}),
    ...(marks.includes(AFTER) ? { after: true as const } : {}),
    ...(beam ? { beam } : {}),
    ...(tuplet ? { tuplet: [Number(tuplet[1]), Number(tuplet[2])] as const } : {}),
    ...(played ? { marks: parseMarks(played) } : {}),
    ...(lyric === '' ? {} : { lyric }),
  };
}

/** A time or a length of a row. Throws TheoryError naming the row. */
function ticksOf(text: string | undefined, row: string): number {
  const time = attempt(() => parseTime(text ?? ''));
  if (!time.ok) throw wrongRow('time', row, '3/2');
  return time.value;
}

function wrongRow(what: string, row: string, right: string): TheoryError {
  return new TheoryError('request', row, `this is not a ${what} of a score.`, `Write for example ${right}.`);
}
