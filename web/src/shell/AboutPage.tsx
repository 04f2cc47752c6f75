import { useEffect } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { PlainPage } from './PlainPage';
import { VERSION_NAME } from './versionName';
import thirdParty from './thirdParty.json';

const Page = styled(PlainPage)`
  p,
  ul {
    max-width: 44rem;
    margin: 0.3rem 0 0.6rem;
  }
  ul {
    padding-left: 1.2rem;
  }
  a {
    color: var(--mark);
  }
  table {
    border-collapse: collapse;
    max-width: 44rem;
    width: 100%;
    font-size: 0.9375rem;
  }
  th,
  td {
    padding: 0.25rem 0.8rem 0.25rem 0;
    border-top: 1px solid var(--rule);
    text-align: left;
    vertical-align: top;
    font-weight: normal;
    overflow-wrap: anywhere;
  }
  thead th {
    border-top: 0;
    color: var(--soft);
  }
  td {
    color: var(--soft);
  }
`;

/** What this is, where what is written stays, how to take it along or delete it, and what others made of it. */
export default function AboutPage() {
  useEffect(() => {
    document.title = 'About – Diatonix';
  }, []);
  return (
    <Page>
      <h1>About Diatonix</h1>
      <p>
        Version {VERSION_NAME}. A workbench for teachers of music theory: it measures, spells, labels and
        checks, and shows its working.
      </p>
      <h2>Where your work is</h2>
      <ul>
        <li>Everything you write is in this browser, on this device. Nothing is sent anywhere.</li>
        <li>
          While a class is open, names and answers are in the memory of the machine that serves it, and
          nowhere else.
        </li>
        <li>
          To take work along, export it: a whole workbook in the corner at the left, one class in the Logbook.
          The file opens in any browser with Diatonix.
        </li>
        <li>
          To delete work, delete its workbook under <Link to="/workbooks">Workbooks</Link>. It can be brought
          back for a month. To delete everything at once, delete the data of this page in the settings of your
          browser.
        </li>
      </ul>
      <h2>Made with the work of others</h2>
      <p>
        The piano you hear is the Salamander Grand Piano by Alexander Holm (Creative Commons Attribution 3.0).
        The music font is Bravura, the text is set in Source Sans and Source Serif (SIL Open Font License).{' '}
        <a href="third-party.txt">All licences in full</a>.
      </p>
      <table aria-label="Made by others">
        <thead>
          <tr>
            <th scope="col">What</th>
            <th scope="col">Version</th>
            <th scope="col">Licence</th>
            <th scope="col">By</th>
          </tr>
        </thead>
        <tbody>
          {thirdParty.map(({ name, version, licence, by }) => (
            <tr key={`${name} ${version}`}>
              <th scope="row">{name}</th>
              <td>{version}</td>
              <td>{licence}</td>
              <td>{by}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Page>
  );
}
