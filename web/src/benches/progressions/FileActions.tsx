import type { FileVoices } from '@diatonix/core/files';
import { Download, FileInput } from 'lucide-react';
import { memo, useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { Button } from '../../design/controls';
import { Drop } from '../../design/Drop';
import { Problem } from '../../design/Problem';
import { openFiles, READ_ENDINGS } from '../../documents/files/opening';
import { exportProgression, EXPORTS, type ExportFormat } from './exportLine';
import { progressionNow } from './desk';
import { importScore, type ImportedReading } from './importScore';
import { part } from '../../design/part';

/** Endings of what holds a line of chords, or chords to be read as one. */
const LINE = /\.(?:musicxml|xml|mxl|rntxt|txt)$/i;

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

  const read = async (files: readonly File[]) => {
    setProblem(null);
    const [file] = files;
    // What is no line of chords, and several at once, go where they belong.
    if (!file || files.length > 1 || !LINE.test(file.name)) return void openFiles(files);
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
        acceptedFileTypes={READ_ENDINGS}
        allowsMultiple
        onSelect={(files) => void read([...(files ?? [])])}
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
