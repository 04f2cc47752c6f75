import { PlainButton } from '../../design/PlainButton';
import { kindWords } from '@diatonix/core';
import { kindsIn, namesIn, skillGrid, skillsOf, type MarkedPile } from '../../documents/logbook/logbook';
import { LOGBOOK_DESK } from './desk';
import { LogbookStyle } from './LogbookStyle';
import { Share } from './Share';

interface SkillGridProps {
  readonly piles: readonly MarkedPile[];
  /** Another class that it is compared with. */
  readonly beside: { readonly name: string; readonly piles: readonly MarkedPile[] } | null;
}

/** The class by skill: for each pupil and each kind of exercise the share of right answers; another class beside it. */
export function SkillGrid({ piles, beside }: SkillGridProps) {
  const grid = skillGrid(piles);
  const kinds = [...new Set([...kindsIn(piles), ...kindsIn(beside?.piles ?? [])])];
  const names = namesIn(piles);
  const rows = [
    { name: 'The class', skills: skillsOf(piles) },
    ...(beside ? [{ name: beside.name, skills: skillsOf(beside.piles) }] : []),
  ];
  return (
    <LogbookStyle>
      <h2>The class by skill</h2>
      <div className="scroll" role="region" aria-label="The class by skill" tabIndex={0}>
        <table>
          <thead>
            <tr>
              <th scope="col">Pupil</th>
              {kinds.map((kind) => (
                <th key={kind} scope="col" className="share">
                  {kindWords(kind).name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {names.map((name) => (
              <tr key={name}>
                <th scope="row">
                  {/* Plain buttons: there may be hundreds of them. */}
                  <PlainButton
                    className="name"
                    onPress={() => LOGBOOK_DESK.set({ pupil: name, view: 'time' })}
                  >
                    {name}
                  </PlainButton>
                </th>
                {kinds.map((kind) => (
                  <Share key={kind} cell={grid.get(name)?.get(kind)} />
                ))}
              </tr>
            ))}
            {rows.map(({ name, skills }) => (
              <tr key={name} className="whole">
                <th scope="row">{name}</th>
                {kinds.map((kind) => (
                  <Share key={kind} cell={skills.get(kind)} />
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </LogbookStyle>
  );
}
