import {
  displayNoteName,
  numeralParts,
  parseNote,
  speakChord,
  speakNumeral,
  type ColumnLabels,
  type Deduction,
  type Fault,
  type HeldFingers,
  type LineLabel,
  type MelodyNote,
  type Place,
  type School,
} from '@diatonix/core';
import type { GridCell, GridColumn, StaffDrawing } from '../../columns/types';
import { keyName } from '../../design/names';
import { Figures, NumeralText } from '../../design/NumeralText';
import { accidentalSigns } from '../../design/signs';
import type { DerivedColumn } from './derive';
import { columnText } from './slice';

/** A fault in a few words: the rule and the voices. */
export function faultWords({ rule, voices }: Fault): string {
  return `${rule.replaceAll('-', ' ')}, ${voices.join(' and ')}`;
}

/** Faults of a column in as little room as a cell has: voices by their initials, or how many there are. */
function shortFaults(faults: readonly Fault[]): string {
  const [first] = faults;
  if (!first) return '';
  if (faults.length > 1) return `${faults.length} faults`;
  return `${first.rule.replaceAll('-', ' ')} ${first.voices.map((voice) => voice.charAt(0).toUpperCase()).join('–')}`;
}

/** Where a column stands, as it is said: the beat where bars hold more than one chord. */
export function placeWords({ bar, beat, opens, closes }: Place): string {
  const number = bar === 0 ? 'upbeat' : `bar ${bar}`;
  return opens && closes ? number : `${number} beat ${beatWords(beat)}`;
}

/** `5/2` is said as two and a half. */
function beatWords(beat: string): string {
  const [over, under] = beat.split('/').map(Number) as [number, number | undefined];
  if (under === undefined) return beat;
  const rest = over % under;
  return `${Math.floor(over / under)}${FRACTIONS[`${rest}/${under}`] ?? ` and ${rest}/${under}`}`;
}

const FRACTIONS: Record<string, string> = { '1/2': '½', '1/3': '⅓', '2/3': '⅔', '1/4': '¼', '3/4': '¾' };

/** Everything that a column says; `first` is true at the front of the line, `timed` where bars are drawn. */
export function gridColumn(
  one: DerivedColumn,
  place: ColumnPlace,
  staff: StaffDrawing | null,
  school: School,
  faults: readonly Fault[],
): GridColumn {
  const { column, labelled, line } = one;
  const { id } = column;
  const bars = barsOf(one, place);
  const said = placeWords(one.place);
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
    sentence: `${said}, ${speakChord(labels.chord)}, ${numeral}${line ? contextSentence(line, school) : ''}${faults.length === 0 ? '' : `, fault: ${faults.map(faultWords).join(', ')}`}`,
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
      function: { text: functionWord(labels, line, school) },
      cadence: { text: line?.cadence ? CADENCES[line.cadence] : '' },
      faults: {
        text: faults.map(faultWords).join(', '),
        content: <span className="wrong">{shortFaults(faults)}</span>,
      },
    },
  };
}

const CADENCES: Record<NonNullable<LineLabel['cadence']>, string> = {
  authentic: 'authentic',
  perfect: 'perfect',
  imperfect: 'imperfect',
  plagal: 'plagal',
  half: 'half',
  deceptive: 'deceptive',
  'phrygian-half': 'Phrygian half',
};

/** Where a column stands in the grid. */
export interface ColumnPlace {
  readonly first: boolean;
  readonly last: boolean;
  /** Whether the line has bars of its own. */
  readonly timed: boolean;
}

type Bars = Pick<GridColumn, 'before' | 'after'>;

/** Barlines and repeats at a column. */
function barsOf({ column, place }: DerivedColumn, { last, timed }: ColumnPlace): Bars {
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
  return { ...(repeatStart ? { before: 'repeat' as const } : {}), ...(after ? { after } : {}) };
}

/** A chord that is to be worked back: only what was drawn at it, and what the class answered. */
function soughtColumn(
  { column, line }: DerivedColumn,
  deduction: Deduction,
  { first }: ColumnPlace,
  school: School,
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
function writtenCells({ column, fingers, against }: DerivedColumn, school: School): Record<string, GridCell> {
  const notes = (column.melody ?? []).map(parseNote);
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

function keyCell(line: LineLabel | null, first: boolean, school: School): GridCell {
  return { text: line && (line.keyBegins || first) ? keyName(line.key, school) : '' };
}

/** The numeral; a pivot chord has that of the key it leaves too, and a ruling its mark. */
function NumeralCell({
  labels,
  line,
  school,
}: {
  labels: ColumnLabels;
  line: LineLabel | null;
  school: School;
}) {
  return (
    <>
      {line?.pivot && line.pivotKey && (
        <span className="pivot">
          <NumeralText parts={numeralParts(line.pivot, line.pivotKey, school)} />
        </span>
      )}
      <NumeralText parts={labels.numeralParts} />
      {line?.ruled && (
        <span className="ruled" aria-hidden="true">
          ruled
        </span>
      )}
    </>
  );
}

function targetsCell(line: LineLabel | null): GridCell {
  if (!line) return { text: '' };
  const { bracketFrom, bracketTo, open, arrowFrom, arrowTo } = line;
  const said = [
    bracketFrom && 'ii of the next',
    bracketTo && 'V of the bracket',
    open && 'its target is open',
    arrowFrom && 'goes to the next',
    arrowTo && 'target',
  ];
  return {
    text: said.filter(Boolean).join(', '),
    content: (
      <>
        {bracketFrom && <span className="bracket-from" />}
        {bracketTo && <span className="bracket-to" />}
        {arrowFrom && <span className="arrow-from" />}
        {arrowTo && (
          <span className="arrow-to">
            <svg className="arrow-head" viewBox="0 0 8 6" aria-hidden="true">
              <path d="M0 0H8L4 6Z" fill="currentColor" />
            </svg>
          </span>
        )}
        {open && <span className="open">open</span>}
      </>
    ),
  };
}

function contextSentence(line: LineLabel, school: School): string {
  const parts = [
    line.keyBegins ? `in ${keyName(line.key, school)}` : '',
    line.arrowFrom ? 'goes to the next' : '',
    line.open ? 'target open' : '',
    line.cadence ? `${CADENCES[line.cadence]} cadence` : '',
  ];
  return parts
    .filter((part) => part !== '')
    .map((part) => `, ${part}`)
    .join('');
}

function functionWord(labels: ColumnLabels, line: LineLabel | null, school: School): string {
  if (labels.numeral.special === 'Cad' || (line?.readings[0]?.reason === 'cadential-six-four' && !line.ruled))
    return 'dominant';
  const { target } = labels.numeral;
  if (target)
    return `to ${labels.numeralParts.target ? plain(labels.numeralParts.target) : displayNoteName(labels.chord.root, school.letters)}`;
  return labels.function === 'pre-dominant' ? 'pre-dom.' : (labels.function ?? '');
}

function plain(parts: ColumnLabels['numeralParts']): string {
  return accidentalSigns(parts.prefix) + parts.roman + (parts.quality === 'o' ? '°' : parts.quality);
}
