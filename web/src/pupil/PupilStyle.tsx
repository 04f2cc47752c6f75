import styled from 'styled-components';
import { staffLook } from '../questions/staffLook';

/** The pupils' page: one column, large enough for a telephone and for the back of the room. */
export const PupilStyle = styled.main`
  max-width: 44rem;
  margin: 0 auto;
  padding: 1.2rem 1rem 4rem;
  h1 {
    font-size: 1.6rem;
  }
  a {
    color: inherit;
  }
  .soft {
    color: var(--soft);
  }
  .problem {
    padding: 0.6rem 0.8rem;
    border-left: 3px solid var(--correction);
    background: var(--sheet);
    color: var(--correction);
  }
  button,
  .file,
  input,
  select,
  textarea {
    min-height: 2.75rem;
    border: 1px solid var(--soft);
    border-radius: 4px;
    background: var(--sheet);
    color: var(--ink);
    font: inherit;
  }
  button,
  .file {
    display: inline-flex;
    align-items: center;
    padding: 0.4rem 1rem;
    border-color: var(--rule);
    cursor: pointer;
  }
  button.main,
  .file {
    border-color: var(--mark);
    background: var(--mark-ground);
    color: var(--mark);
    font-weight: 600;
  }
  button[aria-pressed='true'] {
    border-color: var(--mark);
    color: var(--mark);
    font-weight: 600;
  }
  button:disabled {
    color: var(--soft);
    opacity: 0.6;
    cursor: default;
  }
  .file:focus-within {
    outline: 2px solid var(--mark);
    outline-offset: 2px;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.6rem;
    margin: 0.8rem 0;
  }
  label {
    display: grid;
    /* The longest name of a list makes nothing wider. */
    grid-template-columns: minmax(0, 1fr);
    gap: 0.3rem;
    margin: 0.8rem 0;
  }
  input,
  select,
  textarea {
    width: 100%;
    padding: 0.4rem 0.6rem;
    font-size: 1.1rem;
  }
  input.visually-hidden {
    width: 1px;
    padding: 0;
  }
  textarea {
    font-size: 1rem;
  }
  fieldset {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(11rem, 1fr));
    margin: 0.8rem 0;
    padding: 0.2rem 0.8rem;
    border: 1px solid var(--rule);
    border-radius: 4px;
  }
  fieldset label {
    display: flex;
    align-items: center;
    gap: 0.6rem;
    min-height: 2.75rem;
    margin: 0;
  }
  .map-room {
    overflow-x: auto;
  }
  .map-input {
    display: grid;
    margin-top: 0.9rem;
    grid-template-columns: repeat(auto-fill, minmax(9rem, 1fr));
    gap: 0.6rem;
    fieldset {
      grid-template-columns: 1fr;
      margin: 0;
    }
    fieldset label {
      display: grid;
      gap: 0.1rem;
      padding-bottom: 0.4rem;
    }
  }
  .voices {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(6rem, 1fr));
    gap: 0.5rem;
    margin-bottom: 0.8rem;
    fieldset {
      grid-template-columns: 1fr;
      gap: 0.3rem;
      margin: 0;
      padding: 0.1rem 0.5rem 0.5rem;
    }
    fieldset label {
      gap: 0.4rem;
      color: var(--soft);
    }
    span {
      flex: none;
      width: 0.8rem;
    }
    input {
      min-width: 0;
      width: 100%;
      padding: 0.3rem 0.4rem;
      color: var(--ink);
    }
    /* What is given stands there and is not a field. */
    input[readonly] {
      border-color: transparent;
      background: none;
      font-weight: 600;
    }
    .chosen {
      outline: 2px solid var(--mark);
      border-radius: 4px;
    }
  }
  .staff {
    position: relative;
  }
  .under {
    position: relative;
    height: 2.4rem;
  }
  .under > span {
    position: absolute;
    transform: translateX(-50%);
    font:
      600 1.05rem 'Source Serif 4',
      serif;
  }
  .row select {
    width: auto;
    max-width: 100%;
  }
  input[type='radio'] {
    width: 1.2rem;
    min-height: 1.2rem;
    accent-color: var(--mark);
  }
  article {
    margin: 1rem 0;
    padding: 1rem;
    background: var(--sheet);
    border: 1px solid var(--rule);
    border-radius: 4px;
    --ground: var(--sheet);
  }
  article h2 {
    font-size: 1.15rem;
  }
  article .prompt {
    margin: 0.3rem 0;
    font-size: 1.1rem;
  }
  .staff-room {
    min-height: 4rem;
    overflow-x: auto;
  }
  details summary {
    padding: 0.4rem 0;
    color: var(--soft);
    cursor: pointer;
  }
  .said.right {
    color: var(--mark);
  }
  .said.wrong,
  .said.unreadable {
    color: var(--correction);
  }
  .said p {
    margin: 0.2rem 0;
  }
  .code {
    font-size: 1.5rem;
    letter-spacing: 0.25em;
    max-width: 14rem;
  }
  .strip {
    margin: 0 0 0.8rem;
    padding: 0.5rem 0.8rem;
    border-left: 3px solid var(--mark);
    background: var(--mark-ground);
  }
  .letters {
    display: grid;
    gap: 0.25rem;
    margin: 0.6rem 0;
    justify-content: start;
  }
  .letters > div {
    display: grid;
    grid-template-columns: repeat(7, minmax(0, 2.75rem));
    gap: 0.25rem;
  }
  /* Here nothing scrolls over anything. */
  section[aria-label='Notes by hand'] {
    position: static;
    padding-bottom: 0;
  }
  .letters button {
    justify-content: center;
    padding: 0;
    border-color: var(--rule);
    border-radius: 50%;
  }
  .letters .ringed {
    border: 2px solid var(--mark);
    color: var(--mark);
    font-weight: 600;
  }
  .letters .struck-out {
    color: var(--soft);
    text-decoration: line-through;
  }
  .quick {
    border-color: var(--mark);
    border-width: 2px;
  }
  .slip {
    margin: 1rem 0;
    padding: 0.8rem 1rem;
    background: var(--sheet);
    border: 1px solid var(--rule);
    border-radius: 4px;
  }
  .slip em {
    color: var(--correction);
    font-style: normal;
  }
  .slip li {
    margin: 0.4rem 0;
  }
  .slip p {
    margin: 0.2rem 0;
  }
  .open {
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem;
    padding: 0;
    list-style: none;
  }
  table.map {
    border-collapse: collapse;
    th,
    td {
      padding: 0.3rem 0.5rem;
      border: 1px solid var(--rule);
    }
  }
  ${staffLook}
`;
