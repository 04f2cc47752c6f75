import { SelectField } from '../../design/fields/SelectField';
import { versionLetter } from '@diatonix/core';
import { FolderOpen, Trash2 } from 'lucide-react';
import { FileTrigger } from 'react-aria-components';
import { useState } from 'react';
import styled from 'styled-components';
import { SideList } from '../../parts/sideBySide';
import { Button } from '../../design/controls';
import type { MarkedPupil } from '../../documents/marking/markPile';
import type { PileBody } from '../../documents/kinds/pile/type';
import { NamesField } from '../../parts/NamesField';
import { addPupils, chooseVersion, giveFollow, joinOnPile, removePupil, takeFiles } from './state';

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
  .returned {
    margin-top: 0.8rem;
  }
  .returned p,
  .returned ul {
    margin: 0.4rem 0 0;
    padding: 0;
    font-size: 0.8125rem;
  }
  .returned ul {
    list-style: none;
    color: var(--correction);
    overflow-wrap: anywhere;
  }
  .doings {
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem;
    padding: 0 0 0.4rem 0.6rem;
  }
  .follow {
    margin-top: 0.8rem;
  }
`;

/** Files that pupils handed in, put on the pile in one go; what is wrong with single ones is told. */
function Returned() {
  const [done, setDone] = useState<string | null>(null);
  const [told, setTold] = useState<readonly string[]>([]);
  const take = async (files: readonly File[]) => {
    if (files.length === 0) return;
    setTold([]);
    const taken = await takeFiles(files, (part, all) => setDone(`${part} of ${all} read…`));
    setDone(`${taken.files} of ${files.length} ${files.length === 1 ? 'file' : 'files'} on the pile.`);
    setTold(taken.told);
  };
  return (
    <div className="returned">
      <FileTrigger
        acceptedFileTypes={['.json', 'application/json']}
        allowsMultiple
        onSelect={(files) => void take([...(files ?? [])])}
      >
        <Button>
          <FolderOpen aria-hidden="true" /> Files of pupils
        </Button>
      </FileTrigger>
      <p role="status">{done}</p>
      {told.length > 0 && (
        <ul role="alert">
          {told.map((one) => (
            <li key={one}>{one}</li>
          ))}
        </ul>
      )}
    </div>
  );
}

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
                <SelectField
                  isNamed
                  name={`Version of ${pupil.name}`}
                  value={pupil.version}
                  options={Array.from(
                    { length: pile.sheet.versions },
                    (_, version) => [version, `Version ${versionLetter(version)}`] as const,
                  )}
                  onChoose={(version) => chooseVersion(pupil.id, version)}
                />
                {marked.length > 1 && (
                  <SelectField
                    isNamed
                    name={`${pupil.name} is the same pupil as`}
                    value=""
                    options={[
                      ['', 'Same as…'] as const,
                      ...marked.flatMap(({ pupil: { id, name } }) =>
                        id === pupil.id ? [] : [[id, name] as const],
                      ),
                    ]}
                    onChoose={(other) => other !== '' && joinOnPile(pupil.id, other)}
                  />
                )}
                <Button aria-label={`Remove ${pupil.name}`} onPress={() => removePupil(pupil.id)}>
                  <Trash2 aria-hidden="true" />
                </Button>
              </div>
            )}
          </li>
        ))}
      </ol>
      <NamesField onAdd={addPupils} />
      <Returned />
      <div className="follow">
        <SelectField
          isAbove
          name="Right for what was written before counts"
          value={pile.follow}
          options={FOLLOWS}
          onChoose={giveFollow}
        />
      </div>
    </Column>
  );
}
