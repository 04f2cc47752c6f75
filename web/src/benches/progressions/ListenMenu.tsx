import { Dialog, Popover } from 'react-aria-components';
import styled from 'styled-components';
import { fieldLook } from '../../design/controls';
import type { Dropped } from '../../design/Drop';
import { MenuStyle } from '../../design/menu';
import { HEARD, type Heard } from './listening';

const Panel = styled(MenuStyle)`
  padding: 0.8rem 1rem;
  fieldset {
    border: 0;
    margin: 0 0 0.7rem;
    padding: 0;
    display: grid;
    grid-template-columns: auto auto;
    gap: 0.25rem 1.2rem;
  }
  legend {
    padding: 0 0 0.25rem;
    color: var(--soft);
    font-size: 0.8125rem;
  }
  label {
    display: flex;
    gap: 0.4rem;
    align-items: center;
    font-size: 0.9375rem;
  }
  .with {
    display: grid;
    gap: 0.25rem;
    margin-top: 0.7rem;
    color: var(--soft);
    font-size: 0.8125rem;
  }
  select {
    ${fieldLook}
    font-size: 0.9375rem;
  }
`;

/** What is heard, and how. */
export interface Listening {
  readonly heard: Heard;
  readonly loop: boolean;
  readonly countIn: boolean;
  /** The version that is heard in turn with the line, or null. */
  readonly other: string | null;
}

export const FIRST_LISTENING: Listening = { heard: 'all', loop: false, countIn: false, other: null };

const NAMES: Record<Heard, string> = {
  all: 'Everything',
  soprano: 'Soprano',
  alto: 'Alto',
  tenor: 'Tenor',
  bass: 'Bass',
  melody: 'Melody and chords',
};

interface ListenMenuProps extends Dropped {
  readonly listening: Listening;
  readonly fourParts: boolean;
  readonly melody: boolean;
  /** Versions to alternate with: their id and name. */
  readonly others: readonly { readonly id: string; readonly name: string }[];
  readonly onChange: (listening: Listening) => void;
}

/** How the line is played: all of it or one voice, in a loop, counted in, in turn with another version. */
export default function ListenMenu({
  listening,
  fourParts,
  melody,
  others,
  onChange,
  triggerRef,
  onClose,
}: ListenMenuProps) {
  const { heard, loop, countIn, other } = listening;
  const possible = HEARD.filter((one) => (one === 'melody' ? melody : one === 'all' || fourParts));
  return (
    <Popover
      triggerRef={triggerRef}
      isOpen
      onOpenChange={(open) => !open && onClose()}
      placement="bottom end"
    >
      <Panel>
        <Dialog aria-label="Listen">
          <fieldset>
            <legend>Hear</legend>
            {possible.map((one) => (
              <label key={one}>
                <input
                  type="radio"
                  name="heard"
                  checked={one === heard}
                  onChange={() => onChange({ ...listening, heard: one })}
                />
                {NAMES[one]}
              </label>
            ))}
          </fieldset>
          <label>
            <input
              type="checkbox"
              checked={loop}
              onChange={(event) => onChange({ ...listening, loop: event.target.checked })}
            />
            Loop
          </label>
          <label>
            <input
              type="checkbox"
              checked={countIn}
              onChange={(event) => onChange({ ...listening, countIn: event.target.checked })}
            />
            Count in one bar
          </label>
          {others.length > 0 && (
            <label className="with">
              Then, in turn
              <select
                value={other ?? ''}
                onChange={(event) => onChange({ ...listening, other: event.target.value || null })}
              >
                <option value="">nothing else</option>
                {others.map(({ id, name }) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
              </select>
            </label>
          )}
        </Dialog>
      </Panel>
    </Popover>
  );
}
