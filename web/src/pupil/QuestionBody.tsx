import { attempt, DEFAULT_LABEL_STYLE, promptParts } from '@diatonix/core';
import { lazy, Suspense, useState } from 'react';
import { keyTextOf, PromptText } from '../questions/PromptText';
import { StaffPicture } from '../questions/StaffPicture';
import { isAudible, layoutShown } from './shownQuestion';
import { staffSaid } from './staffSaid';
import { useEngraved } from '../questions/useEngraved';
import type { PupilQuestion } from './work';

const MapTable = lazy(() => import('./GivenMap'));

/** What is asked: in words, on its staff, and to be heard. */
export function QuestionBody({ question }: { readonly question: PupilQuestion }) {
  const layout = layoutShown(question);
  const engraved = useEngraved(question);
  const [silent, setSilent] = useState('');
  // What is asked is said even where a hostile file asks for what is none.
  const prompt = attempt(() => promptParts(question));
  const spoken = staffSaid(question);
  const hasStaff = (layout?.staff.clefs.length ?? 0) > 0;
  const sound = async () => {
    try {
      await (await import('./hear')).hear(question);
    } catch {
      setSilent('There is no sound on this device. Ask your teacher to play it.');
    }
  };
  return (
    <>
      {prompt.ok && prompt.value.length > 0 && (
        <p className="prompt">
          <PromptText parts={prompt.value} keyText={keyTextOf(question)} school={DEFAULT_LABEL_STYLE} />
        </p>
      )}
      {layout?.form === 'table' && (
        <div className="map-room" tabIndex={0} role="region" aria-label="What is given">
          <Suspense fallback={null}>
            <MapTable question={question} />
          </Suspense>
        </div>
      )}
      {hasStaff && (
        <div className="staff-room">
          {engraved && <StaffPicture frame={engraved.frame} staff={engraved.staff} shrinks />}
          {spoken !== '' && <p className="visually-hidden">{spoken}</p>}
        </div>
      )}
      {isAudible(question) && (
        <div className="row">
          <button onClick={() => void sound()}>Hear</button>
          <span className="soft">{silent || 'Check your headphones: it begins at a moderate level.'}</span>
        </div>
      )}
    </>
  );
}
