import { Component, type ReactNode } from 'react';
import styled from 'styled-components';
import { Button } from '../design/controls';
import { exportWorkbook } from '../documents/files/exportOpen';
import { wordsOf } from './wordsOf';

const Page = styled.main`
  max-width: 44rem;
  padding: 1.5rem;
  .doings {
    display: flex;
    gap: 0.5rem;
  }
`;

/** The last boundary: whatever fails outside the benches, a page remains with the ways on. */
export class PageBoundary extends Component<{ readonly children: ReactNode }, { readonly error: unknown }> {
  override state = { error: null as unknown };

  static getDerivedStateFromError(error: unknown) {
    return { error };
  }

  override render() {
    const { error } = this.state;
    return error === null ? this.props.children : <FallenPage error={error} />;
  }
}

/** What is shown where the page itself could not be drawn. */
export function FallenPage({ error }: { readonly error: unknown }) {
  return (
    <Page>
      <h1>Diatonix cannot show this page</h1>
      <p role="alert">{wordsOf(error)}</p>
      <div className="doings">
        <Button onPress={() => location.reload()}>Reload the page</Button>
        <Button onPress={exportWorkbook}>Export workbook</Button>
        <Button onPress={() => location.assign('/workbooks')}>Open another workbook</Button>
      </div>
    </Page>
  );
}
