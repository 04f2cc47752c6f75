import { versionLetter } from '@diatonix/core';
import styled from 'styled-components';
import { release } from '../../classroom/teacher/lead';
import type { LivePupil } from '../../classroom/teacher/store';
import { QuietButton } from '../../design/controls';
import type { PileQuestion, MarkedPupil } from '../../documents/marking/markPile';
import { ClassTableStyle } from './TableStyle';

const Style = styled(ClassTableStyle)`
  small {
    display: block;
    color: var(--soft);
  }
  tr.away {
    color: var(--soft);
  }
  .bar {
    display: inline-block;
    width: 7rem;
    height: 0.6rem;
    margin-right: 0.5rem;
    border: 1px solid var(--rule);
    vertical-align: middle;
  }
  .bar i {
    display: block;
    height: 100%;
    background: var(--mark);
  }
  @media (max-width: 860px) {
    .bar,
    .version {
      display: none;
    }
  }
`;

interface PupilsTableProps {
  readonly pupils: readonly LivePupil[];
  readonly marked: readonly MarkedPupil[];
  readonly versions: readonly (readonly PileQuestion[])[];
  /** The names of those who are stuck; a name stands once in a class. */
  readonly stuck: ReadonlySet<string>;
  /** The names of the class list; none where there is no list. */
  readonly list: readonly string[];
}

/** Who has joined, where each one is, and how far. */
export function PupilsTable({ pupils, marked, versions, stuck, list }: PupilsTableProps) {
  if (pupils.length === 0) return null;
  const byPupil = new Map(marked.map((one) => [one.pupil.id, one]));
  const withSheet = versions.length > 0;
  return (
    <Style>
      <table aria-label="Pupils">
        <thead>
          <tr>
            <th scope="col">Pupil</th>
            {withSheet && (
              <>
                <th scope="col" className="version">
                  Version
                </th>
                <th scope="col">At</th>
                <th scope="col">Answered</th>
                <th scope="col">Right</th>
              </>
            )}
            <th scope="col">Now</th>
            <th scope="col">
              <span className="visually-hidden">Actions</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {pupils.map((one) => {
            const answers = [...(byPupil.get(one.pupil)?.answers.values() ?? [])];
            const all = versions[one.version]?.length ?? 0;
            const right = answers.filter(({ verdict }) => verdict === 'right').length;
            return (
              <tr key={one.id} className={one.here ? '' : 'away'}>
                <th scope="row">
                  {one.name}
                  {list.length > 0 && !list.includes(one.name) && <small>not on the class list</small>}
                </th>
                {withSheet && (
                  <>
                    <td className="version">{versionLetter(one.version)}</td>
                    <td>{one.at}</td>
                    <td>
                      <span className="bar" aria-hidden="true">
                        <i style={{ width: `${all === 0 ? 0 : (100 * answers.length) / all}%` }} />
                      </span>
                      {answers.length} of {all}
                    </td>
                    <td>{right}</td>
                  </>
                )}
                <td className={stuck.has(one.name) ? 'stuck' : ''}>
                  {one.done
                    ? 'handed in'
                    : !one.here
                      ? 'dropped out'
                      : stuck.has(one.name)
                        ? 'stuck'
                        : 'at work'}
                </td>
                <td>
                  <QuietButton
                    aria-label={`Let ${one.name} join again from another device`}
                    onPress={() => release(one.id)}
                  >
                    Another device
                  </QuietButton>
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </Style>
  );
}
