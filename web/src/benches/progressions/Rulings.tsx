import {
  contextReasonWords,
  numeralParts,
  printKey,
  rulingOfReading,
  sameKey,
  sameNumeral,
  speakNumeral,
  type ContextReading,
  type LabelStyle,
} from '@diatonix/core';
import styled from 'styled-components';
import { Button, Toggle } from '../../design/controls';
import { KeyPicker } from '../../parts/KeyPicker';
import { keyName } from '../../parts/names';
import { NumeralText } from '../../parts/NumeralText';
import type { ShownColumn } from './derive';
import { decide } from './state';

const List = styled.ul`
  list-style: none;
  margin: 0.4rem 0 0;
  padding: 0;
  display: grid;
  gap: 0.35rem;
  line-height: 1.35;
  .numeral {
    color: var(--ink);
  }
  button {
    margin-right: 0.35rem;
  }
`;

const Decisions = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
  margin-top: 0.8rem;
`;

const MOST = 5;

interface RulingsProps {
  readonly derived: ShownColumn;
  readonly school: LabelStyle;
}

/**
 * The readings of a column with their reasons, the teacher's ruling on them, and where phrases end and keys
 * change.
 */
export function Rulings({ derived, school }: RulingsProps) {
  const { column, line, labelled } = derived;
  if (!line || !labelled.ok) return null;
  const { numeral } = labelled.labels;
  const others = line.readings
    .filter((one) => !(sameKey(one.key, line.key) && sameNumeral(one.numeral, numeral)))
    .slice(0, MOST);
  const here = column.key ?? printKey(line.key);
  return (
    <>
      {line.ruled && (
        <p className="done" role="status">
          This numeral is a ruling.{' '}
          <Button onPress={() => decide(column.id, { ruling: undefined })}>Take the ruling back</Button>
        </p>
      )}
      {others.length > 0 && (
        <div className="aside">
          It could also be read as
          <List>
            {others.map((one, index) => (
              <li key={index}>
                <Button
                  onPress={() => decide(column.id, { ruling: rulingOfReading(one) })}
                  aria-label={`Read it as ${said(one, school)}`}
                >
                  <NumeralText parts={numeralParts(one.numeral, one.key, school)} />
                </Button>
                in {keyName(one.key, school)}: {contextReasonWords(one, school)}
              </li>
            ))}
          </List>
        </div>
      )}
      <Decisions>
        <Toggle
          isSelected={column.phraseEnd === true}
          onChange={(ends) => decide(column.id, { phraseEnd: ends ? true : undefined })}
        >
          A phrase ends here
        </Toggle>
        <KeyPicker label="Key from here" value={here} onChoose={(key) => decide(column.id, { key })}>
          {column.key === undefined ? 'Change key here' : `From here ${keyName(line.key, school)}`}
        </KeyPicker>
        {column.key !== undefined && (
          <Button onPress={() => decide(column.id, { key: undefined })}>No key change here</Button>
        )}
      </Decisions>
    </>
  );
}

function said(one: ContextReading, school: LabelStyle): string {
  return `${speakNumeral(numeralParts(one.numeral, one.key, school))} in ${keyName(one.key, school)}`;
}
