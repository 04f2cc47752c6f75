import styled from 'styled-components';

/** The page of a sheet: white like paper, its questions in rows under their instruction. */
export const SheetStyle = styled.div`
  .sheet {
    padding: 1.3rem 1.5rem 1rem;
    background: var(--sheet);
    border: 1px solid var(--rule);
    border-radius: 4px;
    --ground: var(--sheet);
  }
  .heading {
    display: flex;
    justify-content: space-between;
    align-items: baseline;
    gap: 2rem;
    margin-bottom: 0.6rem;
  }
  @media (max-width: 860px) {
    .sheet {
      padding: 0.8rem;
    }
    .heading {
      flex-wrap: wrap;
      gap: 0.2rem 1rem;
    }
  }
  .heading h2 {
    font-size: 1.3rem;
  }
  .heading small,
  .foot {
    color: var(--soft);
    font-size: 0.875rem;
  }
  .foot {
    display: flex;
    justify-content: space-between;
    margin-top: 0.8rem;
  }
  .section {
    margin-top: 0.9rem;
  }
  .section > header {
    display: flex;
    justify-content: space-between;
    gap: 1rem;
    margin-bottom: 0.25rem;
  }
  .section > header h3 {
    font:
      400 1rem 'Source Sans 3',
      sans-serif;
  }
  .section > header .marks {
    color: var(--soft);
    font-style: italic;
    white-space: nowrap;
  }
  .questions {
    display: grid;
    gap: 0.2rem 0.6rem;
  }
  .question {
    position: relative;
    display: flex;
    flex-direction: column;
    min-width: 0;
    padding: 0.3rem 0.35rem 0.45rem;
    border-radius: 4px;
    break-inside: avoid;
    cursor: default;
  }
  .question.selected {
    background: var(--mark-ground);
  }
  .question:focus-visible {
    outline: 2px solid var(--mark);
    outline-offset: -1px;
  }
  .question .number {
    color: var(--soft);
    font-size: 0.8125rem;
    font-style: italic;
  }
  .question .asked {
    display: flex;
    align-items: center;
    gap: 0.45rem;
    min-height: 1.3rem;
  }
  .question .prompt {
    font:
      600 0.95rem 'Accidentals',
      'Source Serif 4',
      serif;
  }
  .question svg {
    display: block;
    color: var(--ink);
    fill: currentColor;
    overflow: visible;
  }
  .question svg .line {
    stroke: color-mix(in srgb, var(--ink) 72%, var(--ground));
    stroke-width: 1;
    shape-rendering: crispEdges;
  }
  .question dl {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 0.2rem 0.5rem;
    margin: auto 0 0;
  }
  .question dl.row {
    position: relative;
    height: 1.8rem;
  }
  .question dl.row dd {
    position: absolute;
    width: min(2.6rem, 11%);
    min-width: 0;
    transform: translateX(-50%);
  }
  .question dd .numeral {
    font-size: 1.15rem;
  }
  .question .asked.figures-name {
    min-height: 2.5rem;
  }
  .question .asked > .figures {
    font-size: 1.1rem;
  }
  .question dt {
    color: var(--soft);
    font-size: 0.8125rem;
    line-height: 1.7rem;
  }
  .question dt:empty {
    display: none;
  }
  .question dd {
    min-width: 5.5rem;
    min-height: 1.7rem;
    margin: 0;
    border-bottom: 1px solid var(--soft);
    color: var(--correction);
    font:
      600 0.95rem/1.7rem 'Accidentals',
      'Source Serif 4',
      serif;
    text-align: center;
    print-color-adjust: exact;
  }
  .question dt:empty + dd {
    grid-column: 1 / -1;
  }
`;
