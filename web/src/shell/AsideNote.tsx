import { Button } from '../design/controls';
import { Problem } from '../design/Problem';
import { useDocuments, type SetAside } from '../documents/store';
import { exportAside } from '../documents/workbooks';

/** What could not be read of the workbook, and why; it can be saved as it was found. */
export function AsideNote({ aside }: { aside: readonly SetAside[] }) {
  const [first] = aside;
  const rest = aside.length - 1;
  return (
    <>
      <Problem onClose={() => useDocuments.setState({ aside: [] })}>
        Set aside, because it cannot be read: {first!.name}
        {rest > 0 ? ` and ${rest} more` : ''}. {first!.reasons.join(' ')}
      </Problem>
      <Button onPress={() => exportAside(aside)}>Export it as it is</Button>
    </>
  );
}
