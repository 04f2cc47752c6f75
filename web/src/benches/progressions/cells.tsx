import {
  faultWords,
  displayNoteName,
  isRestColumn,
  parseMelodyEntry,
  speakChord,
  speakNumeral,
  type Deduction,
  type Fault,
  type HeldFingers,
  type MelodyNote,
  type LabelStyle,
  cadenceWords,
} from '@diatonix/core';
import type { GridCell, GridColumn, StaffDrawing } from '../../columns/types';
import { Figures } from '../../parts/NumeralText';
import { accidentalSigns } from '../../design/signs';
import type { ShownColumn } from './derive';
import { columnText } from './typedColumns';
import { columnPlaceWords } from './placeWords';
import { shortFaults } from './faultWords';
import { keyCell, NumeralCell, targetsCell, contextSentence, functionWord } from './contextCells';

/** Everything that a column says; `first` is true at the front of the line, `timed` where bars are drawn. */
export function gridColumn(
  one: ShownColumn,
  place: ColumnPlace,
  staff: StaffDrawing | null,
  school: LabelStyle,
  faults: readonly Fault[],
): GridColumn {
  const { column, labelled, line } = one;
  const { id } = column;
  const bars = barsOf(one, place);
  const said = columnPlaceWords(one.place, school);
  if (isRestColumn(column))
    return {
      id,
      sentence: `${said}, no chord`,
      staff,
      ...bars,
      cells: {
        ...writtenCells(one, school),
        key: keyCell(line, place.first, school),
        symbol: { text: columnText(column) },
      },
    };
  if (line?.sought) return soughtColumn(one, line.sought, place, school, bars, said);
  if (!labelled.ok) {
    return {
      id,
      sentence: `${said}, not understood: ${labelled.error.message}`,
      staff,
      cells: {},
      problem: columnText(column),
      ...bars,
    };
  }
  const { labels } = labelled;
  const numeral = speakNumeral(labels.numeralParts);
  return {
    id,
    sentence:
      `${said}, ${speakChord(labels.chord)}, ${numeral}${line ? contextSentence(line, school) : ''}` +
      (faults.length === 0 ? '' : `, fault: ${faults.map((fault) => faultWords(fault, school)).join(', ')}`),
    staff,
    ...bars,
    cells: {
      ...writtenCells(one, school),
      key: keyCell(line, place.first, school),
      numeral: {
        text: `${numeral}${line?.ruled ? ', ruled' : ''}`,
        content: <NumeralCell labels={labels} line={line} school={school} />,
      },
      figures: {
        text: labels.figures.map(accidentalSigns).join(' '),
        content: labels.figures.length > 0 ? <Figures figures={labels.figures} /> : '',
      },
      targets: targetsCell(line),
      symbol: { text: labels.symbol },
      notes: { text: labels.letters.join(' ') },
      degrees: { text: labels.degrees },
      function: { text: functionWord(labels, line) },
      cadence: { text: line?.cadence ? cadenceWords(line.cadence) : '' },
      faults: {
        text: faults.map((fault) => faultWords(fault, school)).join(', '),
        content: <span className="wrong">{shortFaults(faults, school)}</span>,
      },
    },
  };
}

/** Where a column stands in the grid. */
export interface ColumnPlace {
  readonly first: boolean;
  readonly last: boolean;
  /** Whether the line has bars of its own. */
  readonly timed: boolean;
  readonly ending: GridColumn['ending'] | null;
}

type Bars = Pick<GridColumn, 'before' | 'after' | 'ending'>;

/** Barlines and repeats at a column. */
function barsOf({ column, place }: ShownColumn, { last, timed, ending }: ColumnPlace): Bars {
  const { repeatStart, repeatEnd, phraseEnd } = column;
  const after = repeatEnd
    ? 'repeat'
    : phraseEnd
      ? timed
        ? 'double'
        : 'single'
      : timed && place.closes && !last
        ? 'single'
        : undefined;
  return {
    ...(repeatStart ? { before: 'repeat' as const } : {}),
    ...(after ? { after } : {}),
    ...(ending ? { ending } : {}),
  };
}

/** A chord that is to be worked back: only what was drawn at it, and what the class answered. */
function soughtColumn(
  { column, line }: ShownColumn,
  deduction: Deduction,
  { first }: ColumnPlace,
  school: LabelStyle,
  bars: Bars,
  said: string,
): GridColumn {
  const targets = targetsCell(line);
  const drawn = targets.text === '' ? '' : `, ${targets.text}`;
  const answer = column.answer ?? '';
  return {
    id: column.id,
    sentence: `${said}, a chord to be worked back${drawn}`,
    staff: null,
    ...bars,
    cells: {
      key: keyCell(line, first, school),
      numeral: {
        text: answer === '' ? 'to be worked back' : `answered ${answer}`,
        content:
          answer === '' ? (
            <span className="blank" aria-hidden="true" />
          ) : (
            <span className="answer">{answer}</span>
          ),
      },
      targets,
      ...(deduction.kind === 'unknown'
        ? { function: { text: deduction.why === 'open' ? 'target open' : 'not known' } }
        : {}),
    },
  };
}

/** Rows that were written rather than found: the melody, fingers, and words under the column. */
function writtenCells(
  { column, fingers, against }: ShownColumn,
  school: LabelStyle,
): Record<string, GridCell> {
  const notes = (column.melody ?? []).map((text) => parseMelodyEntry(text).note);
  const kinds = notes.map((_, at) => against.find((one) => one.at === at)?.kind ?? null);
  return {
    melody: {
      text: notes
        .map(
          (note, at) =>
            `${displayNoteName(note, school.letters)}${kinds[at] ? ` ${MELODY_WORDS[kinds[at]]}` : ''}`,
        )
        .join(', '),
      content: notes.map((note, at) => {
        const name = displayNoteName(note, school.letters);
        return (
          <span key={at} className={`melody-note ${kinds[at] ?? ''}`}>
            {kinds[at] === 'passing' || kinds[at] === 'neighbour' ? `(${name})` : name}
          </span>
        );
      }),
    },
    fingers: {
      text: fingers ? `${fingers.fingers.join(' ')}${heldWords(fingers)}` : '',
      content: fingers?.fingers.map((finger, at) => (
        <span key={at} className={fingers.held[at] ? 'finger held' : 'finger'}>
          {finger}
        </span>
      )),
    },
    words: { text: column.words ?? '' },
  };
}

const MELODY_WORDS: Record<MelodyNote['kind'], string> = {
  passing: 'passes',
  neighbour: 'turns',
  clash: 'clashes with the chord',
};

function heldWords({ fingers, held }: HeldFingers): string {
  const staying = fingers.filter((_, at) => held[at]);
  return staying.length === 0 ? '' : `, ${staying.join(' and ')} ${staying.length === 1 ? 'stays' : 'stay'}`;
}
