import { scaleLinear, scalePoint } from 'd3-scale';
import { line } from 'd3-shape';
import styled from 'styled-components';

const Figure = styled.figure`
  margin: 0 0 1rem;
  svg {
    display: block;
    width: 100%;
    max-width: 40rem;
    overflow: visible;
  }
  text {
    fill: var(--soft);
    font:
      400 13px 'Source Sans 3',
      sans-serif;
  }
  .axis {
    stroke: var(--rule);
  }
  .own {
    fill: none;
    stroke: var(--mark);
    stroke-width: 2.5;
  }
  .others {
    fill: none;
    stroke: var(--soft);
    stroke-width: 1.5;
    stroke-dasharray: 5 4;
  }
  circle {
    fill: var(--mark);
  }
`;

/** A share at a time; null where there is none. */
export interface ChartPoint {
  readonly at: string;
  readonly share: number | null;
}

interface LineChartProps {
  readonly label: string;
  readonly own: readonly ChartPoint[];
  readonly ownName: string;
  /** What it is compared with. */
  readonly others?: readonly ChartPoint[];
  readonly othersName?: string;
}

const [WIDTH, HEIGHT, LEFT, FOOT] = [620, 220, 48, 26];

/** Shares over time as a line, with another beside it, and the same as a table. */
export function LineChart({ label, own, ownName, others = [], othersName = '' }: LineChartProps) {
  const x = scalePoint(
    own.map(({ at }) => at),
    [LEFT + 20, WIDTH - 20],
  );
  const y = scaleLinear([0, 1], [HEIGHT - FOOT, 12]);
  const path = line<ChartPoint>()
    .defined(({ share }) => share !== null)
    .x(({ at }) => x(at) ?? 0)
    .y(({ share }) => y(share ?? 0));
  const percent = (share: number | null) => (share === null ? '–' : `${Math.round(100 * share)} %`);
  return (
    <Figure>
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} aria-hidden="true">
        {[0, 0.5, 1].map((share) => (
          <g key={share}>
            <line className="axis" x1={LEFT} x2={WIDTH} y1={y(share)} y2={y(share)} />
            <text x={LEFT - 8} y={y(share) + 4} textAnchor="end">
              {percent(share)}
            </text>
          </g>
        ))}
        {own.map(({ at }) => (
          <text key={at} x={x(at)} y={HEIGHT - 6} textAnchor="middle">
            {at}
          </text>
        ))}
        <path className="others" d={path(others) ?? ''} />
        <path className="own" d={path(own) ?? ''} />
        {own.map(({ at, share }) =>
          share === null ? null : <circle key={at} cx={x(at)} cy={y(share)} r={4} />,
        )}
      </svg>
      {/* A table is as wide as its words, whatever it is told: what hides it is around it. */}
      <div className="visually-hidden">
        <table aria-label={label}>
          <thead>
            <tr>
              <th scope="col">When</th>
              <th scope="col">{ownName}</th>
              {others.length > 0 && <th scope="col">{othersName}</th>}
            </tr>
          </thead>
          <tbody>
            {own.map(({ at, share }, index) => (
              <tr key={at}>
                <th scope="row">{at}</th>
                <td>{percent(share)}</td>
                {others.length > 0 && <td>{percent(others[index]?.share ?? null)}</td>}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </Figure>
  );
}
