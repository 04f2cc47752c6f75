import { attempt, promptWords, type Question } from '@diatonix/core';
import { lazy, Suspense, useState } from 'react';
import { Figures } from '../parts/NumeralText';
import { StaffPicture } from '../questions/StaffPicture';
import { AnswerInput } from './AnswerInput';
import { staffSaid } from './staffSaid';
import { useEngraved } from './useEngraved';
import type { Said } from './marking';
import { scribble, usePupil, type PupilQuestion } from './work';

const MapTable = lazy(() => import('./GivenMap'));

interface AskedProps {
  readonly question: PupilQuestion;
  readonly instruction: string;
  /** Whether an answer may be marked and explained at once. */
  readonly practice: boolean;
  readonly onNext: () => void;
}

/** One question: what is asked, its staff, the answer, and room to try things out. */
export function Asked({ question, instruction, practice, onNext }: AskedProps) {
  const { id, kind, given } = question;
  const typed = usePupil(({ work }) => work?.answers[id] ?? '');
  const scratch = usePupil(({ work }) => work?.scratch[id] ?? '');
  const engraved = useEngraved(question);
  const [said, setSaid] = useState<{ readonly of: string; readonly said: Said } | null>(null);
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
  const mark = async () => {
    const { explain } = await import('./marking');
    setSaid({ of: typed, said: explain(question, typed) });
  };
  const enter = () => {
    if (practice && typed.trim() !== '' && said?.of !== typed) void mark();
    else onNext();
  };
  return (
    <article aria-labelledby={`q-${id}`}>
      <h2 id={`q-${id}`}>Question {id}</h2>
      <p className="soft">{instruction}</p>
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
      <AnswerInput id={id} kind={kind} given={given} typed={typed} onEnter={enter} />
      {practice && (
        <div className="row">
          <button disabled={typed.trim() === ''} onClick={() => void mark()}>
            Is it right?
          </button>
        </div>
      )}
      <div role="status">
        {said && said.of === typed && (
          <div className={`said ${said.said.verdict}`}>
            {said.said.sentences.map((sentence, at) => (
              <p key={at}>{sentence}</p>
            ))}
          </div>
        )}
      </div>
      <details open={scratch !== ''}>
        <summary>Scratch</summary>
        <textarea
          rows={3}
          aria-label={`Scratch for question ${id}; it is not handed in`}
          placeholder="Stack letters, count steps: this is not handed in."
          value={scratch}
          maxLength={2000}
          onChange={(event) => scribble(id, event.target.value)}
        />
      </details>
    </article>
  );
}
