import { kindWords } from '@diatonix/core';
import { Button } from '../../design/controls';
import { kindsIn, namesIn, skillGrid, type MarkedPile, type SkillCell } from '../../documents/logbook';
import { LOGBOOK_DESK } from './desk';
import { LogbookStyle } from './LogbookStyle';

/** Under this share something has to be taught again. */
const WEAK = 0.6;

/** The class by skill: for each pupil and each kind of exercise the share of right answers. */
export function SkillGrid({ piles }: { piles: readonly MarkedPile[] }) {
  const grid = skillGrid(piles);
  const kinds = kindsIn(piles);
  const names = namesIn(piles);
  const whole = (kind: string): SkillCell =>
    names
      .map((name) => grid.get(name)?.get(kind) ?? { right: 0, answered: 0 })
      .reduce((sum, one) => ({ right: sum.right + one.right, answered: sum.answered + one.answered }));
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
                  <Button className="name" onPress={() => LOGBOOK_DESK.set({ pupil: name, view: 'time' })}>
                    {name}
                  </Button>
                </th>
                {kinds.map((kind) => (
                  <Share key={kind} cell={grid.get(name)?.get(kind)} />
                ))}
              </tr>
            ))}
            <tr>
              <th scope="row">The class</th>
              {kinds.map((kind) => (
                <Share key={kind} cell={whole(kind)} />
              ))}
            </tr>
          </tbody>
        </table>
      </div>
    </LogbookStyle>
  );
}

function Share({ cell }: { cell: SkillCell | undefined }) {
  if (!cell || cell.answered === 0) return <td className="share">–</td>;
  const share = cell.right / cell.answered;
  return (
    <td className={share < WEAK ? 'share weak' : 'share'}>
      {Math.round(100 * share)} %
      <small>
        {cell.right} of {cell.answered}
      </small>
    </td>
  );
}
