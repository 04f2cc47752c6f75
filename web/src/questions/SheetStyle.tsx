import styled from 'styled-components';
import { staffLook } from './staffLook';

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
  .question {
    ${staffLook}
  }
  .question dl {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 0.2rem 0.5rem;
    margin: auto 0 0;
  }
  /* Workings are not equally long: the answers over them stay level. */
  .question dl:has(+ .working) {
    margin-top: 0;
  }
  .question .row {
    position: relative;
    height: 1.8rem;
  }
  .question .row.in-keys {
    height: 3rem;
  }
  .question .row b {
    position: absolute;
    top: 1.9rem;
    transform: translateX(-1.3rem);
    font-size: 0.8rem;
    white-space: nowrap;
  }
  .question .row .filled {
    position: absolute;
    width: min(2.6rem, 11%);
    min-width: 0;
    transform: translateX(-50%);
  }
  .question .staff {
    position: relative;
  }
  .question .under {
    position: relative;
    height: 2.4rem;
  }
  .question .under > span {
    position: absolute;
    transform: translateX(-50%);
    font:
      600 1.05rem 'Source Serif 4',
      serif;
  }
  .question .under .figures {
    font-size: 1.05rem;
  }
  .question .sought {
    display: flex;
    flex-wrap: wrap;
    align-items: flex-end;
    gap: 0.2rem 0.5rem;
    padding: 0.5rem 0 0.3rem;
  }
  .question .sought .pair {
    display: flex;
    gap: 0.6rem;
    padding: 0.3rem 0.4rem 0;
    border: 1.5px solid var(--soft);
    border-bottom: 0;
  }
  .question .sought b {
    display: block;
    min-width: 4.2rem;
    min-height: 1.7rem;
    border-bottom: 1px solid var(--soft);
    color: var(--correction);
    text-align: center;
    font:
      600 1.05rem/1.7rem 'Source Serif 4',
      serif;
    print-color-adjust: exact;
  }
  .question .sought i {
    font-style: normal;
  }
  .question .sought small {
    color: var(--correction);
    font-size: 0.8125rem;
  }
  .question table {
    border-collapse: collapse;
    margin: 0.2rem 0;
  }
  .question .map {
    width: 100%;
    table-layout: fixed;
  }
  .question .map th,
  .question .map td {
    height: 1.9rem;
    border-bottom: 1px solid var(--rule);
    font:
      400 0.875rem 'Accidentals',
      'Source Sans 3',
      sans-serif;
    text-align: center;
  }
  .question .map th {
    color: var(--soft);
    text-align: left;
  }
  .question .map th:first-child {
    width: 4.2rem;
  }
  .question .map td.small {
    font-size: 0.75rem;
  }
  .question .map thead th + th {
    text-align: center;
  }
  .question .map td {
    border-left: 1px solid var(--rule);
    font-weight: 600;
  }
  .question .map .blank td {
    color: var(--correction);
    border-bottom-color: var(--soft);
    print-color-adjust: exact;
  }
  .question .scratch {
    margin-top: 0.4rem;
    color: var(--soft);
  }
  .question .scratch line {
    stroke: var(--rule);
  }
  .question table.scratch td {
    padding: 0 0.45rem;
    font:
      400 0.8125rem/1.25 'Source Sans 3',
      sans-serif;
    text-align: center;
  }
  .question dd .numeral {
    font-size: 1.15rem;
  }
  .question .asked.figured {
    min-height: 2.5rem;
  }
  .question .asked .figures {
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
  .question dd,
  .question .row .filled {
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
  .question dd {
    min-width: 5.5rem;
  }
  .question .working {
    margin: 0.35rem 0 0;
    color: var(--correction);
    font-size: 0.8125rem;
    line-height: 1.35;
  }
  .question dt:empty + dd {
    grid-column: 1 / -1;
  }
`;
