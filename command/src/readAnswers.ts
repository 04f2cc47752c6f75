import {
  attempt,
  barAt,
  beatIn,
  countNotes,
  evidenceWords,
  barsAfter,
  likelyUpbeat,
  keyEvidence,
  localFunction,
  notesFromBass,
  parseMetre,
  parseNote,
  parseTime,
  phraseEndWords,
  printFigure,
  printKey,
  printLength,
  printNote,
  printNoteName,
  printNumeral,
  printSymbol,
  analyseScore,
  REQUEST_LIMITS,
  shortFigures,
  TheoryError,
  TICKS_A_QUARTER,
  toRead,
  type Key,
  type Metre,
  type LabelStyle,
  type Score,
  type ScoreNote,
  type ScoreReading,
  type ScoreToRead,
} from '@diatonix/core';
import { readAs, ScoreRequested, type ReadRequest } from '@diatonix/doors';
import { atMost } from './limits';
import { keyRequested, schoolOf } from './reading';

/** A reading as it is answered: keys with their evidence, chords with what is not of them, cadences. */
export function readingOut(
  score: ScoreToRead,
  partNames: readonly string[],
  reading: ScoreReading,
  school?: LabelStyle,
) {
  const place = (time: number) => {
    const bar = barAt(score.bars, time)!;
    return { bar: bar.number, beat: beatIn(time, bar) };
  };
  const chords = reading.chords.map((one) => ({
    at: printLength(one.from),
    for: printLength(one.to - one.from),
    ...place(one.from),
    root: printNoteName(one.chord.root),
    bass: printNoteName(one.chord.bass),
    notes: notesFromBass(one.chord).map(printNoteName),
    symbol: printSymbol(one.chord, school ? { school: school.symbols, letters: school.letters } : {}),
    key: printKey(one.key),
    numeral: printNumeral(one.numeral, one.key, school),
    figures: shortFigures(one.chord, one.key).map(printFigure),
    function: one.reason === 'cadential-six-four' ? 'dominant' : localFunction(one.numeral),
    ruled: one.ruled,
    ...(one.pivot
      ? {
          pivot: {
            key: printKey(one.pivot.key),
            numeral: printNumeral(one.pivot.numeral, one.pivot.key, school),
          },
        }
      : {}),
    supplied: one.supplied.map(printNoteName),
    nonChord: one.nonChord.map((foreign) => ({
      part: partNames[score.notes[foreign.note]!.part] ?? '',
      note: printNote(score.notes[foreign.note]!.note),
      at: printLength(foreign.at),
      kind: foreign.kind,
      ...(foreign.figures ? { figures: foreign.figures.join('-') } : {}),
    })),
    readings: one.readings.map((other) => ({
      key: printKey(other.key),
      numeral: printNumeral(other.numeral, other.key, school),
      root: printNoteName(other.chord.root),
      bass: printNoteName(other.chord.bass),
      notes: notesFromBass(other.chord).map(printNoteName),
      reason: other.excess === 0 ? 'fits best' : `fits worse by ${other.excess.toFixed(1)}`,
    })),
  }));
  return {
    keys: reading.keys.map((area) => ({
      from: printLength(area.from),
      key: printKey(area.key),
      evidence: keyEvidence(score, reading, area, area.key).map(
        (one) => `${one.speaks}: ${evidenceWords(one, score.bars, school)}`,
      ),
    })),
    // Of a tune alone no chord sounds: those that fit it are offered.
    ...(reading.tune ? { tune: true, chords: [], offers: chords } : { chords }),
    cadences: reading.cadences.map(({ at, kind }) => {
      const { from } = reading.chords[at]!;
      return { at: printLength(from), bar: place(from).bar, kind };
    }),
    phraseEnds: reading.phraseEnds.map((end) => ({
      at: printLength(end.at),
      sign: phraseEndWords(end, school),
    })),
  };
}

/** A score of a file with its reading. */
export function scoreAnswer(
  score: Score,
  remarks: readonly string[],
  key: Key | undefined,
  school?: LabelStyle,
) {
  const given = toRead(score);
  const reading = analyseScore(given, key ? { key } : {});
  const end = score.bars[score.bars.length - 1]?.to ?? 0;
  return {
    title: score.title,
    bars: score.bars.length,
    length: printLength(end),
    parts: score.parts.map(({ name }, part) => ({ name, notes: countNotes(score, part) })),
    ...readingOut(
      given,
      score.parts.map(({ name }) => name),
      reading,
      school,
    ),
    remarks,
  };
}

/** `{"do":"read","score":{"signature":1,"time":"4/4","fermatas":["7"],"notes":[["0","1","B4",0],…]}}` */
export function answerOfReading(request: ReadRequest): unknown {
  const school = schoolOf(request);
  const { key } = request;
  const score = scoreOfRequest(readAs(ScoreRequested, request.score, 'score'));
  const isOpen = key === undefined || key === null;
  const reading = analyseScore(score, isOpen ? {} : { key: keyRequested(key, school) });
  const parts = Math.max(...score.notes.map(({ part }) => part)) + 1;
  return readingOut(
    score,
    Array.from({ length: parts }, (_, part) => String(part)),
    reading,
    school,
  );
}

function scoreOfRequest(given: ScoreRequested): ScoreToRead {
  const metre = parseMetre(given.time ?? '4/4');
  const { notes: rows } = given;
  if (rows.length === 0) throw wrongNote([], 'the score has no notes.');
  atMost(rows.length, REQUEST_LIMITS.scoreNotes, 'notes of a score');
  const notes = rows.map((row, at) => noteOf(row, at));
  const fermatas = (given.fermatas ?? []).map((time) => timeOf(time, 'fermatas'));
  return {
    notes,
    signatures: [{ at: 0, fifths: given.signature ?? 0 }],
    fermatas,
    bars: barsOf(given, metre, notes, fermatas),
  };
}

/** Bars by `measures`, `[[number, at], …]`; else by the metre after an `upbeat`, the likeliest unless it is given. */
function barsOf(
  given: ScoreRequested,
  metre: Metre,
  notes: readonly ScoreNote[],
  fermatas: readonly number[],
): ScoreToRead['bars'] {
  const end = notes.reduce((last, note) => Math.max(last, note.end), 0);
  const measures = (given.measures ?? []).map((row) => {
    const [number, at] = Array.isArray(row) ? (row as unknown[]) : [];
    if (!Number.isInteger(number)) throw wrongNote(row, 'this is not a bar.', 'Give bars as [number, "at"].');
    return { number: number as number, from: timeOf(at, 'measures') };
  });
  if (measures.length > 0)
    return measures.map(({ number, from }, at) => ({
      number,
      from,
      to: measures[at + 1]?.from ?? Math.max(end, from + 1),
      metre,
    }));
  const said = given.upbeat ?? given.pickup ?? null;
  const upbeat = said === null ? likelyUpbeat(notes, metre, fermatas) : timeOf(said, 'upbeat');
  return barsAfter(upbeat, metre, end);
}

function noteOf(row: unknown, at: number): ScoreNote {
  const [onset, length, pitch, part] = Array.isArray(row) ? (row as unknown[]) : [];
  if (
    typeof pitch !== 'string' ||
    !Number.isInteger(part) ||
    (part as number) < 0 ||
    (part as number) >= REQUEST_LIMITS.parts
  )
    throw wrongNote(row, `note ${at + 1} is not [at, length, pitch, part].`);
  const from = timeOf(onset, 'notes');
  const ticks = timeOf(length, 'notes');
  if (ticks <= 0) throw wrongNote(row, `note ${at + 1} lasts nothing.`);
  return {
    onset: from,
    end: from + ticks,
    note: parseNote(pitch),
    part: part as number,
    voice: String(part),
  };
}

/** A time of a field in ticks. Throws TheoryError naming the field. */
function timeOf(value: unknown, field: string): number {
  const said = typeof value === 'string' || typeof value === 'number' ? String(value) : '';
  const time = attempt(() => parseTime(said));
  if (!time.ok)
    throw new TheoryError(
      'request',
      JSON.stringify(value) ?? 'nothing',
      `this is not a time in “${field}”.`,
      'Write quarters as "7" or "3/2".',
    );
  atMost(Math.ceil(time.value / TICKS_A_QUARTER), REQUEST_LIMITS.quarters, 'quarters of a score');
  return time.value;
}

function wrongNote(read: unknown, what: string, right = 'Write for example ["0","1","B4",0].'): TheoryError {
  return new TheoryError('request', JSON.stringify(read) ?? 'nothing', what, right);
}
