import type { KeyboardEvent } from 'react';
import { answerHelp } from './shownQuestion';
import { LONGEST, type PupilQuestion } from './work';

interface AnswerInputProps extends Pick<PupilQuestion, 'id' | 'kind' | 'given'> {
  readonly typed: string;
  /** Whether nothing can be changed any more. */
  readonly locked?: boolean;
  readonly onType: (text: string) => void;
  readonly onEnter: () => void;
}

/** Where an answer is written, or chosen where few words can be right. */
export function AnswerInput({ id, kind, given, typed, locked = false, onType, onEnter }: AnswerInputProps) {
  const { choices, hint } = answerHelp({ kind, given });
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
  return (
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
        onChange={(event) => onType(event.target.value)}
        onKeyDown={onKeyDown}
      />
      {typed.length >= LONGEST && (
        <span className="problem" role="status">
          An answer has at most {LONGEST} letters: what is written or put in beyond is not taken.
        </span>
      )}
    </label>
  );
}
