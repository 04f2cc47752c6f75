import {
  attempt,
  DEFAULT_LABEL_STYLE,
  promptParts,
  voicesAfter,
  voicesAsked,
  voicesDrawn,
} from '@diatonix/core';
import { lazy, Suspense, useMemo, useState } from 'react';
import { keyTextOf, PromptText } from '../questions/PromptText';
import { StaffPicture } from '../questions/StaffPicture';
import { UnderStaff } from '../questions/UnderStaff';
import { hearings, isAudible, layoutShown } from './shownQuestion';
import type { Hearing } from '../sound/hearings';
import { staffSaid } from './staffSaid';
import { useEngraved } from '../questions/useEngraved';
import type { PupilQuestion } from './work';

const MapTable = lazy(() => import('./GivenMap'));

interface QuestionBodyProps {
  readonly question: PupilQuestion;
  /** What was answered so far. */
  readonly typed?: string;
}

/** What is asked: in words, on its staff, and to be heard. */
export function QuestionBody({ question, typed = '' }: QuestionBodyProps) {
  const layout = layoutShown(question);
  // Four voices stand on the staff as they are written.
  const written = useMemo(() => {
    const open = typed === '' ? null : voicesAsked(question);
    return open && voicesDrawn(String(question.given['key']), voicesAfter(open, typed));
  }, [question, typed]);
  const engraved = useEngraved(question, written);
  const under = layout?.under ?? null;
  const [silent, setSilent] = useState('');
  // What is asked is said even where a hostile file asks for what is none.
  const prompt = attempt(() => promptParts(question));
  const spoken = staffSaid(question);
  const hasStaff = (layout?.staff.clefs.length ?? 0) > 0;
  const sound = async (hearing: Hearing) => {
    try {
      await (await import('./hear')).hear(question, hearing);
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
          {engraved && (
            <StaffPicture frame={engraved.frame} staff={engraved.staff} shrinks>
              {under !== null && under !== 'blank' && (
                <UnderStaff
                  texts={under}
                  staff={engraved.staff}
                  keyText={keyTextOf(question)}
                  school={DEFAULT_LABEL_STYLE}
                />
              )}
            </StaffPicture>
          )}
          {spoken !== '' && <p className="visually-hidden">{spoken}</p>}
        </div>
      )}
      {isAudible(question) && (
        <div className="row">
          {hearings(question).map(({ id, name }) => (
            <button key={id} onClick={() => void sound(id)}>
              {name}
            </button>
          ))}
          <span className="soft">{silent || 'Check your headphones: it begins at a moderate level.'}</span>
        </div>
      )}
    </>
  );
}
