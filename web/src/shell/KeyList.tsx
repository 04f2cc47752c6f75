import { Switch } from 'react-aria-components';
import styled from 'styled-components';
import { BENCHES } from '../benches/register';
import { Leaf } from '../design/Leaf';
import { useAppearance } from '../design/appearance';
import { setKeyListKey } from './appearance';
import { GLOBAL_KEYS } from './globalKeys';

const List = styled.dl`
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: 0.35rem 1.2rem;
  margin: 0 0 1rem;
  dt {
    font-family: 'Source Serif 4', serif;
    font-weight: 600;
  }
  dd {
    margin: 0;
  }
`;

/** Keys of the notes panel, which several benches open. */
const PANEL_KEYS = [
  ['a – g', 'on its staff: go to that letter'],
  ['+ −', 'on its staff: raise or lower the note'],
  ['enter', 'on its staff: put the note'],
] as const;

/** The list of keys: those of every bench, then each bench's own. */
export default function KeyList({ onClose }: { onClose: () => void }) {
  const keyListKey = useAppearance((state) => state.keyListKey);
  const groups = [
    { title: 'On every bench', keys: GLOBAL_KEYS },
    ...BENCHES.map(({ title, keys }) => ({ title, keys })),
    { title: 'Notes panel', keys: PANEL_KEYS },
  ];
  return (
    <Leaf title="Shortcuts" onClose={onClose}>
      {groups.map(({ title, keys }) => (
        <section key={title} aria-label={title}>
          <h3>{title}</h3>
          <List>
            {keys.map(([key, use]) => (
              <div key={key} style={{ display: 'contents' }}>
                <dt>{key}</dt>
                <dd>{use}</dd>
              </div>
            ))}
          </List>
        </section>
      ))}
      <Switch className="switch" isSelected={keyListKey} onChange={setKeyListKey}>
        <span className="track" aria-hidden="true" />
        The question mark opens this list
      </Switch>
    </Leaf>
  );
}
