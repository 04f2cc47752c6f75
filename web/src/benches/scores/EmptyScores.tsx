import { Button } from '../../design/controls';
import { openDemo } from '../../documents/persistence/openDemo';
import { SCORES_DESK } from './desk';
import { OpenFile } from './OpenFile';
import { typePiece } from './state';
import { TypePiece } from './TypePiece';

/** No piece yet: what to do, and the demo. */
export function EmptyScores({ onSaid }: { readonly onSaid: (said: string | null) => void }) {
  const typing = SCORES_DESK.use((desk) => desk.typing);
  if (typing) return <TypePiece />;
  return (
    <>
      <p>No piece stands here yet. Open a file (MusicXML, MIDI, ABC), or type a few bars, a line a voice.</p>
      <OpenFile onSaid={onSaid} /> <Button onPress={typePiece}>Type a piece</Button>{' '}
      <Button onPress={() => void openDemo()}>Open the demo workbook</Button>
    </>
  );
}
