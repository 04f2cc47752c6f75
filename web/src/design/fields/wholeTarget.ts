import { css } from 'styled-components';

/** The input of a tick or a choice lies unseen over its whole label: whatever presses it, by hand or aid, hits it. */
export const wholeTarget = css`
  position: relative;
  > span:first-child:has(> input) {
    position: absolute !important;
    inset: 0 !important;
    width: auto !important;
    height: auto !important;
    margin: 0 !important;
    overflow: visible !important;
    clip: auto !important;
    clip-path: none !important;
    opacity: 0;
  }
  > span:first-child > input {
    width: 100%;
    height: 100%;
    margin: 0;
    cursor: inherit;
  }
`;
