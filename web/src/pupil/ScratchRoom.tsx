import { lazy, Suspense, useState } from 'react';
import { LetterStack } from './LetterStack';
import { scribble, usePupil, type PupilQuestion } from './work';

const ScratchStaff = lazy(() => import('./HandNotes').then((module) => ({ default: module.ScratchStaff })));

/** Room to try things out, as on paper: words, the letters in thirds, a staff. Kept, but not handed in. */
export function ScratchRoom({ question }: { readonly question: PupilQuestion }) {
  const { id } = question;
  const of = (what: string) => (what === '' ? id : `${id} ${what}`);
  const words = usePupil(({ work }) => work?.scratch[of('')] ?? '');
  const letters = usePupil(({ work }) => work?.scratch[of('letters')] ?? '');
  const staff = usePupil(({ work }) => work?.scratch[of('staff')] ?? '');
  const [shown, setShown] = useState(words !== '' || letters !== '' || staff !== '');
  const [withStaff, setWithStaff] = useState(staff !== '');
  return (
    <details open={shown} onToggle={(event) => setShown(event.currentTarget.open)}>
      <summary>Scratch</summary>
      {shown && (
        <>
          <textarea
            rows={2}
            aria-label={`Scratch for question ${id}; it is not handed in`}
            placeholder="Count steps, write letters: this is not handed in."
            value={words}
            maxLength={2000}
            onChange={(event) => scribble(of(''), event.target.value)}
          />
          <LetterStack text={letters} onChange={(text) => scribble(of('letters'), text)} />
          {withStaff ? (
            <Suspense fallback={null}>
              <ScratchStaff
                question={question}
                text={staff}
                onChange={(text) => scribble(of('staff'), text)}
              />
            </Suspense>
          ) : (
            <button onClick={() => setWithStaff(true)}>A scratch staff</button>
          )}
        </>
      )}
    </details>
  );
}
