import styled from 'styled-components';
import { cellMarks } from '../../columns/cellMarks';

/** The look of the score: staves as written, and rows whose baselines are the same in every system. */
export const ScoreStyle = styled.div<{ $scale: number }>`
  position: relative;
  overflow-x: auto;
  scrollbar-width: thin;
  .score-system {
    position: relative;
    content-visibility: auto;
    contain-intrinsic-height: auto 24rem;
  }
  .score-system.drawing {
    content-visibility: visible;
  }
  @media print {
    .score-system {
      content-visibility: visible;
      break-inside: avoid;
    }
  }
  .blank {
    display: inline-block;
    width: 2.6rem;
    height: 1px;
    margin-top: 0.9rem;
    background: var(--soft);
    print-color-adjust: exact;
  }
  .score-system + .score-system {
    margin-top: 1.4rem;
  }
  .score-staff {
    position: relative;
  }
  .staff {
    position: absolute;
    left: 0;
    top: 0;
    z-index: 1;
    overflow: visible;
    color: var(--ink);
    fill: currentColor;
    pointer-events: none;
  }
  .lyric,
  .part-name,
  .bar-number,
  .sign,
  .tempo,
  .finger,
  .ending {
    font:
      400 13px 'Source Serif 4',
      serif;
    fill: var(--ink);
    stroke: none;
  }
  .part-name,
  .bar-number {
    font-style: italic;
    fill: var(--soft);
  }
  .sign {
    font-style: italic;
  }
  .tempo {
    font-weight: 600;
  }
  .hit {
    position: absolute;
    inset-block: 0;
    z-index: 2;
  }
  .note-mark {
    position: absolute;
    z-index: 3;
    width: 1.35rem;
    height: 1.35rem;
    border: 2px solid var(--mark);
    border-radius: 50%;
    transform: translate(-50%, -50%);
    pointer-events: none;
  }
  .band {
    position: absolute;
    inset-block: 0;
    background: var(--mark-ground);
  }
  .band.sounding {
    background: var(--playing);
    box-shadow: inset 0 3px 0 var(--mark);
  }
  .score-row {
    position: relative;
    height: 1.875rem;
    border-top: 1px solid var(--rule);
  }
  .score-row.kind-numeral {
    height: ${({ $scale }) => 2.5 * Math.max(1, $scale * 0.9)}rem;
  }
  .score-row.kind-figures {
    height: 3rem;
  }
  .score-row .label {
    position: absolute;
    left: 0;
    inset-block: 0;
    display: flex;
    align-items: center;
    width: 4.4rem;
    color: var(--soft);
    font-size: 0.8125rem;
  }
  .score-row .cell {
    position: absolute;
    inset-block: 0;
    display: flex;
    align-items: center;
    white-space: nowrap;
    cursor: default;
  }
  .cell:focus-visible {
    outline: 2px solid var(--mark);
    outline-offset: -2px;
  }
  .said {
    position: relative;
    display: inline-flex;
    align-items: center;
    transform: translateX(-50%);
  }
  .kind-soft .said {
    color: var(--soft);
    font-size: 0.875rem;
  }
  .key-tag,
  .key-line {
    display: flex;
    align-items: center;
    flex: 1;
    min-width: 0;
    font:
      600 0.9rem 'Accidentals',
      'Source Serif 4',
      serif;
  }
  .key-tag {
    gap: 0.5rem;
    overflow: visible;
  }
  .key-tag > span:first-child:not(.key-rule) {
    position: relative;
    z-index: 1;
    margin-left: -0.35rem;
    padding: 0 0.4rem 0 0.35rem;
    background: var(--ground);
  }
  .cell[aria-selected='true'] .key-tag > span:first-child:not(.key-rule) {
    background: none;
  }
  .key-rule {
    flex: 1;
    min-width: 0.4rem;
    height: 1px;
    background: var(--soft);
    print-color-adjust: exact;
  }
  ${cellMarks}
  .theirs + .theirs {
    margin-left: 0.4rem;
  }
  .wrong {
    color: var(--correction);
    text-decoration: underline wavy var(--correction) 1px;
    text-underline-offset: 0.25em;
  }
  .said .ruled {
    margin-left: 0.25rem;
    color: var(--correction);
    font-size: 0.6875rem;
  }
`;
