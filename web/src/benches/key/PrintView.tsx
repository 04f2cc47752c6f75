import { parseKey, printedFifths, type LabelStyle } from '@diatonix/core';
import { X } from 'lucide-react';
import { Button, Toggle } from '../../design/controls';
import { KeyPicker } from '../../parts/KeyPicker';
import { keyName } from '../../parts/names';
import type { GridColumn } from '../../columns/types';
import type { Engraver } from '@diatonix/engraving';
import { PrintPages, type PrintedPage } from '../../parts/PrintPages';
import { useTaught } from '../../documents/store/use';
import { StaffGrid } from '../../notation/StaffGrid';
import { mapFrame, mapGridColumns, mapRows } from './columns';
import { changePrint } from './state';
import type { NotYetTaught } from '../../documents/kinds/schoolClass/type';
import type { KeyMap } from '../../documents/kinds/key/type';

/** What the class fills in on a blank map; the degrees and their scale stay. */
const STAYS = ['number', 'step'];

interface PrintViewProps {
  readonly bench: KeyMap;
  readonly school: LabelStyle;
  readonly engraver: Engraver | null;
}

/** One page a key: the map filled in, or blank for the class with the answers after. */
export function PrintView({ bench, school, engraver }: PrintViewProps) {
  const { notYetTaught } = useTaught();
  const { keys: others, blank, answers, taughtOnly } = bench.print;
  const keys = [bench.key, ...others.filter((key) => key !== bench.key)];
  const page = (key: string, kind: PrintedPage['kind']): PrintedPage => {
    const parsed = parseKey(key);
    const title = keyName(parsed, school);
    return {
      id: `${key} ${kind}`,
      title,
      kind,
      content: () => (
        <PrintedMap
          bench={{ ...bench, key }}
          blank={kind === 'pupils'}
          name={`${MAP_NAMES[kind]} of ${title}`}
          later={notYetTaught}
          taughtOnly={taughtOnly}
          school={school}
          engraver={engraver}
        />
      ),
    };
  };
  const pages = [
    ...keys.map((key) => page(key, blank ? 'pupils' : 'plain')),
    ...(blank && answers ? keys.map((key) => page(key, 'answers')) : []),
  ];
  return (
    <PrintPages
      pages={pages}
      choices={
        <>
          <Toggle isSelected={blank} onChange={(next) => changePrint({ blank: next })}>
            Blank
          </Toggle>
          {blank && (
            <Toggle isSelected={answers} onChange={(next) => changePrint({ answers: next })}>
              With answers
            </Toggle>
          )}
          <Toggle isSelected={taughtOnly} onChange={(next) => changePrint({ taughtOnly: next })}>
            Only what is taught
          </Toggle>
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
        </>
      }
    />
  );
}

const MAP_NAMES: Record<PrintedPage['kind'], string> = {
  plain: 'Chord map',
  pupils: 'Blank chord map',
  answers: 'Answers: chord map',
};

interface PrintedMapProps extends PrintViewProps {
  readonly blank: boolean;
  readonly name: string;
  /** What the class has not been taught: left out, or marked as such. */
  readonly later: NotYetTaught;
  readonly taughtOnly: boolean;
}

function PrintedMap({ bench, blank, name, later, taughtOnly, school, engraver }: PrintedMapProps) {
  const key = parseKey(bench.key);
  const filled = mapGridColumns(bench, later, school, engraver);
  const shown = taughtOnly ? filled.filter((column) => !column.muted) : filled;
  const columns = blank ? shown.map((column) => blankColumn(column, bench, engraver)) : shown;
  // What a class has been taught is the teacher's own record.
  const rows = mapRows(bench, key.mode, school).filter(({ id }) => id !== 'taught');
  return (
    <StaffGrid
      label={name}
      frame={mapFrame(bench.top)}
      engraver={engraver}
      clefs={[bench.clef, bench.clef]}
      fifths={blank ? 0 : printedFifths(key)}
      rows={rows}
      columns={columns}
      selected={-1}
      selectedRow="staff"
      onSelect={() => {}}
    />
  );
}

/** The degree stays; the staff, the signature and the rest are for the class. */
function blankColumn(column: GridColumn, bench: KeyMap, engraver: Engraver | null): GridColumn {
  const cells = Object.fromEntries(
    Object.keys(column.cells).map((row) => [
      row,
      STAYS.includes(row)
        ? column.cells[row]!
        : { text: 'to be filled in', content: <span className="blank" aria-hidden="true" /> },
    ]),
  );
  const empty = engraver?.column([{ clef: bench.clef, notes: [] }], mapFrame(bench.top), 0, 'w') ?? null;
  return {
    ...column,
    id: `${column.id} blank`,
    sentence: `${column.sentence.split(',')[0]}, to be filled in`,
    staff: empty && { ...empty, left: 30, right: 30 },
    cells,
  };
}
