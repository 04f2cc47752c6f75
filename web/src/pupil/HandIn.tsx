import { useState } from 'react';
import { leave } from './classwork';
import { handIn, handInToClass, type Work } from './work';

interface HandInProps {
  readonly work: Work;
  readonly open: readonly string[];
  readonly onGo: (id: string) => void;
}

const SAID = {
  class: 'Handed in. You can change answers and hand in again.',
  file: 'The file is among your downloads: give it to your teacher. You can change answers and save it again.',
};

/** What is still open, and handing in: to the class, or as one file with everything that was answered. */
export function HandIn({ work, open, onGo }: HandInProps) {
  const [sure, setSure] = useState(false);
  const inClass = work.room !== undefined && !work.room.over;
  // Once work has ended nothing is open any more.
  const ended = work.room?.closed ?? false;
  return (
    <section aria-labelledby="hand-in-title">
      <h2 id="hand-in-title">{ended ? 'Your sheet' : 'Hand in'}</h2>
      {!ended && <StillOpen open={open} onGo={onGo} />}
      <div className="row">
        {inClass && !ended && (
          <button id="hand-in" className="main" disabled={work.handedIn !== null} onClick={handInToClass}>
            Hand in
          </button>
        )}
        {!inClass && (
          <button id="hand-in" className="main" onClick={handIn}>
            Save the file to hand in
          </button>
        )}
        {inClass && (
          <button title="For when the class cannot be reached" onClick={handIn}>
            Save as a file
          </button>
        )}
        {sure ? (
          <>
            <span role="alert">Everything on this sheet goes. Is it handed in?</span>
            <button onClick={leave}>Close it</button>
            <button onClick={() => setSure(false)}>Keep it</button>
          </>
        ) : (
          <button onClick={() => setSure(true)}>Close the sheet</button>
        )}
      </div>
      <p role="status">{work.handedIn !== null && !(inClass && ended) && SAID[inClass ? 'class' : 'file']}</p>
    </section>
  );
}

/** So many are a press away; a longer list is no help. */
const SHOWN = 40;

/** The questions without an answer, each a press away. */
function StillOpen({ open, onGo }: Pick<HandInProps, 'open' | 'onGo'>) {
  if (open.length === 0) return <p>Everything is answered.</p>;
  return (
    <>
      <p>Still open:</p>
      <ul className="open">
        {open.slice(0, SHOWN).map((id) => (
          <li key={id}>
            <button onClick={() => onGo(id)}>{id}</button>
          </li>
        ))}
        {open.length > SHOWN && <li>and {open.length - SHOWN} more</li>}
      </ul>
    </>
  );
}
