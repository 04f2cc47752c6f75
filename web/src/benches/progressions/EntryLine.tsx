import { parseKey, readLine } from '@diatonix/core';
import { useId, useMemo, useRef, useState } from 'react';
import styled from 'styled-components';
import { useStore } from '../../workbook/store';
import type { Progression } from '../../workbook/model';
import { columnText } from './slice';

const Box = styled.div`
  position: relative;
  margin-top: 0.9rem;
  border: 1px solid var(--rule);
  border-radius: 4px;
  background: var(--sheet);
  overflow: hidden;
  &:focus-within {
    border-color: var(--mark);
    box-shadow: 0 0 0 1px var(--mark);
  }
  .mirror,
  input {
    font:
      600 1.1rem/1.4 'Accidentals',
      'Source Serif 4',
      serif;
    letter-spacing: 0.01em;
    padding: 0.6rem 0.9rem;
    white-space: pre;
  }
  input {
    position: relative;
    display: block;
    width: 100%;
    border: 0;
    background: none;
    outline: none;
  }
  input::placeholder {
    color: var(--soft);
    font:
      400 0.95rem/1.6 'Source Sans 3',
      sans-serif;
    letter-spacing: 0;
  }
  .mirror {
    position: absolute;
    inset: 0;
    color: transparent;
    pointer-events: none;
  }
  .mirror mark {
    background: none;
    color: transparent;
    text-decoration: underline wavy var(--correction) 1.5px;
    text-underline-offset: 0.25em;
  }
`;

const Reports = styled.ul`
  list-style: none;
  margin: 0.4rem 0 0;
  padding: 0;
  color: var(--correction);
  font-size: 0.9rem;
`;

/**
 * The typed line of the whole progression. While it is being written it keeps
 * what was typed; left alone, it shows the columns as they are stored. Pieces
 * that are not understood are underlined where they stand and reported below.
 */
export function EntryLine({ progression }: { progression: Progression }) {
  const school = useStore((state) => state.workbook.school);
  const typeLine = useStore((state) => state.typeLine);
  const [draft, setDraft] = useState<{ id: string; text: string } | null>(null);
  const mirror = useRef<HTMLDivElement>(null);
  const reports = useId();
  const stored = useMemo(() => progression.columns.map(columnText).join(' '), [progression.columns]);
  const text = draft && draft.id === progression.id ? draft.text : stored;
  const faults = useMemo(
    () => readLine(text, parseKey(progression.key), school).flatMap((token) => ('error' in token ? [token] : [])),
    [text, progression.key, school],
  );

  return (
    <div>
      <Box>
        <div ref={mirror} className="mirror" aria-hidden="true">
          {underlined(text, faults)}
        </div>
        <input
          aria-label="Progression: numerals, symbols, degrees or notes"
          aria-describedby={faults.length > 0 ? reports : undefined}
          aria-invalid={faults.length > 0}
          placeholder="Type numerals, symbols, degree numbers or (notes): I vi V65/ii ii V7 I"
          spellCheck={false}
          autoComplete="off"
          autoCapitalize="off"
          value={text}
          onChange={(event) => {
            setDraft({ id: progression.id, text: event.target.value });
            typeLine(event.target.value);
          }}
          onBlur={() => setDraft(null)}
          onKeyDown={(event) => event.key === 'Enter' && setDraft(null)}
          onScroll={(event) => mirror.current && (mirror.current.style.transform = `translateX(${-event.currentTarget.scrollLeft}px)`)}
        />
      </Box>
      {faults.length > 0 && (
        <div role="status">
          <Reports id={reports}>
            {faults.slice(0, 4).map((fault) => (
              <li key={fault.start}>{fault.error.message}</li>
            ))}
            {faults.length > 4 && <li>and {faults.length - 4} more.</li>}
          </Reports>
        </div>
      )}
    </div>
  );
}

function underlined(text: string, faults: readonly { start: number; end: number }[]) {
  const parts: React.ReactNode[] = [];
  let at = 0;
  for (const { start, end } of faults) {
    parts.push(text.slice(at, start), <mark key={start}>{text.slice(start, end)}</mark>);
    at = end;
  }
  parts.push(text.slice(at));
  return parts;
}
