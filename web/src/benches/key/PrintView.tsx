import { parseKey, printedFifths, type School } from '@diatonix/core';
import { Printer, X } from 'lucide-react';
import styled from 'styled-components';
import { Button, Toggle } from '../../design/controls';
import { KeyPicker } from '../../parts/KeyPicker';
import { keyName } from '../../parts/names';
import type { GridColumn } from '../../columns/types';
import type { Engraver } from '../../notation/engraver';
import { StaffGrid } from '../../notation/StaffGrid';
import { frameOf, mapColumns, mapRows } from './columns';
import { changePrint } from './state';
import type { KeyMap } from '../../documents/kinds/key';

const Pages = styled.div`
  .choices {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.4rem;
    margin-bottom: 0.9rem;
  }
  .page {
    margin-bottom: 1.2rem;
    padding: 1rem 1.2rem;
    background: var(--sheet);
    border: 1px solid var(--rule);
    border-radius: 4px;
    --ground: var(--sheet);
  }
  .page h3 {
    display: flex;
    justify-content: space-between;
    font-size: 1.15rem;
    margin-bottom: 0.4rem;
  }
  .page h3 small {
    color: var(--soft);
    font:
      400 0.875rem 'Source Sans 3',
      sans-serif;
  }
  @media print {
    .choices {
      display: none;
    }
    .page {
      break-after: page;
      break-inside: avoid;
      border: 0;
      padding: 0;
      margin: 0;
    }
    .page:last-child {
      break-after: auto;
    }
  }
`;

/** What the class fills in on a blank map; the degrees and their scale stay. */
const STAYS = ['number', 'step'];

interface PrintViewProps {
  readonly bench: KeyMap;
  readonly school: School;
  readonly engraver: Engraver | null;
}

/** One page a key: the map filled in, or blank for the class with the answers after. */
export function PrintView({ bench, school, engraver }: PrintViewProps) {
  const { keys: others, blank, answers } = bench.print;
  const keys = [bench.key, ...others.filter((key) => key !== bench.key)];
  const pages = [
    ...keys.map((key) => ({ key, blank })),
    ...(blank && answers ? keys.map((key) => ({ key, blank: false })) : []),
  ];
  return (
    <Pages>
      <div className="choices">
        <Button onPress={() => window.print()}>
          <Printer aria-hidden="true" /> Print {pages.length === 1 ? 'page' : `${pages.length} pages`}
        </Button>
        <Toggle isSelected={blank} onChange={(next) => changePrint({ blank: next })}>
          Blank
        </Toggle>
        {blank && (
          <Toggle isSelected={answers} onChange={(next) => changePrint({ answers: next })}>
            With answers
          </Toggle>
        )}
        <KeyPicker
          label="Add a key"
          value=""
          onChoose={(key) => !keys.includes(key) && changePrint({ keys: [...others, key] })}
        >
          Add a key
        </KeyPicker>
        {others.map((key) => (
          <Button
            key={key}
            aria-label={`Leave out ${key}`}
            onPress={() => changePrint({ keys: others.filter((other) => other !== key) })}
          >
            {keyName(parseKey(key), school)} <X aria-hidden="true" />
          </Button>
        ))}
      </div>
      {pages.map((page, index) => (
        <Page
          key={`${page.key} ${index}`}
          bench={{ ...bench, key: page.key }}
          blank={page.blank}
          answers={index >= keys.length}
          school={school}
          engraver={engraver}
        />
      ))}
    </Pages>
  );
}

function Page({
  bench,
  blank,
  answers,
  school,
  engraver,
}: PrintViewProps & { readonly blank: boolean; readonly answers: boolean }) {
  const key = parseKey(bench.key);
  const filled = mapColumns(bench, [], school, engraver);
  const columns = blank ? filled.map((column, index) => blankColumn(column, bench, index, engraver)) : filled;
  const rows = mapRows(bench, key.mode, school).filter(({ id }) => id !== 'taught');
  const name = `${blank ? 'Blank chord map' : answers ? 'Answers: chord map' : 'Chord map'} of ${keyName(key, school)}`;
  return (
    <section className="page" aria-label={name}>
      <h3>
        {keyName(key, school)}{' '}
        <small>{blank ? 'Name: ____________________' : answers ? 'answers' : ''}</small>
      </h3>
      <StaffGrid
        label={name}
        frame={frameOf(bench.top)}
        engraver={engraver}
        clefs={[bench.clef, bench.clef]}
        fifths={blank ? 0 : printedFifths(key)}
        rows={rows}
        columns={columns}
        selected={-1}
        selectedRow="staff"
        onSelect={() => {}}
      />
    </section>
  );
}

/** The degree stays; the staff, the signature and the rest are for the class. */
function blankColumn(
  column: GridColumn,
  bench: KeyMap,
  index: number,
  engraver: Engraver | null,
): GridColumn {
  const cells = Object.fromEntries(
    Object.keys(column.cells).map((row) => [
      row,
      STAYS.includes(row)
        ? column.cells[row]!
        : { text: 'to be filled in', content: <span className="blank" aria-hidden="true" /> },
    ]),
  );
  const empty = engraver?.column([{ clef: bench.clef, notes: [] }], frameOf(bench.top), 0, 'w') ?? null;
  return {
    ...column,
    id: `${column.id} blank`,
    sentence: `degree ${index + 1}, to be filled in`,
    staff: empty && { ...empty, left: 30, right: 30 },
    cells,
  };
}
