import { Dialog, Popover } from 'react-aria-components';
import styled from 'styled-components';
import type { Dropped } from './Drop';

const Table = styled.table`
  display: block;
  padding: 0.7rem 0.9rem;
  background: var(--sheet);
  border: 1px solid var(--rule);
  border-radius: 4px;
  box-shadow: 0 6px 24px rgb(0 0 0 / 14%);
  th,
  td {
    padding: 0.15rem 0.9rem 0.15rem 0;
    text-align: left;
    font-weight: 400;
    font-size: 0.9375rem;
  }
  thead th {
    color: var(--soft);
    font-size: 0.8125rem;
  }
`;

/** A choice of several things by name, each with one or two boxes. */
export interface TableRow {
  readonly id: string;
  readonly name: string;
  readonly boxes: readonly boolean[];
}

interface RowsTableProps extends Dropped {
  readonly label: string;
  readonly heads: readonly string[];
  readonly rows: readonly TableRow[];
  readonly onChange: (id: string, box: number, ticked: boolean) => void;
}

/** A small table of boxes to tick. */
export default function RowsTable({ label, heads, rows, triggerRef, onClose, onChange }: RowsTableProps) {
  return (
    <Popover triggerRef={triggerRef} isOpen onOpenChange={(open) => !open && onClose()} placement="bottom end">
      <Dialog aria-label={label}>
        <Table>
          <thead>
            <tr>
              <th scope="col">{label}</th>
              {heads.map((head) => (
                <th key={head} scope="col">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ id, name, boxes }) => (
              <tr key={id}>
                <th scope="row">{name}</th>
                {boxes.map((ticked, box) => (
                  <td key={box}>
                    <input
                      type="checkbox"
                      aria-label={`${name}: ${heads[box]}`}
                      checked={ticked}
                      onChange={(event) => onChange(id, box, event.target.checked)}
                    />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </Table>
      </Dialog>
    </Popover>
  );
}
