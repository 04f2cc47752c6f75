import { scaleLinear } from 'd3-scale';
import styled from 'styled-components';

const Figure = styled.figure`
  margin: 0;
  svg {
    display: block;
    width: 100%;
    overflow: visible;
  }
  .bar {
    fill: var(--mark);
  }
  text {
    fill: var(--ink);
    font:
      400 14px 'Source Sans 3',
      sans-serif;
  }
  .value {
    fill: var(--soft);
  }
`;

export interface BarRow {
  readonly id: string;
  readonly name: string;
  readonly value: number;
  /** What stands behind the number. */
  readonly note: string;
}

interface BarChartProps {
  readonly label: string;
  readonly rows: readonly BarRow[];
  readonly heads: readonly [name: string, value: string, note: string];
  /** The value of a whole bar. */
  readonly most: number;
  /** Of the whole and of the names, in pixels. */
  readonly width?: number;
  readonly names?: number;
}

const ROW = 26;

/** Bars from the longest, and the same as a table for those who do not see them. */
export function BarChart({ label, rows, heads, most, width = 640, names = 250 }: BarChartProps) {
  const length = scaleLinear([0, Math.max(1, most)], [0, width - names - 40]);
  return (
    <Figure>
      <svg viewBox={`0 0 ${width} ${rows.length * ROW}`} aria-hidden="true" style={{ maxWidth: width }}>
        {rows.map(({ id, name, value }, at) => (
          <g key={id} transform={`translate(0 ${at * ROW})`}>
            <text x={names - 10} y={17} textAnchor="end">
              {name}
            </text>
            <rect className="bar" x={names} y={5} width={length(value)} height={ROW - 10} />
            <text className="value" x={names + length(value) + 6} y={17}>
              {value}
            </text>
          </g>
        ))}
      </svg>
      {/* A table is as wide as its words, whatever it is told: what hides it is around it. */}
      <div className="visually-hidden">
        <table aria-label={label}>
          <thead>
            <tr>
              {heads.map((head) => (
                <th key={head} scope="col">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ id, name, value, note }) => (
              <tr key={id}>
                <th scope="row">{name}</th>
                <td>{value}</td>
                <td>{note}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </Figure>
  );
}
