import { versionLetter } from '@diatonix/core';
import { Trash2 } from 'lucide-react';
import styled from 'styled-components';
import { SideList } from '../../parts/sideBySide';
import { Button, fieldLook } from '../../design/controls';
import type { MarkedPupil } from '../../documents/markPile';
import type { PileBody } from '../../documents/kinds/pile';
import { NamesField } from '../../parts/NamesField';
import { addPupils, chooseVersion, giveFollow, removePupil } from './state';

const Column = styled(SideList)`
  li {
    border-left: 3px solid transparent;
  }
  li.selected {
    border-left-color: var(--mark);
    background: var(--mark-ground);
  }
  .pupil {
    display: flex;
    justify-content: space-between;
    width: 100%;
    border: 0;
    background: none;
    text-align: left;
  }
  .pupil span {
    color: var(--correction);
  }
  .pupil span i {
    color: var(--soft);
    font-size: 0.8125rem;
  }
  .doings {
    display: flex;
    gap: 0.3rem;
    padding: 0 0 0.4rem 0.6rem;
  }
  select {
    ${fieldLook}
    width: 100%;
    font-size: 0.875rem;
  }
  label {
    display: grid;
    gap: 0.25rem;
    margin-top: 0.6rem;
    color: var(--soft);
    font-size: 0.8125rem;
  }
`;

interface PupilsListProps {
  readonly pile: PileBody;
  readonly marked: readonly MarkedPupil[];
  readonly selected: number;
  readonly onSelect: (pupil: number) => void;
}

const FOLLOWS = [
  [1, 'the whole mark'],
  [0.5, 'half the mark'],
  [0, 'nothing'],
] as const;

/** The pupils of the pile with what they have; more are added by their names. */
export function PupilsList({ pile, marked, selected, onSelect }: PupilsListProps) {
  return (
    <Column aria-label="Pupils">
      <h2>Pupils</h2>
      <ol>
        {marked.map(({ pupil, got, of, answers }, at) => (
          <li key={pupil.id} className={at === selected ? 'selected' : ''}>
            <Button className="pupil" aria-current={at === selected} onPress={() => onSelect(at)}>
              {pupil.name}
              <span>
                {answers.size > 0 ? got : ''} <i>/ {of}</i>
              </span>
            </Button>
            {at === selected && (
              <div className="doings">
                <select
                  aria-label={`Version of ${pupil.name}`}
                  value={pupil.version}
                  onChange={(event) => chooseVersion(pupil.id, Number(event.target.value))}
                >
                  {Array.from({ length: pile.sheet.versions }, (_, version) => (
                    <option key={version} value={version}>
                      Version {versionLetter(version)}
                    </option>
                  ))}
                </select>
                <Button aria-label={`Remove ${pupil.name}`} onPress={() => removePupil(pupil.id)}>
                  <Trash2 aria-hidden="true" />
                </Button>
              </div>
            )}
          </li>
        ))}
      </ol>
      <NamesField onAdd={addPupils} />
      <label>
        What follows from a mistake earns
        <select value={pile.follow} onChange={(event) => giveFollow(Number(event.target.value))}>
          {FOLLOWS.map(([value, name]) => (
            <option key={value} value={value}>
              {name}
            </option>
          ))}
        </select>
      </label>
    </Column>
  );
}
