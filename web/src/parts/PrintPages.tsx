import { Printer } from 'lucide-react';
import type { ReactNode } from 'react';
import styled, { createGlobalStyle } from 'styled-components';
import { Choice } from '../design/Choice';
import { Button, Toggle } from '../design/controls';
import { usePrinting } from '../design/printing';
import { MARGIN_MM, PAPER_DESK, PAPERS, PRINT_ZOOM, lineRoom, type Paper } from './paper';

const PageSize = createGlobalStyle<{ $size: string }>`
  @page { size: ${({ $size }) => $size}; margin: ${MARGIN_MM}mm; }
`;

const Pages = styled.div<{ $room: number }>`
  .choices {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.4rem;
    margin-bottom: 0.9rem;
  }
  .page {
    width: max-content;
    min-width: min(100%, ${({ $room }) => $room + 40}px);
    margin-bottom: 1.2rem;
    padding: 1rem 1.2rem;
    background: var(--sheet);
    border: 1px solid var(--rule);
    border-radius: 4px;
    --ground: var(--sheet);
    zoom: ${PRINT_ZOOM};
  }
  .page header {
    display: flex;
    justify-content: space-between;
    align-items: baseline;
    gap: 2rem;
    margin-bottom: 0.6rem;
  }
  .page h3 {
    font-size: 1.3rem;
  }
  .page header small,
  .page footer {
    color: var(--soft);
    font:
      400 0.95rem 'Source Sans 3',
      sans-serif;
  }
  /* On a telephone a sheet of paper is wider than the page: it moves by itself. */
  @media screen and (max-width: 860px) {
    .pages {
      overflow-x: auto;
    }
  }
  @media print {
    .choices {
      display: none;
    }
    .page {
      break-after: page;
      border: 0;
      padding: 0;
      margin: 0;
    }
    .page:last-child {
      break-after: auto;
    }
    .grid-system {
      break-inside: avoid;
    }
  }
`;

/** One thing to print: on the pupils' page something is blank, on the answers' nothing. */
export interface PrintedPage {
  readonly id: string;
  readonly title: string;
  readonly kind: 'plain' | 'pupils' | 'answers';
  readonly source?: string;
  /** Beside the title: for whom and when. */
  readonly about?: string;
  readonly content: (room: number) => ReactNode;
}

interface PrintPagesProps {
  readonly pages: readonly PrintedPage[];
  /** What else is chosen about the pages. */
  readonly choices?: ReactNode;
  readonly onClose?: () => void;
}

const PAPER_OPTIONS = (Object.keys(PAPERS) as Paper[]).map((id) => ({ id, name: id }));

/** What is printed, as it will stand on the paper that is chosen. */
export function PrintPages({ pages, choices, onClose }: PrintPagesProps) {
  const paper = PAPER_DESK.use((desk) => desk.paper);
  const landscape = PAPER_DESK.use((desk) => desk.landscape);
  const room = lineRoom(paper, landscape);
  const print = () => window.print();
  usePrinting(print);
  return (
    <Pages $room={room}>
      <PageSize $size={`${paper} ${landscape ? 'landscape' : 'portrait'}`} />
      <div className="choices">
        <Button onPress={print}>
          <Printer aria-hidden="true" /> Print {pages.length === 1 ? 'page' : `${pages.length} pages`}
        </Button>
        <Choice
          label="Paper"
          value={paper}
          options={PAPER_OPTIONS}
          onChoose={(next) => PAPER_DESK.set({ paper: next })}
        />
        <Toggle isSelected={landscape} onChange={(next) => PAPER_DESK.set({ landscape: next })}>
          Landscape
        </Toggle>
        {choices}
        {onClose && <Button onPress={onClose}>Back to the bench</Button>}
      </div>
      <div className="pages" role="group" aria-label="What is printed" tabIndex={0}>
        {pages.map(({ id, title, kind, source, about, content }) => (
          <section key={id} className="page" aria-label={`${pageKind(kind)}${title}`}>
            <header>
              <h3>{title}</h3>
              {about && <small>{about}</small>}
              <small>
                {kind === 'pupils' ? 'Name: ____________________' : kind === 'answers' ? 'answers' : ''}
              </small>
            </header>
            {content(room)}
            {source && <footer>{source}</footer>}
          </section>
        ))}
      </div>
    </Pages>
  );
}

function pageKind(kind: PrintedPage['kind']): string {
  return { plain: '', pupils: 'Pupils’ page: ', answers: 'Answers: ' }[kind];
}
