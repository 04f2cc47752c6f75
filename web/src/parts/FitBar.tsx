import { FITS, type Fit } from '@diatonix/core';
import styled from 'styled-components';

const Bar = styled.span`
  display: inline-flex;
  gap: 2px;
  margin-inline: 0.35em;
  vertical-align: baseline;
  i {
    width: 0.45rem;
    height: 0.55rem;
    border: 1px solid var(--soft);
    border-radius: 1px;
  }
  i.full {
    background: var(--soft);
  }
`;

/** How well something fits, as a small bar beside the words that say it: full for as well, one part for far. */
export function FitBar({ fit }: { readonly fit: Fit }) {
  const full = FITS.length - FITS.indexOf(fit);
  return (
    <Bar aria-hidden="true">
      {FITS.map((one, at) => (
        <i key={one} className={at < full ? 'full' : undefined} />
      ))}
    </Bar>
  );
}
