import { Download, FileInput } from 'lucide-react';
import { memo, useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { Button } from '../../design/controls';
import { Problem } from '../../design/Problem';
import { openProgressionOf } from '../../workbook/model';
import { useStore } from '../../workbook/store';
import { exportMusicXml, importMusicXml, type Reading } from '../../workbook/transfer';

/** Export and import of the progression as MusicXML. */
export const FileActions = memo(function FileActions({ empty }: { empty: boolean }) {
  const [problem, setProblem] = useState<string | null>(null);
  const [reading, setReading] = useState<Reading | null>(null);

  const read = async (file: File) => {
    setProblem(null);
    const started = importMusicXml(file, () => setReading(started));
    const outcome = await started.done;
    setReading(null);
    setProblem(outcome.ok ? outcome.remark : outcome.message);
  };

  return (
    <>
      <Button onPress={() => void exportOpen().then(setProblem)} isDisabled={empty}>
        <Download aria-hidden="true" /> Export MusicXML
      </Button>
      <FileTrigger
        acceptedFileTypes={['.musicxml', '.xml', 'application/vnd.recordare.musicxml+xml']}
        onSelect={(files) => files?.[0] && void read(files[0])}
      >
        <Button>
          <FileInput aria-hidden="true" /> Import MusicXML
        </Button>
      </FileTrigger>
      {reading && (
        <span role="status">
          Reading… <Button onPress={reading.cancel}>Cancel</Button>
        </span>
      )}
      {problem && <Problem>{problem}</Problem>}
    </>
  );
});

async function exportOpen(): Promise<string | null> {
  const open = openProgressionOf(useStore.getState().workbook);
  return open ? exportMusicXml(open) : null;
}
