import { Checkbox } from './fields/Checkbox';
import { PlainButton } from './PlainButton';
import { ArrowDown, ArrowUp } from 'lucide-react';
import type { ReactNode } from 'react';
import { Dialog, Popover } from 'react-aria-components';
import styled from 'styled-components';
import type { Dropped } from './Drop';

export const Table = styled.table`
  display: block;
  padding: 0.7rem 0.9rem;
  background: var(--sheet);
  border: 1px solid var(--rule);
  border-radius: 4px;
  box-shadow: 0 6px 24px rgb(0 0 0 / 14%);
  max-height: calc(100vh - 11rem);
  overflow-y: auto;
  th,
  td {
    padding: 0.15rem 0.9rem 0.15rem 0;
    text-align: left;
    font-weight: 400;
    font-size: 0.9375rem;
  }
  .order {
    white-space: nowrap;
  }
  .order button {
    padding: 0.15rem;
    border: 0;
    border-radius: 3px;
    background: none;
    color: var(--ink);
    line-height: 0;
    cursor: pointer;
  }
  .order button:disabled {
    color: var(--rule);
    cursor: default;
  }
  .order svg {
    width: 0.95rem;
    height: 0.95rem;
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
  /** Moves a row up or down, where their order may be chosen. */
  readonly onMove?: (id: string, by: 1 | -1) => void;
  /** What else is chosen with them, under the table. */
  readonly children?: ReactNode;
}

/** A small table of boxes to tick. */
export default function RowsTable({
  label,
  heads,
  rows,
  triggerRef,
  onClose,
  onChange,
  onMove,
  children,
}: RowsTableProps) {
  return (
    <Popover
      triggerRef={triggerRef}
      isOpen
      onOpenChange={(open) => !open && onClose()}
      placement="bottom end"
    >
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
              {onMove && <th scope="col">Order</th>}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ id, name, boxes }, at) => (
              <tr key={id}>
                <th scope="row">{name}</th>
                {boxes.map((ticked, box) => (
                  <td key={box}>
                    <Checkbox
                      aria-label={`${name}: ${heads[box]}`}
                      isSelected={ticked}
                      onChange={(on) => onChange(id, box, on)}
                    />
                  </td>
                ))}
                {onMove && (
                  <td className="order">
                    <PlainButton
                      aria-label={`${name}: up`}
                      isDisabled={at === 0}
                      onPress={() => onMove(id, -1)}
                    >
                      <ArrowUp aria-hidden="true" />
                    </PlainButton>
                    <PlainButton
                      aria-label={`${name}: down`}
                      isDisabled={at === rows.length - 1}
                      onPress={() => onMove(id, 1)}
                    >
                      <ArrowDown aria-hidden="true" />
                    </PlainButton>
                  </td>
                )}
              </tr>
            ))}
          </tbody>
          {children && (
            <tfoot>
              <tr>
                <td colSpan={heads.length + 2}>{children}</td>
              </tr>
            </tfoot>
          )}
        </Table>
      </Dialog>
    </Popover>
  );
}
