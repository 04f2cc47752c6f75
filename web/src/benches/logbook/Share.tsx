import type { SkillCell } from '../../documents/logbook/logbook';

/** Under this share something has to be taught again. */
const WEAK = 0.6;

/** The share of right answers in a cell of a table; a dash where nothing was answered. */
export function Share({ cell }: { cell: SkillCell | undefined }) {
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
