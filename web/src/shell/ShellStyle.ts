import styled from 'styled-components';

/** The frame: the contents list at the left, the work beside it; on a telephone one above the other. */
export const Shell = styled.div`
  display: grid;
  grid-template-columns: 10.25rem minmax(0, 1fr);
  height: 100vh;
  .contents {
    display: flex;
    flex-direction: column;
    background: var(--side);
    border-right: 1px solid var(--rule);
    overflow-y: auto;
  }
  .brand {
    font:
      600 1.4rem/3.75rem 'Source Serif 4',
      serif;
    display: block;
    flex: none;
    padding-left: 1.1rem;
    color: inherit;
    text-decoration: none;
  }
  .brand:hover {
    text-decoration: underline;
  }
  .foot {
    margin-top: auto;
  }
  .contents ol {
    list-style: none;
    margin: 0;
    padding: 0;
  }
  .contents li a {
    display: grid;
    grid-template-columns: 1.55rem 1fr;
    padding: 0.45rem 1.1rem;
    color: var(--soft);
    text-decoration: none;
    border-left: 3px solid transparent;
    padding-left: calc(1.1rem - 3px);
  }
  .contents li a i {
    font-family: 'Source Serif 4', serif;
  }
  .contents li a[aria-current] {
    color: var(--ink);
    font-weight: 600;
    background: var(--ground);
    border-left-color: var(--mark);
  }
  .contents li a:hover {
    color: var(--ink);
  }
  .place {
    min-width: 0;
    height: 100vh;
    outline: none;
  }
  .skip {
    position: absolute;
    z-index: 20;
    top: -4rem;
    left: 0.5rem;
    padding: 0.5rem 0.9rem;
    background: var(--sheet);
    border: 1px solid var(--mark);
    border-radius: 4px;
    color: var(--mark);
  }
  .skip:focus {
    top: 0.5rem;
  }
  .stop {
    display: inline-flex;
    align-items: center;
    gap: 0.5rem;
    align-self: flex-start;
    min-height: 2rem;
    margin: 0.8rem 1.1rem;
    padding: 0.2rem 0.8rem;
    border: 1px solid var(--mark);
    border-radius: 4px;
    background: var(--mark-ground);
    color: var(--mark);
    font-weight: 600;
    cursor: pointer;
  }
  .stop svg {
    width: 0.9rem;
    height: 0.9rem;
  }
  .unfold {
    display: none;
  }
  /* On a telephone the frame folds to one line, so that the work is in the first screenful. */
  @media (max-width: 860px) {
    display: block;
    height: auto;
    .contents {
      flex-flow: row wrap;
      align-items: center;
      border-right: 0;
      border-bottom: 1px solid var(--rule);
      overflow: visible;
    }
    .brand {
      line-height: 2.5rem;
      padding-left: 1rem;
      font-size: 1.2rem;
    }
    .unfold {
      display: inline-flex;
      align-items: center;
      gap: 0.4rem;
      min-height: 2rem;
      margin-left: 0.4rem;
      margin-right: 0.7rem;
      padding: 0.2rem 0.7rem;
      border: 1px solid var(--rule);
      border-radius: 4px;
      background: var(--sheet);
      color: var(--ink);
    }
    .unfold svg {
      width: 1rem;
      height: 1rem;
    }
    .stop {
      margin: 0 0 0 0.8rem;
    }
    .contents.folded {
      position: sticky;
      top: 0;
      z-index: 9;
    }
    .contents.folded ol,
    .contents.folded .foot {
      display: none;
    }
    .contents ol {
      display: flex;
      order: 2;
      flex: 1 0 100%;
      flex-wrap: wrap;
    }
    .contents li a {
      grid-template-columns: 1.1rem 1fr;
      padding: 0.45rem 0.7rem;
    }
    .foot {
      order: 3;
      flex: 1 0 100%;
    }
    .place {
      height: auto;
    }
  }
`;
