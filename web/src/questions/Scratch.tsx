import { LETTER_STACKS } from '@diatonix/core';
import type { Scrap } from '../documents/kinds/sheet/type';

const LINES = [8, 16, 24, 32, 40];

/** Room for working under a question: a staff, or the letters in thirds to ring and strike out. */
export function Scratch({ scrap }: { scrap: Scrap }) {
  if (scrap === 'none') return null;
  if (scrap === 'staff')
    return (
      <svg className="scratch" width="100%" height="50" role="img" aria-label="A scratch staff">
        {LINES.map((y) => (
          <line key={y} x1="0" x2="100%" y1={y} y2={y} />
        ))}
      </svg>
    );
  return (
    <table className="scratch" aria-label="Letters to stack">
      <tbody>
        {LETTER_STACKS.map((row, at) => (
          <tr key={at}>
            {row.map((letter) => (
              <td key={letter}>{letter}</td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
