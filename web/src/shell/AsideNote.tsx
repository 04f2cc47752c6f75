import { Link } from 'react-router';
import { Button } from '../design/controls';
import { Problem } from '../design/Problem';
import { useDocuments, type SetAside } from '../documents/store/store';
import { exportAside } from '../documents/files/exportOpen';

/** So many are named with what is wrong; the file that is exported holds them all. */
const SHOWN = 3;

/** What could not be read of the workbook, and why; it can be saved as it was found, and stays among the workbooks. */
export function AsideNote({ aside }: { aside: readonly SetAside[] }) {
  const rest = aside.length - SHOWN;
  return (
    <>
      <Problem onClose={() => useDocuments.setState({ aside: [] })}>
        Set aside, because it cannot be read:{' '}
        {aside
          .slice(0, SHOWN)
          .map(({ name, reasons }) => `${name} (${reasons.join(' ').replace(/\.$/, '')})`)
          .join('; ')}
        {rest > 0 ? `; and ${rest} more` : ''}. It is kept under <Link to="/workbooks">Workbooks</Link>.
      </Problem>
      <Button onPress={() => exportAside(aside)}>Export it as it is</Button>
    </>
  );
}
