import { attempt, promptWords, type Question } from '@diatonix/core';
import { lazy, Suspense, useState } from 'react';
import { Figures } from '../parts/NumeralText';
import { StaffPicture } from '../questions/StaffPicture';
import { staffSaid } from './staffSaid';
import { useEngraved } from '../questions/useEngraved';
import type { PupilQuestion } from './work';

const MapTable = lazy(() => import('./GivenMap'));

/** What is asked: in words, on its staff, and to be heard. */
export function QuestionBody({ question }: { readonly question: PupilQuestion }) {
  const { kind, given } = question;
  const engraved = useEngraved(question);
  const [silent, setSilent] = useState('');
  // What is asked is said even where a hostile file asks for what is none.
  const words = attempt(() => promptWords(question as unknown as Question));
  // Figures stand over each other beside the key.
  const prompt = words.ok ? (kind === 'figures-name' ? words.value.split(' · ').at(-1)! : words.value) : '';
  const spoken = staffSaid(question);
  const audible = kind === 'listen' || given['clef'] !== undefined;
  const sound = async () => {
    try {
      await (await import('./hear')).hear(question);
    } catch {
      setSilent('There is no sound on this device. Ask your teacher to play it.');
    }
  };
  return (
    <>
      {kind === 'figures-name' && Array.isArray(given['figures']) && (
        <Figures figures={given['figures'] as string[]} />
      )}
      {prompt !== '' && <p className="prompt">{prompt}</p>}
      {kind === 'chord-map' && (
        <Suspense fallback={null}>
          <MapTable question={question} />
        </Suspense>
      )}
      {given['clef'] !== undefined && (
        <div className="staff-room">
          {engraved && <StaffPicture frame={engraved.frame} staff={engraved.staff} shrinks />}
          {spoken !== '' && <p className="visually-hidden">{spoken}</p>}
        </div>
      )}
      {audible && (
        <div className="row">
          <button onClick={() => void sound()}>Hear</button>
          <span className="soft">{silent || 'Check your headphones: it begins at a moderate level.'}</span>
        </div>
      )}
    </>
  );
}
