import { SelectField } from '../../design/fields/SelectField';
import type { Dropped } from '../../design/Drop';
import { ListenPanel, ListenTick } from '../../parts/ListenPanel';
import { HEARD_LINES, type Heard } from './listening';

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
  ...dropped
}: ListenMenuProps) {
  const { heard, loop, countIn, other } = listening;
  const possible = HEARD_LINES.filter((one) => (one === 'melody' ? melody : one === 'all' || fourParts));
  return (
    <ListenPanel
      {...dropped}
      options={possible.map((id) => ({ id, name: NAMES[id] }))}
      heard={heard}
      onHeard={(next) => onChange({ ...listening, heard: next })}
    >
      <ListenTick name="Loop" on={loop} onChange={(next) => onChange({ ...listening, loop: next })} />
      <ListenTick
        name="Count in one bar"
        on={countIn}
        onChange={(next) => onChange({ ...listening, countIn: next })}
      />
      {others.length > 0 && (
        <div className="with">
          <SelectField
            isAbove
            name="Then, in turn"
            value={other ?? ''}
            options={[['', 'nothing else'], ...others.map(({ id, name }) => [id, name] as const)]}
            onChoose={(id) => onChange({ ...listening, other: id || null })}
          />
        </div>
      )}
    </ListenPanel>
  );
}
