import type { FileVoices } from '@diatonix/core/files';
import { Download, FileInput } from 'lucide-react';
import { memo, useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { Button } from '../../design/controls';
import { Drop } from '../../design/Drop';
import { Problem } from '../../design/Problem';
import { exportProgression, EXPORTS, type ExportFormat } from './exportLine';
import { progressionNow } from './desk';
import { importScore, type ImportedReading } from './importScore';
import { part } from '../../design/part';

const MenuPopover = part(() => import('../../design/MenuPopover').then((module) => module.default));

interface FileActionsProps {
  readonly empty: boolean;
  /** The four voices that were found, where they are shown. */
  readonly voices: () => FileVoices;
}

/** The progression out to a file and in from one. */
export const FileActions = memo(function FileActions({ empty, voices }: FileActionsProps) {
  const [problem, setProblem] = useState<string | null>(null);
  const [reading, setReading] = useState<ImportedReading | null>(null);

  const read = async (file: File) => {
    setProblem(null);
    const started = importScore(file, () => setReading(started));
    const outcome = await started.done;
    setReading(null);
    setProblem(outcome.ok ? outcome.remark : outcome.message);
  };

  return (
    <>
      {!empty && (
        <Drop
          label="Export progression"
          opens="menu"
          drop={(dropped) => (
            <MenuPopover
              {...dropped}
              label="Export progression"
              atEnd
              entries={EXPORTS.map((format) => ({ id: format, name: format }))}
              onAction={(format) => void exportOpen(format as ExportFormat, voices()).then(setProblem)}
            />
          )}
        >
          <Download aria-hidden="true" /> Export
        </Drop>
      )}
      <FileTrigger
        acceptedFileTypes={['.musicxml', '.xml', '.mxl', '.rntxt', 'application/vnd.recordare.musicxml+xml']}
        onSelect={(files) => files?.[0] && void read(files[0])}
      >
        <Button aria-label="Import score">
          <FileInput aria-hidden="true" /> Import
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

async function exportOpen(format: ExportFormat, voices: FileVoices): Promise<string | null> {
  const open = progressionNow();
  return open ? exportProgression(open.body, format, voices) : null;
}
