import { FileInput } from 'lucide-react';
import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { Button } from '../../design/controls';
import { importPiece, type Opening } from './importPiece';

const TYPES = ['.musicxml', '.xml', '.mxl', '.mid', '.midi', 'audio/midi', '.abc', 'text/vnd.abc'];

/** Opens a score from a file; what is to be told of it goes to `onSaid`. */
export function OpenFile({ onSaid }: { readonly onSaid: (said: string | null) => void }) {
  const [opening, setOpening] = useState<Opening | null>(null);
  const open = async (file: File) => {
    onSaid(null);
    const started = importPiece(file, () => setOpening(started));
    const said = await started.done;
    setOpening(null);
    onSaid(said);
  };
  return (
    <>
      <FileTrigger acceptedFileTypes={TYPES} onSelect={(files) => files?.[0] && void open(files[0])}>
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
