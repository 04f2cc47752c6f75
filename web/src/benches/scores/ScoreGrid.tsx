import { placesByBar } from '@diatonix/core';
import { planStaves, withoutEmpty, type BarSystem, type Pointed } from '@diatonix/engraving/score';
import { useEffect, useId, useLayoutEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import type { Score } from '@diatonix/core';
import { useDrawingMode } from '../../columns/drawingMode';
import type { GridRow } from '../../columns/types';
import type { ScorePiece } from '../../documents/kinds/score/type';
import { SteadySystems } from '../../notation/sameDrawing';
import type { VexFlow } from '@diatonix/engraving';
import { SteadyLists } from '../../columns/steadyLists';
import { useSame } from '../../parts/useSame';
import type { ChordColumn } from './cells';
import { labelRoom } from './labelRoom';
import { ScoreStyle } from './ScoreStyle';
import { ScoreSystem } from './ScoreSystem';
import { useScoreSystems } from './useSystems';

const NO_BREAKS: readonly number[] = [];

interface ScoreGridProps {
  readonly vexflow: VexFlow | null;
  readonly score: Score;
  /** How the piece is drawn. */
  readonly body: Pick<ScorePiece, 'closed' | 'breaks' | 'hideEmpty' | 'dynamics'>;
  readonly scale: number;
  readonly rows: readonly GridRow[];
  readonly columns: readonly ChordColumn[];
  /** Places of written notes outside their chords. */
  readonly bracketed: ReadonlySet<number>;
  readonly selected: number;
  readonly row: string;
  readonly playing: number;
  /** The room of a page in pixels, where the piece is printed and not worked on. */
  readonly room?: number | null;
  readonly onSelect: (chord: number, row: string) => void;
  readonly onKey: (event: KeyboardEvent) => boolean;
  /** The place of the selected note, −1 for none. */
  readonly note: number;
  /** What pointing at a note does; null where chords are selected. */
  readonly onPoint: ((pointed: Pointed) => void) | null;
}

/** The piece in systems with its rows: a table to assistive technology, a column for each chord. */
export function ScoreGrid(props: ScoreGridProps) {
  const { vexflow, score, body, scale, rows, columns, bracketed, selected, row, playing } = props;
  const { onSelect, onKey, note, onPoint, room = null } = props;
  const id = useId().replace(/[^\w-]/g, '');
  const root = useRef<HTMLDivElement>(null);
  // A page or a picture has a width of its own.
  const set = useDrawingMode(({ width }) => width) ?? room;
  const byKeyboard = useRef(false);
  const { closed, breaks = NO_BREAKS, hideEmpty = false, dynamics = false } = body;
  const plan = useSame(useMemo(() => planStaves(score, closed, dynamics), [score, closed, dynamics]));
  const inBars = useMemo(() => placesByBar(score), [score]);
  const shown = rows.map((one) => one.id).join(' ');
  const labels = useMemo(
    () => columns.map((column) => ({ at: column.from, room: labelRoom(column, shown.split(' ')) / scale })),
    [columns, shown, scale],
  );
  const { width, widths, systems } = useScoreSystems(root, score, plan, inBars, labels, scale, set, breaks);

  // Before anything else happens: a key that is struck at once goes where the focus stands.
  useLayoutEffect(() => {
    if (!byKeyboard.current) return;
    byKeyboard.current = false;
    // A key may have led out of the grid.
    const focused = document.activeElement;
    if (focused !== document.body && !root.current?.contains(focused)) return;
    const cell = root.current?.querySelector<HTMLElement>('[tabindex="0"]');
    cell?.focus({ preventScroll: true });
    cell?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }, [selected, row, columns]);
  useEffect(() => {
    if (playing < 0) return;
    root.current?.querySelector(`[data-chord="${playing}"]`)?.scrollIntoView({ block: 'nearest' });
  }, [playing]);

  const keyDown = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const to = moved(
      event.key,
      selected,
      columns.length,
      Math.max(
        0,
        rows.findIndex((one) => one.id === row),
      ),
      rows.length,
    );
    if (to) {
      event.preventDefault();
      byKeyboard.current = true;
      onSelect(to.chord, rows[to.row]?.id ?? row);
    } else if (onKey(event)) {
      event.preventDefault();
      byKeyboard.current = true;
    }
  };

  const [steady] = useState(() => new SteadySystems());
  const [lists] = useState(() => new SteadyLists<ChordColumn>());
  const drawn = useMemo(() => {
    const marks = bracketsBySystem(score, systems, bracketed);
    return steady.of(
      systems.map((bars, at) => ({
        ...{ score, bars, widths, width, inBars, dynamics, bracketed: marks[at]! },
        // The first system has all staves, so that one sees who plays.
        plan: hideEmpty && at > 0 ? withoutEmpty(plan, score, inBars.slice(...bars).flat()) : plan,
        loose: at === systems.length - 1,
      })),
    );
  }, [steady, score, systems, bracketed, plan, widths, width, inBars, hideEmpty, dynamics]);
  const firsts = useMemo(() => {
    let next = 0;
    return systems.map(([from]) => {
      const begins = score.bars[from]!.from;
      while (next < columns.length && columns[next]!.from < begins) next++;
      return next;
    });
  }, [score, systems, columns]);
  const chords = useMemo(
    () => lists.of(systems.map((_, at) => columns.slice(firsts[at], firsts[at + 1]))),
    [lists, systems, columns, firsts],
  );
  const onset = score.notes[note]?.onset ?? -1;

  return (
    <ScoreStyle ref={root} $scale={scale} style={set === null ? {} : { width: set }} onKeyDown={keyDown}>
      <div
        role="grid"
        aria-label={`Chords of ${score.title || 'the piece'}`}
        aria-rowcount={systems.length * rows.length}
        aria-colcount={columns.length + 1}
      >
        {drawn.map((drawing, system) => {
          const [first, list] = [firsts[system]!, chords[system]!];
          const own = (at: number) => (at >= first && at < first + list.length ? at - first : -1);
          const [from, to] = drawing.bars;
          const holds = onset >= score.bars[from]!.from && onset < (score.bars[to]?.from ?? Infinity);
          // Where nothing is selected the first chord of all can be reached by the keyboard.
          const none = selected < 0 && first === 0;
          return (
            <ScoreSystem
              key={system}
              id={id}
              vexflow={vexflow}
              drawing={drawing}
              scale={scale}
              rows={rows}
              first={first}
              chords={list}
              marked={own(selected)}
              sounding={own(playing)}
              tabbed={none ? 0 : own(selected)}
              focusRow={own(selected) >= 0 || none ? row : null}
              rowIndex={system * rows.length + 1}
              onSelect={onSelect}
              note={holds ? note : -1}
              onPoint={onPoint}
              whole={room !== null}
            />
          );
        })}
      </div>
    </ScoreStyle>
  );
}

/** The places of bracketed notes by the system on which they stand. */
function bracketsBySystem(
  { notes, bars }: Score,
  systems: readonly BarSystem[],
  bracketed: ReadonlySet<number>,
): Set<number>[] {
  const found = systems.map(() => new Set<number>());
  const begins = systems.map(([from]) => bars[from]!.from);
  for (const place of bracketed) {
    const onset = notes[place]?.onset;
    if (onset === undefined) continue;
    let at = found.length - 1;
    while (at > 0 && begins[at]! > onset) at--;
    found[at]?.add(place);
  }
  return found;
}

function moved(key: string, chord: number, chords: number, row: number, rows: number) {
  if (chords === 0) return null;
  const at = Math.max(0, chord);
  switch (key) {
    case 'ArrowLeft':
      return { chord: Math.max(0, at - 1), row };
    case 'ArrowRight':
      return { chord: Math.min(chords - 1, at + 1), row };
    case 'ArrowUp':
      return { chord: at, row: Math.max(0, row - 1) };
    case 'ArrowDown':
      return { chord: at, row: Math.min(rows - 1, row + 1) };
    case 'Home':
      return { chord: 0, row };
    case 'End':
      return { chord: chords - 1, row };
    default:
      return null;
  }
}
