import { FileTrigger } from 'react-aria-components';
import { Button } from '../../design/controls';
import type { ScoreToRead } from '@diatonix/core';
import { readTheirs, type Theirs } from './theirLabels';

interface CompareFileProps {
  readonly score: ScoreToRead;
  readonly onTheirs: (theirs: Theirs) => void;
  readonly onSaid: (said: string | null) => void;
}

/** Lays somebody's labels over the open piece. */
export function CompareFile({ score, onTheirs, onSaid }: CompareFileProps) {
  const open = async (file: File) => {
    const read = await readTheirs(file, score);
    if (typeof read === 'string') onSaid(read);
    else {
      onSaid(null);
      onTheirs(read);
    }
  };
  return (
    <FileTrigger
      acceptedFileTypes={['.rntxt', '.txt', 'text/plain']}
      onSelect={(files) => files?.[0] && void open(files[0])}
    >
      <Button aria-label="Compare with labels of a file">Compare</Button>
    </FileTrigger>
  );
}
