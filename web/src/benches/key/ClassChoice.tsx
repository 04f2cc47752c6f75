import type { ReactNode } from 'react';
import { TextInput } from '../../design/fields/TextInput';
import styled from 'styled-components';
import { Choice } from '../../design/Choice';
import { documentsOf } from '../../documents/store/select';
import { useDocuments } from '../../documents/store/store';
import { useOpenClass } from '../../documents/store/use';
import { addClass, chooseClass, className, renameClass } from '../../documents/kinds/schoolClass/edit';

const NEW = 'new class';

const Row = styled.div`
  margin-bottom: 0.5rem;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.4rem;
  margin-top: 0.5rem;
  input {
    flex: 1;
    min-width: 8rem;
    padding: 0.2rem 0.5rem;
    border: 1px solid var(--rule);
    border-radius: 4px;
    background: var(--sheet);
    font-size: 0.875rem;
  }
`;

/** Whose mask of what is taught the bench shows: a class of the workbook, or a new one. */
export function ClassChoice({ children }: { readonly children: ReactNode }) {
  const classes = useDocuments((state) => documentsOf(state.documents, 'class'));
  const open = useOpenClass();
  const options = [
    ...classes.map(({ id, body: { name } }) => ({ id, name: className(name) })),
    { id: NEW, name: 'New class' },
  ];
  return (
    <div className="aside">
      What is taught is kept for each class.
      <Row>
        <Choice
          label="Class"
          value={open?.id ?? NEW}
          options={options}
          onChoose={(id) => (id === NEW ? addClass() : chooseClass(id))}
        />
        <TextInput
          aria-label="Name of the class"
          value={open?.body.name ?? ''}
          maxLength={60}
          onChange={(event) => renameClass(event.target.value)}
        />
      </Row>
      {children}
    </div>
  );
}
