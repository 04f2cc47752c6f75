import { Component, type ReactNode } from 'react';
import styled from 'styled-components';
import type { Bench } from '../benches/bench';
import { Button } from '../design/controls';
import { SCRIPT_MISSING, ScriptMissing } from '../fetchScript';
import type { MissingProps } from '../design/MissingPart';
import { undo, useDocuments } from '../documents/store/store';
import { exportWorkbook } from '../documents/files/exportOpen';
import { scopeOf } from './scope';

const Page = styled.main`
  padding: 1.5rem;
  max-width: 44rem;
  h1 {
    font-size: 1.4rem;
    margin-bottom: 0.6rem;
  }
  .doings {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    margin: 1rem 0;
  }
  details {
    color: var(--soft);
    font-size: 0.875rem;
  }
`;

interface BoundaryProps {
  readonly bench: Bench;
  readonly children: ReactNode;
}

/** What keeps a fault of one bench from taking the page down: what happened, and the ways on. */
export class BenchBoundary extends Component<BoundaryProps, { readonly error: unknown }> {
  override state = { error: null as unknown };

  static getDerivedStateFromError(error: unknown) {
    return { error };
  }

  override componentDidMount() {
    // Another document, or another state of it, is tried at once.
    this.unsubscribe = useDocuments.subscribe((state, before) => {
      if (this.state.error !== null && state.documents !== before.documents) this.again();
    });
  }

  override componentWillUnmount() {
    this.unsubscribe();
  }

  private unsubscribe: () => void = () => undefined;

  private readonly again = () => this.setState({ error: null });

  override render() {
    const { error } = this.state;
    const { bench, children } = this.props;
    if (error === null) return children;
    return <Fallen bench={bench} error={error} onAgain={this.again} />;
  }
}

/** What stands in the place of a bench that could not be drawn. */
function Fallen({ bench, error, onAgain }: { bench: Bench; error: unknown; onAgain: () => void }) {
  return (
    <Page>
      <h1>The {bench.title} bench cannot show this</h1>
      <p role="alert">
        Something in what is open here could not be drawn. Your work is safe, and the other benches go on.
      </p>
      <div className="doings">
        <Button onPress={onAgain}>Try again</Button>
        <Button onPress={() => undo(scopeOf(bench))}>Undo the last edit here</Button>
        <Button onPress={exportWorkbook}>Export workbook</Button>
        <Button onPress={() => location.assign('/workbooks')}>Open another workbook</Button>
      </div>
      <Reported error={error} />
    </Page>
  );
}

/** What stands in the place of a bench whose script did not come. */
export function BenchMissing({ bench, error, onAgain }: MissingProps & { readonly bench: Bench }) {
  return (
    <Page>
      <h1>The {bench.title} bench did not load</h1>
      <p role="alert">{SCRIPT_MISSING} The other benches go on.</p>
      <div className="doings">
        <Button onPress={onAgain}>Try again</Button>
        <Button onPress={exportWorkbook}>Export workbook</Button>
        <Button onPress={() => location.reload()}>Reload the page</Button>
      </div>
      <Reported error={error instanceof ScriptMissing ? error.cause : error} />
    </Page>
  );
}

function Reported({ error }: { readonly error: unknown }) {
  return (
    <details>
      <summary>What was reported</summary>
      {error instanceof Error ? error.message : String(error)}
    </details>
  );
}
