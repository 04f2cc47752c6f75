import type { Score } from '@diatonix/core';
import { memo, useEffect, useMemo, useRef, useState } from 'react';
import { useDrawingMode } from '../../columns/drawingMode';
import type { GridRow } from '../../columns/types';
import { engraveSystem } from '../../notation/score/engraveSystem';
import { pointedAt, type Pointed } from '../../notation/score/heads';
import type { BarSystem } from '../../notation/score/barWidths';
import type { StaffPlan } from '../../notation/score/plan';
import type { VexFlow } from '@diatonix/engraving';
import type { ChordColumn } from './cells';
import { labelWidth } from './labelRoom';

interface ScoreSystemProps {
  readonly id: string;
  readonly vexflow: VexFlow | null;
  readonly score: Score;
  readonly plan: StaffPlan;
  readonly bars: BarSystem;
  readonly widths: readonly number[];
  readonly inBars: readonly (readonly number[])[];
  readonly width: number;
  readonly scale: number;
  readonly last: boolean;
  readonly rows: readonly GridRow[];
  /** The number of its first chord, and its chords. */
  readonly first: number;
  readonly chords: readonly ChordColumn[];
  /** Places of notes outside their chords, joined by spaces. */
  readonly bracketed: string;
  readonly selected: number;
  readonly playing: number;
  readonly focusRow: string | null;
  /** The first row of the system among all rows of the grid. */
  readonly rowIndex: number;
  readonly onSelect: (chord: number, row: string) => void;
  /** The place of the selected note, −1 for none. */
  readonly note: number;
  /** What pointing at a note does; null where chords are selected. */
  readonly onPoint: ((pointed: Pointed) => void) | null;
  /** Whether it is drawn wherever it stands, for paper. */
  readonly whole: boolean;
}

/** So far outside the view a system is engraved already, in pixels. */
const AHEAD = '900px';
/** Before the note of a chord its column begins. */
const BEFORE = 12;

/** One system of the score: its staves as written, and under them the rows, each label under its chord. */
export const ScoreSystem = memo(function ScoreSystem(props: ScoreSystemProps) {
  const { id, vexflow, score, plan, bars, widths, inBars, width, scale, last, rows, first } = props;
  const { chords, bracketed, selected, playing, focusRow, rowIndex, onSelect } = props;
  const { note, onPoint, whole } = props;
  const drawing = useDrawingMode((state) => state.width !== undefined);
  const root = useRef<HTMLDivElement>(null);
  const [near, setNear] = useState(false);
  useEffect(() => {
    const observer = new IntersectionObserver(
      (entries) => entries.some(({ isIntersecting }) => isIntersecting) && setNear(true),
      { rootMargin: AHEAD },
    );
    observer.observe(root.current!);
    return () => observer.disconnect();
  }, []);
  const own = (at: number) => (at >= first && at < first + chords.length ? at - first : -1);
  const marked = own(selected);
  const sounding = own(playing);
  // What is selected or sounds is drawn wherever it stands, so that the focus and the view can go there.
  const noted = score.notes[note]?.onset ?? -1;
  const holdsNote = noted >= score.bars[bars[0]]!.from && noted < (score.bars[bars[1]]?.from ?? Infinity);
  const wanted = near || whole || drawing || marked >= 0 || sounding >= 0 || holdsNote;
  const drawn = useMemo(
    () =>
      vexflow && wanted
        ? engraveSystem(vexflow, {
            score,
            plan,
            bars,
            widths,
            width,
            loose: last,
            bracketed: new Set(bracketed === '' ? [] : bracketed.split(' ').map(Number)),
            inBars,
          })
        : null,
    [vexflow, wanted, score, plan, bars, widths, width, last, bracketed, inBars],
  );
  const end = drawn ? drawn.bars[drawn.bars.length - 1]! : width;
  const places = useMemo(
    () => columnPlaces(chords, drawn, score.bars[bars[0]]!.from),
    [chords, drawn, score, bars],
  );
  const head = note >= 0 ? drawn?.heads.find(({ place }) => place === note) : undefined;
  const px = (units: number) => Math.round(units * scale * 10) / 10;
  const band = (at: number, className: string) =>
    at >= 0 &&
    places && (
      <div
        className={className}
        aria-hidden="true"
        style={{ left: px(places[at]!), width: px((places[at + 1] ?? end) - places[at]!) }}
      />
    );
  return (
    <div className="score-system" ref={root} role="rowgroup">
      {band(marked, 'band')}
      {band(sounding, 'band sounding')}
      <div
        className="score-staff"
        style={{ height: px(plan.height) }}
        onClick={(event) => {
          if (!onPoint || !drawn) return;
          const { left, top } = event.currentTarget.getBoundingClientRect();
          const at = { x: (event.clientX - left) / scale, y: (event.clientY - top) / scale };
          const pointed = pointedAt(score, plan, drawn.heads, at.x, at.y);
          if (pointed) onPoint(pointed);
        }}
      >
        {drawn && (
          <svg
            className="staff"
            aria-hidden="true"
            width={px(drawn.width + 8)}
            height={px(drawn.height)}
            viewBox={`0 0 ${drawn.width + 8} ${drawn.height}`}
            dangerouslySetInnerHTML={{ __html: drawn.markup }}
          />
        )}
        {head && <span className="note-mark" style={{ left: px(head.x), top: px(head.y) }} />}
        {places?.map((left, at) => (
          <span
            key={at}
            className="hit"
            style={{ left: px(left), width: px((places[at + 1] ?? end) - left) }}
            onClick={() => onSelect(first + at, rows[0]?.id ?? 'numeral')}
          />
        ))}
      </div>
      {rows.map((row, index) => (
        <div
          key={row.id}
          role="row"
          aria-rowindex={rowIndex + index}
          className={`score-row kind-${row.kind}`}
        >
          <span role="rowheader" className="label">
            {row.label}
          </span>
          {places &&
            chords.map((chord, at) => {
              const cell = chord.cells[row.id] ?? { text: '' };
              const tabbable =
                focusRow === row.id &&
                (at === marked || (marked < 0 && selected < 0 && first === 0 && at === 0));
              return (
                <div
                  key={at}
                  role="gridcell"
                  id={`${id}-${first + at}-${row.id}`}
                  aria-colindex={first + at + 2}
                  aria-selected={at === marked}
                  aria-label={`${chord.sentence.split(',')[0]}, ${row.label}: ${cell.text || 'nothing'}`}
                  tabIndex={tabbable ? 0 : -1}
                  className={`cell kind-${row.kind}`}
                  data-chord={first + at}
                  style={{ left: px(places[at]!), width: px((places[at + 1] ?? end) - places[at]!) }}
                  onClick={() => onSelect(first + at, row.id)}
                >
                  {row.id === 'key' ? (
                    <span className={chord.keyBegins ? 'key-tag' : 'key-line'}>
                      {cell.text && <span>{cell.text}</span>}
                      <span className="key-rule" aria-hidden="true" />
                    </span>
                  ) : (
                    <span
                      className="said"
                      style={{ left: px(BEFORE) + pushed(chord, row.id, px(places[at]!)) }}
                    >
                      {cell.content ?? cell.text}
                    </span>
                  )}
                </div>
              );
            })}
        </div>
      ))}
    </div>
  );
});

/** The names of the rows stand in so many pixels at the left. */
const ROW_NAMES = 74;

/** How far the first label of a system gives way to the name of its row, in pixels. */
function pushed(chord: ChordColumn, row: string, left: number): number {
  return Math.max(0, ROW_NAMES + labelWidth(chord, row) / 2 - left - BEFORE);
}

/** Left edges of the columns of chords, in staff units; null while nothing is drawn. */
function columnPlaces(
  chords: readonly ChordColumn[],
  drawn: ReturnType<typeof engraveSystem> | null,
  begins: number,
): number[] | null {
  if (!drawn) return null;
  return chords.map(({ from }) => (xOf(drawn, Math.max(from, begins)) ?? drawn.start) - BEFORE);
}

/** Where a moment stands: its own place, or that of the one before it. */
function xOf({ xs }: ReturnType<typeof engraveSystem>, time: number): number | undefined {
  const own = xs.get(time);
  if (own !== undefined) return own;
  let [best, at] = [-Infinity, undefined as number | undefined];
  for (const [moment, x] of xs) if (moment <= time && moment > best) [best, at] = [moment, x];
  return at;
}
