import styled from 'styled-components';

/** How numerals and figures are set; used in the grid, the margin and the entry line. */
export const NumeralStyle = styled.div`
  display: contents;
  .numeral {
    font-family: 'Accidentals', 'Source Serif 4', serif;
    font-weight: 600;
    white-space: nowrap;
    display: inline-flex;
    align-items: center;
    line-height: 1;
  }
  .cell .numeral {
    font-size: 1.45rem;
  }
  .numeral-quality {
    font-size: 0.62em;
    line-height: 1;
    align-self: flex-start;
    margin-left: 0.04em;
  }
  .numeral-word {
    font-size: 0.68em;
    margin-left: 0.06em;
  }
  .numeral-prefix {
    font-size: 0.85em;
    margin-right: 0.02em;
  }
  .numeral-rest {
    font-size: 0.6em;
    margin-left: 0.1em;
  }
  .numeral-target {
    display: inline-flex;
    align-items: center;
    font-weight: 400;
    font-size: 0.78em;
    white-space: pre;
  }
  .figures {
    display: inline-flex;
    flex-direction: column;
    font-family: 'Accidentals', 'Source Serif 4', serif;
    font-size: 0.52em;
    font-weight: 600;
    line-height: 1.02;
    margin-left: 0.12em;
    text-align: center;
  }
  .figures.single {
    align-self: center;
    margin-left: 0.02em;
    font-size: 0.58em;
  }
  .cell.kind-figures .figures {
    font-size: 0.86rem;
    margin: 0;
  }
`;
