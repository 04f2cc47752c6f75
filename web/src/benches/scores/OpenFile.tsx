import { FileInput } from 'lucide-react';
import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { Button } from '../../design/controls';
import { openFiles, READ_ENDINGS } from '../../documents/files/opening';
import { importPiece, type Opening } from './importPiece';

const SCORE = /\.(?:musicxml|xml|mxl|midi?|abc)$/i;

/** Opens a score from a file; what is to be told of it goes to `onSaid`. */
export function OpenFile({ onSaid }: { readonly onSaid: (said: string | null) => void }) {
  const [opening, setOpening] = useState<Opening | null>(null);
  const open = async (files: readonly File[]) => {
    onSaid(null);
    const [file] = files;
    // What is no score, and several at once, go where they belong.
    if (!file || files.length > 1 || !SCORE.test(file.name)) return void openFiles(files);
    const started = importPiece(file, () => setOpening(started));
    const { said } = await started.opened;
    setOpening(null);
    onSaid(said);
  };
  return (
    <>
      <FileTrigger
        acceptedFileTypes={READ_ENDINGS}
        allowsMultiple
        onSelect={(files) => void open([...(files ?? [])])}
      >
        <Button aria-label="Open a score">
          <FileInput aria-hidden="true" /> Open
        </Button>
      </FileTrigger>
      {opening && (
        <span role="status">
          Reading… <Button onPress={opening.cancel}>Cancel</Button>
        </span>
      )}
    </>
  );
}
