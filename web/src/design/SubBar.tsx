import styled from 'styled-components';

/** The row of views and their settings over the work: views at the left, settings at the right. */
export const SubBar = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.4rem 0.5rem;
  margin: -0.25rem 0 0.75rem;
  > :nth-child(2) {
    margin-left: auto;
  }
  .settings {
    display: inline-flex;
    flex-wrap: wrap;
    gap: 0.22rem;
  }
  button {
    padding-inline: 0.44rem;
  }
  @media (max-width: 860px) {
    > :nth-child(2) {
      margin-left: 0;
    }
  }
  @media print {
    display: none;
  }
`;
