import { questionWorking, withSigns, type LabelStyle } from '@diatonix/core';
import { useState } from 'react';
import styled from 'styled-components';
import type { WrongAnswer } from '../../classroom/teacher/standing';
import { Button } from '../../design/controls';
import { staffLook } from '../../questions/staffLook';
import { StaffPicture } from '../../questions/StaffPicture';
import { useEngraved } from '../../questions/useEngraved';
import { askedWords, instructionOf, rightWords } from '../../questions/words';

const Style = styled.section`
  padding: 1.2rem 1.5rem;
  border: 1px solid var(--rule);
  border-radius: 4px;
  background: var(--sheet);
  --ground: var(--sheet);
  h2 {
    font-size: 1.5rem;
    margin: 0 0 0.4rem;
  }
  .staff {
    zoom: 1.7;
  }
  .wrote {
    margin: 0.6rem 0;
    font:
      400 2.6rem 'Accidentals',
      'Source Serif 4',
      serif;
    color: var(--correction);
  }
  .right {
    font:
      400 2rem 'Accidentals',
      'Source Serif 4',
      serif;
  }
  ol {
    font-size: 1.25rem;
  }
  .row {
    display: flex;
    gap: 0.5rem;
  }
  ${staffLook}
`;

interface BoardProps {
  readonly wrong: WrongAnswer;
  readonly school: LabelStyle;
  readonly onClose: () => void;
}

/**
 * One answer on the board, without its name: what was asked, what was written, and, when the class has thought, why.
 */
export function Board({ wrong: { question, answer }, school, onClose }: BoardProps) {
  const [solved, setSolved] = useState(false);
  const engraved = useEngraved(question);
  return (
    <Style aria-label="On the board">
      <h2>{instructionOf(question)}</h2>
      {engraved ? (
        <StaffPicture frame={engraved.frame} staff={engraved.staff} shrinks />
      ) : (
        <p className="right">{askedWords(question, school)}</p>
      )}
      <p className="wrote">{withSigns(answer)}</p>
      {solved && (
        <>
          <p className="right">{rightWords(question, school)}</p>
          <ol>
            {questionWorking(question, school).map((sentence) => (
              <li key={sentence}>{sentence}</li>
            ))}
          </ol>
        </>
      )}
      <div className="row">
        <Button onPress={() => setSolved(!solved)}>
          {solved ? 'Cover what is right' : 'Show what is right'}
        </Button>
        <Button onPress={onClose}>Off the board</Button>
      </div>
    </Style>
  );
}
