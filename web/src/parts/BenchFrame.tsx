import type { ReactNode } from 'react';
import { Toolbar } from 'react-aria-components';
import styled from 'styled-components';
import { NumeralStyle } from '../columns/NumeralStyle';
import { useCovered } from './curtain';
import { MarginAside } from './MarginAside';
import { SaveTrouble } from './SaveTrouble';

const Frame = styled.div`
  display: grid;
  grid-template: minmax(3.75rem, auto) minmax(0, 1fr) / minmax(0, 1fr) 19.5rem;
  height: 100%;
  min-height: 0;
  .strap {
    grid-column: 1 / -1;
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.4rem 0.8rem;
    padding: 0.4rem 1.5rem;
    border-bottom: 1px solid var(--rule);
    min-width: 0;
  }
  .strap h1 {
    font-size: 1.4rem;
    white-space: nowrap;
  }
  .facts,
  .actions {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.4rem 0.5rem;
    min-width: 0;
  }
  .actions {
    margin-left: auto;
  }
  /* On a wide page the strap is one line; a long title, or board size, gives the actions their own. */
  @media (min-width: 1240px) {
    .facts,
    .actions {
      gap: 0.35rem;
    }
    .facts {
      flex: none;
    }
  }
  .work {
    overflow: auto;
    padding: 1rem 1.5rem 1.5rem;
    min-width: 0;
  }
  .bare {
    display: contents;
  }
  .covered {
    display: none;
  }
  .work:has(> .covered),
  .work:has(+ [hidden]) {
    grid-column: 1 / -1;
  }
  .margin {
    border-left: 2px solid var(--margin-rule);
    padding: 1.1rem 1.25rem;
    overflow-y: auto;
  }
  .margin > .raise {
    display: none;
  }
  @media (max-width: 860px) {
    display: block;
    height: auto;
    .strap {
      padding: 0.6rem 1rem;
    }
    /* One row that is gone through sideways, so that the music begins in the upper third. */
    .facts,
    .actions {
      margin-left: 0;
      flex-wrap: nowrap;
      max-width: 100%;
      overflow-x: auto;
      scrollbar-width: none;
    }
    .facts > *,
    .actions > * {
      flex: none;
    }
    .work {
      overflow: visible;
      padding: 0.75rem 1rem 4rem;
    }
    .margin {
      position: fixed;
      inset: auto 0 0;
      z-index: 8;
      border-left: 0;
      border-top: 2px solid var(--margin-rule);
      padding: 0;
      background: var(--ground);
      box-shadow: 0 -4px 18px rgb(0 0 0 / 12%);
      overflow: visible;
    }
    .margin > .raise {
      display: flex;
      align-items: center;
      justify-content: space-between;
      width: 100%;
      min-height: 2.75rem;
      padding: 0 1rem;
      border: 0;
      background: none;
      color: var(--ink);
      font-weight: 600;
    }
    .margin > .margin-body {
      max-height: 0;
      overflow-y: auto;
      visibility: hidden;
      @media (prefers-reduced-motion: no-preference) {
        transition: max-height 160ms ease-out;
      }
    }
    .margin.raised > .margin-body {
      max-height: 50vh;
      padding: 0 1rem 1rem;
      visibility: visible;
    }
    .work:has(+ .raised) {
      padding-bottom: calc(50vh + 4rem);
    }
  }
`;

interface BenchFrameProps {
  readonly title: ReactNode;
  readonly facts: ReactNode;
  readonly actions: ReactNode;
  /** What stands in the margin; where nothing does, the work takes its place. */
  readonly margin: ReactNode;
  /** Whether the class can be asked from here: what is asked is covered then. */
  readonly asks?: boolean;
  readonly children: ReactNode;
}

/** A bench: the strap on top, the work in the middle, the working margin at the right. */
export function BenchFrame({ title, facts, actions, margin, asks = false, children }: BenchFrameProps) {
  const curtain = useCovered(asks);
  return (
    <NumeralStyle>
      <Frame>
        <header className="strap">
          {curtain !== null && <h1>The class is asked</h1>}
          <div className={curtain === null ? 'bare' : 'covered'}>
            {title}
            <div className="facts">{facts}</div>
            <Toolbar className="actions" aria-label="Actions">
              {actions}
            </Toolbar>
          </div>
        </header>
        <main className="work">
          <SaveTrouble />
          {curtain}
          <div className={curtain === null ? 'bare' : 'covered'}>{children}</div>
        </main>
        <MarginAside hidden={curtain !== null || !margin}>{margin}</MarginAside>
      </Frame>
    </NumeralStyle>
  );
}
