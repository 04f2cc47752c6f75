import { TextInput } from './fields/TextInput';
import { useId, useMemo, useRef, useState, type ReactNode } from 'react';
import styled from 'styled-components';

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

/** A piece of the line that was not understood, and why. */
export interface LineFault {
  readonly start: number;
  readonly end: number;
  readonly message: string;
}

/** Whether the keyboard is in a typed line. */
export function typingInLine(): boolean {
  return document.activeElement?.hasAttribute('data-line') ?? false;
}

/** A typed line is at most so long; what it holds is kept whole. */
const LONGEST_LINE = 20_000;

interface LineFieldProps {
  readonly label: string;
  readonly placeholder: string;
  /** What the line belongs to; another owner drops what was being written. */
  readonly owner: string;
  /** The line as it is stored. */
  readonly stored: string;
  readonly readFaults: (line: string) => readonly LineFault[];
  readonly onType: (line: string) => void;
  /** What is not understood is stored nowhere else, and stays in the field when it is left. */
  readonly keepFaulty?: boolean;
}

/**
 * A typed line of columns. While it is being written it keeps what was typed;
 * left alone, it shows the columns as they are stored. Pieces that are not
 * understood are underlined where they stand and reported below.
 */
export function LineField({
  label,
  placeholder,
  owner,
  stored,
  readFaults,
  onType,
  keepFaulty = false,
}: LineFieldProps) {
  const [draft, setDraft] = useState<{ owner: string; text: string } | null>(null);
  const mirror = useRef<HTMLDivElement>(null);
  const reports = useId();
  const text = draft && draft.owner === owner ? draft.text : stored;
  const faults = useMemo(() => readFaults(text), [readFaults, text]);

  return (
    <div className="no-print">
      <Box>
        <div ref={mirror} className="mirror" aria-hidden="true">
          {underlined(text, faults)}
        </div>
        <TextInput
          data-line=""
          maxLength={LONGEST_LINE}
          aria-label={label}
          aria-describedby={faults.length > 0 ? reports : undefined}
          aria-invalid={faults.length > 0}
          placeholder={placeholder}
          spellCheck={false}
          autoComplete="off"
          autoCapitalize="off"
          value={text}
          onChange={(event) => {
            setDraft({ owner, text: event.target.value });
            onType(event.target.value);
          }}
          onBlur={() => !(keepFaulty && faults.length > 0) && setDraft(null)}
          onKeyDown={(event) => event.key === 'Enter' && setDraft(null)}
          onScroll={(event) =>
            mirror.current &&
            (mirror.current.style.transform = `translateX(${-event.currentTarget.scrollLeft}px)`)
          }
        />
      </Box>
      {faults.length > 0 && (
        <div role="status">
          <Reports id={reports}>
            {faults.slice(0, 4).map((fault) => (
              <li key={fault.start}>{fault.message}</li>
            ))}
            {faults.length > 4 && <li>and {faults.length - 4} more.</li>}
          </Reports>
        </div>
      )}
    </div>
  );
}

function underlined(text: string, faults: readonly LineFault[]): ReactNode[] {
  const parts: ReactNode[] = [];
  let at = 0;
  for (const { start, end } of faults) {
    parts.push(text.slice(at, start), <mark key={start}>{text.slice(start, end)}</mark>);
    at = end;
  }
  parts.push(text.slice(at));
  return parts;
}
