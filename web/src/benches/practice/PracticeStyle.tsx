import styled from 'styled-components';
import { staffLook } from '../../questions/staffLook';

/** The week as columns of days, and what is practised under it. */
export const PracticeStyle = styled.div`
  .week {
    display: grid;
    grid-template-columns: repeat(7, minmax(6.6rem, 1fr));
    gap: 0;
    overflow-x: auto;
    border: 1px solid var(--rule);
    border-radius: 4px;
    background: var(--sheet);
  }
  .day {
    padding: 0.5rem 0.55rem 0.8rem;
    border-left: 1px solid var(--rule);
    min-height: 11rem;
  }
  .day:first-child {
    border-left: 0;
  }
  .day.today {
    background: var(--mark-ground);
  }
  .day h2 {
    font-size: 0.95rem;
  }
  .day small {
    display: block;
    margin-bottom: 0.5rem;
    color: var(--soft);
    font-size: 0.8125rem;
  }
  .day ol {
    display: grid;
    gap: 0.3rem;
    margin: 0;
    padding: 0;
    list-style: none;
  }
  .pause {
    padding-left: 0.45rem;
    color: var(--soft);
    font-size: 0.8125rem;
  }
  .item {
    display: block;
    width: 100%;
    min-height: 24px;
    padding: 0.3rem 0.45rem;
    border: 1px solid var(--rule);
    border-left: 3px solid var(--ink);
    border-radius: 3px;
    background: var(--ground);
    color: var(--ink);
    text-align: left;
    font-size: 0.875rem;
    line-height: 1.25;
    cursor: pointer;
  }
  .item b {
    display: block;
    font-weight: 600;
  }
  .item em {
    display: block;
    color: var(--soft);
    font-style: normal;
    font-size: 0.8125rem;
  }
  .item.new {
    border-left-style: double;
    border-left-width: 5px;
  }
  .item.done {
    border-left-color: var(--rule);
    color: var(--soft);
  }
  .item[aria-pressed='true'] {
    border-color: var(--mark);
    outline: 1px solid var(--mark);
  }
  .resting {
    margin: 0.7rem 0 0;
    color: var(--soft);
    font-size: 0.9rem;
  }
  .practised {
    margin-top: 1.2rem;
    padding-top: 1rem;
    border-top: 1px solid var(--rule);
  }
  .practised > header {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0.3rem 0.9rem;
  }
  .practised h2 {
    font-size: 1.25rem;
  }
  .practised .staff {
    position: relative;
    max-width: 46rem;
  }
  .practised > .staff {
    ${staffLook}
    /* The boxes of music signs are higher than what is drawn. */
    pointer-events: none;
  }
  .fingers {
    position: relative;
    height: 1.4rem;
    max-width: 46rem;
    font:
      600 0.95rem 'Source Serif 4',
      serif;
  }
  .fingers span {
    position: absolute;
    transform: translateX(-50%);
    white-space: nowrap;
  }
  .fingers .hand {
    left: 100%;
    margin-left: 0.5rem;
    line-height: 1.5rem;
    transform: none;
    color: var(--soft);
    font:
      400 0.8125rem 'Source Sans 3',
      sans-serif;
  }
  .moments {
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem;
    margin: 0.6rem 0;
    padding: 0;
    list-style: none;
  }
  .moments li {
    min-width: 2.1rem;
    padding: 0.1rem 0.4rem;
    border: 1px solid var(--rule);
    border-radius: 3px;
    text-align: center;
    font-size: 0.875rem;
  }
  .moments .next {
    border-color: var(--mark);
    font-weight: 600;
  }
  .moments .wrong {
    color: var(--correction);
    border-color: var(--correction);
  }
  .tools,
  .grades {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.4rem;
    margin: 0.7rem 0;
  }
  .grades > span {
    color: var(--soft);
    font-size: 0.9rem;
  }
  .keys {
    overflow-x: auto;
    padding: 6px 2px 3px;
  }
  .told {
    margin: 0.4rem 0;
    color: var(--correction);
  }
  .sound-note {
    margin: 0.6rem 0 0;
    color: var(--soft);
    font-size: 0.8125rem;
  }
  .care {
    margin: 0.2rem 0 0;
    color: var(--soft);
    font-size: 0.875rem;
  }
`;
