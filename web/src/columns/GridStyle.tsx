import styled from 'styled-components';

/** The look of the grid. Rows have fixed heights, so that every column lines up with the labels. */
export const GridStyle = styled.div<{ $scale: number }>`
  display: flex;
  overflow-x: auto;
  padding: 0.25rem 0 0.5rem;
  scrollbar-width: thin;
  .grid-head {
    position: sticky;
    left: 0;
    z-index: 1;
    flex: none;
    background: var(--ground);
  }
  .staff-head {
    display: block;
  }
  .grid-column {
    flex: 1 0 auto;
    min-width: 3.2rem;
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
    padding: 0 0.55rem;
  }
  .cell:focus-visible {
    outline: 2px solid var(--mark);
    outline-offset: -2px;
  }
  .staff-cell {
    line-height: 0;
  }
  .staff {
    display: block;
    width: 100%;
    color: var(--ink);
    fill: currentColor;
    stroke: none;
  }
  .staff-lines line {
    stroke: color-mix(in srgb, var(--ink) 70%, transparent);
    stroke-width: 1;
    shape-rendering: crispEdges;
  }
  .staff-lines line.closing {
    stroke-width: 3;
    stroke: var(--ink);
  }
  .kind-root {
    font-weight: 600;
  }
  .label.kind-root {
    font-weight: 400;
  }
  .cell.kind-soft {
    color: var(--soft);
    font-size: 0.9rem;
  }
  .label.kind-numeral,
  .cell.kind-numeral {
    height: 2.6rem;
  }
  .label.kind-figures,
  .cell:not(.staff-cell).kind-figures {
    height: 3rem;
  }
  .muted .cell:not(.staff-cell) {
    color: var(--soft);
  }
  .muted .cell:not(.staff-cell) > *,
  .muted .staff > svg {
    opacity: 0.62;
  }
  .cell.problem-cell {
    height: auto !important;
    min-height: 6rem;
    align-items: flex-start;
    gap: 0.4rem;
    max-width: 15rem;
    padding: 0.6rem;
    white-space: normal;
    color: var(--correction);
    font-size: 0.875rem;
    line-height: 1.35;
  }
  .problem-mark {
    font: italic 600 1.05rem 'Source Serif 4', serif;
  }
`;

/** How numerals and figures are set; used in the grid, the margin and the entry line. */
export const NumeralStyle = styled.div`
  display: contents;
  .numeral {
    font-family: 'Source Serif 4', 'Noto Music', serif;
    font-weight: 600;
    white-space: nowrap;
    display: inline-flex;
    align-items: center;
    line-height: 1;
  }
  .cell .numeral {
    font-size: 1.45rem;
  }
  .numeral-quality {
    font-size: 0.62em;
    line-height: 1;
    align-self: flex-start;
    margin-left: 0.04em;
  }
  .numeral-word {
    font-size: 0.68em;
    margin-left: 0.06em;
  }
  .numeral-prefix {
    font-size: 0.85em;
    margin-right: 0.02em;
  }
  .numeral-rest {
    font-size: 0.6em;
    margin-left: 0.1em;
  }
  .numeral-target {
    display: inline-flex;
    align-items: center;
    font-weight: 400;
    font-size: 0.78em;
    white-space: pre;
  }
  .figures {
    display: inline-flex;
    flex-direction: column;
    font-family: 'Source Serif 4', 'Noto Music', serif;
    font-size: 0.52em;
    font-weight: 600;
    line-height: 1.02;
    margin-left: 0.12em;
    text-align: center;
  }
  .figures.single {
    align-self: center;
    font-size: 0.58em;
  }
  .cell.kind-figures .figures {
    font-size: 0.86rem;
    margin: 0;
  }
`;
