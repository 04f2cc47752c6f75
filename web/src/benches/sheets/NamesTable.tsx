import { TextArea } from '../../design/fields/TextInput';
import { Dialog, Popover } from 'react-aria-components';
import styled from 'styled-components';
import { fieldLook } from '../../design/controls';
import type { Dropped } from '../../design/Drop';

const Box = styled.label`
  display: grid;
  gap: 0.4rem;
  width: 19rem;
  padding: 0.8rem 0.9rem;
  background: var(--sheet);
  border: 1px solid var(--rule);
  border-radius: 4px;
  box-shadow: 0 6px 24px rgb(0 0 0 / 14%);
  color: var(--soft);
  font-size: 0.875rem;
  textarea {
    ${fieldLook}
    width: 100%;
    color: var(--ink);
  }
`;

interface NamesTableProps extends Dropped {
  readonly names: string;
  readonly onChange: (names: string) => void;
}

/** The pupils for whom the PDF begins with a list: neighbours get different versions. Drawn while it is open. */
export default function NamesTable({ triggerRef, onClose, names, onChange }: NamesTableProps) {
  return (
    <Popover
      isOpen
      triggerRef={triggerRef}
      onOpenChange={(open) => !open && onClose()}
      placement="bottom end"
    >
      <Dialog aria-label="Pupils">
        <Box>
          A name on each line: the PDF then begins with a list of who has which version. The names stay on
          this page only.
          <TextArea
            rows={8}
            maxLength={20_000}
            value={names}
            onChange={(event) => onChange(event.target.value)}
          />
        </Box>
      </Dialog>
    </Popover>
  );
}
