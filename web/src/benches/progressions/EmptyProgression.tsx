import { BenchFrame } from '../../parts/BenchFrame';
import { Button } from '../../design/controls';
import { openDemo } from '../../documents/persistence/openDemo';
import { addProgression } from './state';

/** A workbook without any progression: what to do, and the demo. */
export function EmptyProgression() {
  return (
    <BenchFrame title={<h1>Progressions</h1>} facts={null} actions={null} margin={null}>
      <p>This workbook holds no progression.</p>
      <Button onPress={() => addProgression()}>Begin a progression</Button>{' '}
      <Button onPress={() => void openDemo()}>Open the demo workbook</Button>
    </BenchFrame>
  );
}
