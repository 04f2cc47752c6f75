import { css } from 'styled-components';

/** How a drawn staff and its lines look on the page. */
export const staffLook = css`
  svg {
    display: block;
    color: var(--ink);
    fill: currentColor;
    overflow: visible;
  }
  svg .line {
    stroke: color-mix(in srgb, var(--ink) 72%, var(--ground));
    stroke-width: 1;
    shape-rendering: crispEdges;
  }
`;
