import styled from 'styled-components';
import { cellMarks } from './cellMarks';

/** The look of the grid. Rows have fixed heights, so that every column lines up with the labels. */
export const GridStyle = styled.div<{ $scale: number }>`
  overflow-x: auto;
  position: relative;
  padding: 0.25rem 0 0.5rem;
  scrollbar-width: thin;
  .grid-head {
    position: sticky;
    left: 0;
    z-index: 2;
    flex: none;
    background: var(--ground);
  }
  .staff-head {
    display: block;
  }
  .grid-system {
    display: flex;
  }
  .grid-system + .grid-system {
    margin-top: 1.1rem;
  }
  /* Of many systems only those in sight are laid out. */
  &.in-systems .grid-system {
    content-visibility: auto;
    contain-intrinsic-height: auto 34rem;
  }
  &.in-systems .grid-system.drawing {
    content-visibility: visible;
  }
  .grid-columns {
    position: relative;
    display: flex;
    flex: 1 0 auto;
  }
  svg.staff-lines {
    position: absolute;
    inset: 0 0 auto;
    z-index: 1;
    width: 100%;
    overflow: visible;
    pointer-events: none;
  }
  .grid-column {
    contain: layout style;
    flex: 1 0 0;
    min-width: max-content;
  }
  /* In systems a column is as wide as what it says, and a full system fills the line. */
  &.in-systems .grid-columns {
    flex-grow: 0;
  }
  &.in-systems .grid-columns.full {
    flex-grow: 1;
  }
  &.in-systems .grid-column {
    flex: 1 0 auto;
  }
  /* In a long line only the columns in sight are laid out. */
  .many .grid-column {
    content-visibility: auto;
    contain-intrinsic-width: auto 7rem;
  }
  .drawing .grid-column {
    content-visibility: visible;
  }
  .grid-columns .grid-column.measuring,
  &.in-systems .grid-column.measuring {
    flex: 0 0 auto;
    content-visibility: visible;
  }
  .grid-column.selected {
    background: var(--mark-ground);
  }
  .grid-column.playing {
    background: var(--playing);
    box-shadow: inset 0 3px 0 var(--mark);
  }
  .label,
  .cell:not(.staff-cell) {
    display: flex;
    align-items: center;
    height: 1.875rem;
    border-top: 1px solid var(--rule);
    white-space: nowrap;
  }
  .parted {
    border-top-color: color-mix(in srgb, var(--soft) 45%, var(--rule)) !important;
  }
  .label {
    padding-right: 1rem;
    color: var(--soft);
    font-size: 0.8125rem;
  }
  .cell {
    cursor: default;
  }
  .cell:not(.staff-cell) {
    justify-content: center;
    padding: 0 0.45rem;
  }
  .cell:focus-visible {
    outline: 2px solid var(--mark);
    outline-offset: -2px;
  }
  .staff-cell {
    position: relative;
  }
  .staff {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    overflow: visible;
    color: var(--ink);
    fill: currentColor;
    stroke: none;
    pointer-events: none;
  }
  .staff-lines line {
    stroke: color-mix(in srgb, var(--ink) 72%, var(--ground));
    stroke-width: 1;
    shape-rendering: crispEdges;
  }
  .staff-lines line.closing {
    stroke-width: 3;
    stroke: var(--ink);
  }
  .staff .barline {
    stroke: var(--ink);
    stroke-width: 1;
    shape-rendering: crispEdges;
  }
  .staff .barline.thick {
    stroke-width: 3;
  }
  .grid-column.within:not(.selected) {
    background: color-mix(in srgb, var(--mark-ground) 60%, transparent);
  }
  .grid-column.within {
    box-shadow: inset 0 2px 0 var(--mark);
  }
  ${cellMarks}
  .kind-root {
    font-weight: 600;
  }
  .label.kind-root {
    font-weight: 400;
  }
  .cell.kind-soft:not(.staff-cell) {
    padding: 0 0.2rem;
    color: var(--soft);
    font-size: 0.875rem;
  }
  .label.kind-numeral,
  .cell.kind-numeral {
    height: 2.625rem;
  }
  .label.kind-figures,
  .cell:not(.staff-cell).kind-figures {
    height: 3rem;
  }
  .muted .cell:not(.staff-cell) {
    color: var(--soft);
  }
  .muted .staff > svg {
    opacity: 0.55;
  }
  .cell.problem-cell {
    flex-direction: column;
    height: auto !important;
    min-height: 6rem;
    justify-content: flex-start !important;
    gap: 0.2rem;
    padding: 0.6rem 0.55rem !important;
    color: var(--correction);
    font-size: 0.875rem;
    line-height: 1.35;
  }
  .problem-text {
    max-width: 8rem;
    overflow: hidden;
    text-overflow: ellipsis;
    font:
      600 1.05rem/1.3 'Accidentals',
      'Source Serif 4',
      serif;
    text-decoration: underline wavy var(--correction) 1.5px;
    text-underline-offset: 0.25em;
  }
  .raised {
    font-weight: 600;
    border-bottom: 2px solid currentColor;
    line-height: 1.2;
  }
  .wrong {
    color: var(--correction);
    font-weight: 600;
  }
  .blank {
    width: 3.4rem;
    height: 1px;
    margin-top: 0.9rem;
    background: var(--soft);
    print-color-adjust: exact;
  }
  .problem-mark {
    font:
      italic 600 1.05rem 'Source Serif 4',
      serif;
  }
`;
