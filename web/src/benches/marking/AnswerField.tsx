import { TextInput } from '../../design/fields/TextInput';
import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import { draftEntered, keepDraft, useDraft, type DraftPlace } from '../../documents/marking/drafts';
import { LONGEST_ANSWER } from '../../documents/kinds/pile/type';

interface AnswerFieldProps {
  readonly label: string;
  /** Where the answer belongs: what is typed is kept there with every letter. */
  readonly place: DraftPlace;
  readonly value: string;
  /** Whether it has the place: it takes the focus when that comes to it by the keyboard. */
  readonly isHere: boolean;
  readonly onHere: () => void;
  readonly onEnter: (answer: string) => void;
  /** Goes on by so many questions. */
  readonly onStep: (by: 1 | -1) => void;
  readonly onPupil: (by: 1 | -1) => void;
}

/** An answer as it is typed: every letter is kept, Enter enters it and goes on. */
export function AnswerField(props: AnswerFieldProps) {
  const { label, place, value, isHere, onHere, onEnter, onStep, onPupil } = props;
  const draft = useDraft(place);
  const [text, setText] = useState(draft ?? value);
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => setText(draft ?? value), [draft, value]);
  useEffect(() => {
    if (!isHere || field.current === document.activeElement) return;
    const active = document.activeElement;
    // Nothing is taken from a field elsewhere on the page.
    if (active === document.body || active?.closest('.answers'))
      field.current?.focus({ preventScroll: true });
    field.current?.scrollIntoView({ block: 'nearest' });
  }, [isHere]);
  const keep = () => {
    const typed = text.trim();
    if (typed !== value) onEnter(typed);
    if (draft !== undefined) void draftEntered(place, typed);
  };
  const onKey = (event: KeyboardEvent) => {
    const acts: Record<string, () => void> = {
      Enter: () => onStep(1),
      ArrowDown: () => onStep(1),
      ArrowUp: () => onStep(-1),
      PageDown: () => onPupil(1),
      PageUp: () => onPupil(-1),
    };
    const act = acts[event.key];
    if (!act || event.ctrlKey || event.metaKey || event.altKey) return;
    event.preventDefault();
    keep();
    act();
  };
  return (
    <TextInput
      ref={field}
      aria-label={label}
      value={text}
      maxLength={LONGEST_ANSWER}
      autoComplete="off"
      spellCheck={false}
      onFocus={onHere}
      title={draft !== undefined && draft.trim() !== value ? 'Not entered yet: press Enter' : undefined}
      onChange={(event) => {
        setText(event.target.value);
        keepDraft(place, event.target.value);
      }}
      onKeyDown={onKey}
      onBlur={keep}
    />
  );
}
