import { css } from 'styled-components';

/** What is drawn inside single cells: melody notes, fingers, answers, brackets and arrows, pivots and rulings. */
export const cellMarks = css`
  .melody-note + .melody-note {
    margin-left: 0.4rem;
  }
  .melody-note.clash {
    color: var(--correction);
    font-weight: 600;
    text-decoration: underline wavy var(--correction) 1.5px;
    text-underline-offset: 0.2em;
  }
  .finger + .finger {
    margin-left: 0.35rem;
  }
  .finger.held {
    color: var(--ink);
    font-weight: 600;
    border-bottom: 2px solid currentColor;
    line-height: 1.15;
  }
  .answer {
    font:
      italic 600 1.1rem 'Source Serif 4',
      serif;
    color: var(--mark);
  }
  .cell.kind-targets {
    position: relative;
    padding: 0;
  }
  .kind-targets > span {
    position: absolute;
    height: 0.6rem;
    border: 0 solid var(--ink);
  }
  .kind-targets .bracket-from,
  .kind-targets .bracket-to {
    bottom: 0.3rem;
    border-bottom-width: 1.5px;
  }
  .kind-targets .bracket-from {
    left: 50%;
    right: -1px;
    border-left-width: 1.5px;
  }
  .kind-targets .bracket-to {
    left: -1px;
    right: 50%;
    border-right-width: 1.5px;
  }
  .kind-targets .arrow-from,
  .kind-targets .arrow-to {
    top: 0.3rem;
    border-top-width: 1.5px;
    border-color: var(--mark);
  }
  .kind-targets .arrow-from {
    left: calc(50% + 5px);
    right: -1px;
    border-left-width: 1.5px;
    border-top-left-radius: 8px;
  }
  .kind-targets .arrow-to {
    left: -1px;
    right: calc(50% + 5px);
    border-right-width: 1.5px;
    border-top-right-radius: 8px;
    color: var(--mark);
  }
  /* One that stands in for a dominant goes down a half step: its arrow is broken. */
  .kind-targets .substitute {
    border-style: dashed;
    border-bottom-style: none;
  }
  .kind-targets .arrow-head {
    position: absolute;
    right: -4.75px;
    top: 100%;
    width: 8px;
    height: 6px;
  }
  .kind-targets .open {
    right: 0.3rem;
    bottom: 0.3rem;
    height: auto;
    color: var(--soft);
    font-size: 0.75rem;
  }
  .cell .pivot .numeral {
    font-size: 1.05rem;
    color: var(--soft);
  }
  .cell .pivot {
    margin-right: 0.45rem;
    padding-right: 0.4rem;
    border-right: 1px solid var(--soft);
  }
  .cell .pivot.after {
    margin: 0 0 0 0.45rem;
    padding: 0 0 0 0.4rem;
    border: 0;
    border-left: 1px solid var(--soft);
  }
  .cell .ruled {
    align-self: flex-end;
    margin-left: 0.3rem;
    color: var(--correction);
    font-size: 0.6875rem;
  }
`;
