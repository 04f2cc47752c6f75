import {
  displayNoteName,
  keysWithPattern,
  orderOfFlats,
  orderOfSharps,
  qualityPattern,
  qualityWords,
  sameName,
  signatureFifths,
  signatureNotes,
  type Key,
  type NoteName,
  type ScaleForm,
  type LabelStyle,
} from '@diatonix/core';
import styled from 'styled-components';

const Table = styled.table`
  width: 100%;
  border-collapse: collapse;
  font-size: 0.875rem;
  th,
  td {
    padding: 0.2rem 0.3rem 0.2rem 0;
    text-align: left;
    font-weight: 400;
    border-top: 1px solid var(--rule);
  }
  thead th {
    color: var(--soft);
    border-top: 0;
  }
`;

const Order = styled.p`
  margin: 0.6rem 0 0;
  font-size: 0.9rem;
  color: var(--soft);
  b {
    color: var(--ink);
    text-decoration: underline;
    text-decoration-thickness: 2px;
    text-underline-offset: 0.2em;
  }
`;

interface KeyFacts {
  readonly keyOf: Key;
  readonly form: ScaleForm;
  readonly school: LabelStyle;
}

/** The quality of the third, triad and seventh on every degree, and in how many keys it is the same. */
export function PatternTable({ keyOf, form, school }: KeyFacts) {
  const { thirds, triads, sevenths } = qualityPattern(keyOf, form);
  const same = keysWithPattern(keyOf, form).length;
  const short = (quality: string) => qualityWords(quality).replace(/ (?:triad|seventh)$/, '');
  return (
    <>
      <Table>
        <thead>
          <tr>
            <th scope="col">Degree</th>
            <th scope="col">Third</th>
            <th scope="col">Triad</th>
            <th scope="col">Seventh</th>
          </tr>
        </thead>
        <tbody>
          {thirds.map((third, index) => (
            <tr key={index}>
              <th scope="row">{index + 1}</th>
              <td>{third}</td>
              <td>{short(triads[index]!)}</td>
              <td>{short(sevenths[index]!)}</td>
            </tr>
          ))}
        </tbody>
      </Table>
      <Order>
        Compared with every signature: the same in all {same} {keyOf.mode} keys
        {keyOf.mode === 'minor' ? `, ${form} form` : ''}.
      </Order>
      <SignatureOrder keyOf={keyOf} school={school} />
    </>
  );
}

/** The order of sharps and of flats, with those of the key marked. */
export function SignatureOrder({ keyOf, school }: Omit<KeyFacts, 'form'>) {
  const own = signatureNotes(keyOf);
  const fifths = signatureFifths(keyOf);
  const row = (notes: readonly NoteName[], here: boolean) =>
    notes.map((note, index) => {
      const name = displayNoteName(note, school.letters);
      return (
        <span key={index}>{here && own.some((other) => sameName(other, note)) ? <b>{name}</b> : name} </span>
      );
    });
  return (
    <Order>
      Order of sharps: {row(orderOfSharps(), fifths > 0)}
      <br />
      Order of flats: {row(orderOfFlats(), fifths < 0)}
    </Order>
  );
}
