import { sayStep, type LabelStyle, type Sentence, type WorkingStep } from '@diatonix/core';
import styled from 'styled-components';
import { NumeralInKey } from './NumeralText';

const Steps = styled.ol`
  list-style: none;
  counter-reset: step;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 0.6rem;
  li {
    counter-increment: step;
    display: grid;
    grid-template-columns: 1.6rem 1fr;
    line-height: 1.42;
  }
  li::before {
    content: counter(step);
    font:
      italic 400 1rem/1.42 'Source Serif 4',
      serif;
    color: var(--step);
  }
  b {
    font-weight: 600;
  }
  .numeral {
    font-size: 1.05em;
  }
`;

/** The working, numbered as a teacher would say it. */
export function Working({ steps, school }: { steps: readonly WorkingStep[]; school: LabelStyle }) {
  return <NumberedSentences sentences={steps.map((step) => sayStep(step, school))} school={school} />;
}

/** Sentences one after the other, numbered. */
export function NumberedSentences({
  sentences,
  school,
}: {
  sentences: readonly Sentence[];
  school: LabelStyle;
}) {
  return (
    <Steps>
      {sentences.map((sentence, index) => (
        <li key={index}>
          <span>
            <SentenceText sentence={sentence} school={school} />
          </span>
        </li>
      ))}
    </Steps>
  );
}

/** One sentence with its strong words and numerals in type. */
export function SentenceText({ sentence, school }: { sentence: Sentence; school: LabelStyle }) {
  return (
    <>
      {sentence.map((part, index) => {
        if (typeof part === 'string') return part;
        if ('strong' in part) return <b key={index}>{part.strong}</b>;
        return <NumeralInKey key={index} numeral={part.numeral} keyOf={part.key} school={school} />;
      })}
    </>
  );
}
