import type { ReactNode } from 'react';
import { Tab, TabList, TabPanel, Tabs } from 'react-aria-components';
import styled from 'styled-components';

/** The working margin's own setting of headings, tabs and asides. */
export const Margin = styled.div`
  h2 {
    font-size: 1.15rem;
  }
  .about {
    margin: 0.1rem 0 0.9rem;
    color: var(--soft);
    font-size: 0.9rem;
  }
  .doings {
    display: flex;
    flex-wrap: wrap;
    gap: 0.45rem;
    margin-top: 1.1rem;
  }
  .done {
    margin: 0.7rem 0 0;
    font-size: 0.9rem;
  }
  .aside {
    margin: 1.1rem 0 0;
    padding-top: 0.8rem;
    border-top: 1px solid var(--rule);
    color: var(--soft);
    font-size: 0.9rem;
    line-height: 1.5;
  }
  .aside + ol {
    margin-top: 0.9rem;
  }
  .aside .numeral {
    font-size: 1.02em;
  }
  .sound-note {
    margin: 0.6rem 0 0;
    color: var(--soft);
    font-size: 0.8125rem;
  }
`;

const TabStyle = styled.div`
  [role='tablist'] {
    display: flex;
    flex-wrap: wrap;
    gap: 0 0.75rem;
    border-bottom: 1px solid var(--rule);
    margin-bottom: 0.9rem;
  }
  [role='tab'] {
    padding: 0.25rem 0 0.35rem;
    color: var(--soft);
    font-size: 0.9rem;
    border-bottom: 2px solid transparent;
    margin-bottom: -1px;
    cursor: pointer;
  }
  [role='tab'][data-selected] {
    color: var(--ink);
    font-weight: 600;
    border-bottom-color: var(--mark);
  }
  [role='tabpanel']:focus-visible {
    outline-offset: 4px;
  }
`;

interface WaysProps {
  readonly label: string;
  readonly ways: readonly { readonly id: string; readonly name: string }[];
  readonly chosen: string;
  readonly onChoose: (id: string) => void;
  readonly children: ReactNode;
}

/** Ways of working as tabs over the steps. */
export function WayChoice({ label, ways, chosen, onChoose, children }: WaysProps) {
  return (
    <TabStyle>
      <Tabs selectedKey={chosen} onSelectionChange={(key) => onChoose(String(key))}>
        <TabList aria-label={label}>
          {ways.map((way) => (
            <Tab key={way.id} id={way.id}>
              {way.name}
            </Tab>
          ))}
        </TabList>
        {/* A panel that only changes its id keeps the old one in the page. */}
        <TabPanel key={chosen} id={chosen}>
          {children}
        </TabPanel>
      </Tabs>
    </TabStyle>
  );
}
