import {
  engraveSystem,
  pointedAt,
  type DrawnSystem,
  type Pointed,
  type SystemOptions,
} from '@diatonix/engraving/score';
import { memo, useEffect, useMemo, useRef, useState } from 'react';
import { useDrawingMode } from '../../columns/drawingMode';
import type { GridRow } from '../../columns/types';
import type { VexFlow } from '@diatonix/engraving';
import type { ChordColumn } from './cells';
import { labelWidth } from './labelRoom';

interface ScoreSystemProps {
  readonly id: string;
  readonly vexflow: VexFlow | null;
  /** What it is drawn from: the same object as long as it is drawn alike. */
  readonly drawing: SystemOptions;
  readonly scale: number;
  readonly rows: readonly GridRow[];
  /** The number of its first chord, and its chords. */
  readonly first: number;
  readonly chords: readonly ChordColumn[];
  /** Of its own chords the selected one, the one that sounds, and the one that the keyboard reaches; −1 for none. */
  readonly marked: number;
  readonly sounding: number;
  readonly tabbed: number;
  /** The row that the keyboard reaches; null where none of this system is. */
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
  const { id, vexflow, drawing, scale, rows, first, chords, marked, sounding, tabbed, focusRow } = props;
  const { rowIndex, onSelect, note, onPoint, whole } = props;
  const { score, plan, bars, width } = drawing;
  const isDrawing = useDrawingMode((state) => state.width !== undefined);
  const root = useRef<HTMLDivElement>(null);
  const [near, setNear] = useState(false);
  useEffect(() => {
    const observer = new IntersectionObserver(
      (entries) => setNear(entries[entries.length - 1]!.isIntersecting),
      { rootMargin: AHEAD },
    );
    observer.observe(root.current!);
    return () => observer.disconnect();
  }, []);
  // What is selected or sounds is drawn wherever it stands, so that the focus and the view can go there.
  const wanted = near || whole || isDrawing || marked >= 0 || sounding >= 0 || note >= 0;
  const drawn = useMemo(
    () => (vexflow ? drawnOf(vexflow, drawing, wanted) : null),
    [vexflow, drawing, wanted],
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
              return (
                <div
                  key={at}
                  role="gridcell"
                  id={`${id}-${first + at}-${row.id}`}
                  aria-colindex={first + at + 2}
                  aria-selected={at === marked}
                  aria-label={`${chord.sentence.split(',')[0]}, ${row.label}: ${cell.text || 'nothing'}`}
                  tabIndex={focusRow === row.id && at === tabbed ? 0 : -1}
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

const DRAWN = new WeakMap<SystemOptions, DrawnSystem>();

/** A system as it was drawn; one that was not yet, or is drawn otherwise now, only where it is wanted. */
function drawnOf(vexflow: VexFlow, drawing: SystemOptions, wanted: boolean): DrawnSystem | null {
  const before = DRAWN.get(drawing);
  if (before || !wanted) return before ?? null;
  const drawn = engraveSystem(vexflow, drawing);
  DRAWN.set(drawing, drawn);
  return drawn;
}

/** The names of the rows stand in so many pixels at the left. */
const ROW_NAMES = 74;

/** How far the first label of a system gives way to the name of its row, in pixels. */
function pushed(chord: ChordColumn, row: string, left: number): number {
  return Math.max(0, ROW_NAMES + labelWidth(chord, row) / 2 - left - BEFORE);
}

/** Left edges of the columns of chords, in staff units; null while nothing is drawn. */
function columnPlaces(
  chords: readonly ChordColumn[],
  drawn: DrawnSystem | null,
  begins: number,
): number[] | null {
  if (!drawn) return null;
  return chords.map(({ from }) => (xOf(drawn, Math.max(from, begins)) ?? drawn.start) - BEFORE);
}

/** Where a moment stands: its own place, or that of the one before it. */
function xOf({ xs }: DrawnSystem, time: number): number | undefined {
  const own = xs.get(time);
  if (own !== undefined) return own;
  let [best, at] = [-Infinity, undefined as number | undefined];
  for (const [moment, x] of xs) if (moment <= time && moment > best) [best, at] = [moment, x];
  return at;
}
