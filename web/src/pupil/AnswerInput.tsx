import { voicesAsked } from '@diatonix/core';
import { lazy, Suspense, type KeyboardEvent } from 'react';
import { FaultInput } from './FaultInput';
import { MapInput } from './MapInput';
import { answerHelp } from './shownQuestion';
import { useUnread } from './useUnread';
import { LONGEST, type PupilQuestion } from './work';

const VoicesInput = lazy(() => import('./VoicesInput'));

interface AnswerInputProps extends Pick<PupilQuestion, 'id' | 'kind' | 'given'> {
  readonly typed: string;
  /** Whether nothing can be changed any more. */
  readonly locked?: boolean;
  readonly onType: (text: string) => void;
  readonly onEnter: () => void;
}

/** Where an answer is written, or chosen where few words can be right. */
export function AnswerInput({ id, kind, given, typed, locked = false, onType, onEnter }: AnswerInputProps) {
  const { choices, hint, form } = answerHelp({ kind, given });
  const { why, look } = useUnread({ kind, given }, typed);
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key !== 'Enter') return;
    event.preventDefault();
    onEnter();
  };
  if (choices.length > 0)
    return (
      <fieldset>
        <legend>Your answer</legend>
        {choices.map((one) => (
          <label key={one}>
            <input
              type="radio"
              name={`answer-${id}`}
              checked={typed === one}
              disabled={locked}
              onChange={() => onType(one)}
              onKeyDown={onKeyDown}
            />
            {one === 'leading' ? 'leading note' : one}
          </label>
        ))}
      </fieldset>
    );
  const { blank, voices } = given as { readonly blank?: unknown; readonly voices?: unknown };
  const unread = (
    <div role="status" id={`unread-${id}`}>
      {why && <p className="problem">This cannot be read yet. {why}</p>}
    </div>
  );
  if (form === 'map' && Array.isArray(blank))
    return (
      <div onBlur={look}>
        <MapInput blank={blank as string[]} {...{ typed, locked, onType, onKeyDown }} />
        {unread}
      </div>
    );
  const open = form === 'voices' ? voicesAsked({ kind, given }) : null;
  if (open)
    return (
      <div onBlur={look}>
        <Suspense fallback={null}>
          <VoicesInput {...{ id, kind, given, open, typed, locked, onType, onKeyDown }} />
        </Suspense>
        {unread}
      </div>
    );
  return (
    <>
      <label>
        Your answer
        <input
          value={typed}
          placeholder={hint}
          maxLength={LONGEST}
          autoComplete="off"
          autoCapitalize="off"
          spellCheck={false}
          readOnly={locked}
          aria-describedby={`unread-${id}`}
          onChange={(event) => onType(event.target.value)}
          onBlur={look}
          onKeyDown={onKeyDown}
        />
        {typed.length >= LONGEST && (
          <span className="problem" role="status">
            An answer has at most {LONGEST} letters: what is written or put in beyond is not taken.
          </span>
        )}
      </label>
      {unread}
      {form === 'faults' && Array.isArray(voices) && !locked && (
        <FaultInput chords={voices.length} {...{ typed, onType }} />
      )}
    </>
  );
}
