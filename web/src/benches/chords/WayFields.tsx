import { TextInput } from '../../design/fields/TextInput';
import {
  attempt,
  chordInWays,
  readChordInWay,
  WAYS_IN,
  type Chord,
  type Key,
  type LabelStyle,
  type WayIn,
} from '@diatonix/core';
import { useId, useState } from 'react';
import styled from 'styled-components';
import { accidentalSigns } from '../../design/signs';
import { putChord } from './state';

const NAMES: Record<WayIn, string> = {
  symbol: 'Symbol',
  notes: 'Notes',
  formula: 'Formula',
  'half-steps': 'Gaps',
  numeral: 'Numeral',
  degree: 'Degree',
};
const EXAMPLES: Record<WayIn, string> = {
  symbol: 'C#m7b5/E',
  notes: 'F A D',
  formula: '1 b3 5 b7',
  'half-steps': '3 4 3',
  numeral: 'V65/ii',
  degree: '2 7',
};

const Fields = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(6.6rem, 1fr));
  gap: 0.6rem 0.8rem;
  margin-bottom: 0.6rem;
  label {
    display: block;
    color: var(--soft);
    font-size: 0.8125rem;
  }
  input {
    width: 100%;
    padding: 0.3rem 0.6rem;
    border: 1px solid var(--rule);
    border-radius: 4px;
    background: var(--sheet);
    font:
      600 1.05rem/1.35 'Accidentals',
      'Source Serif 4',
      serif;
  }
  input[aria-invalid='true'] {
    border-color: var(--correction);
  }
  p {
    margin: 0.15rem 0 0;
    color: var(--correction);
    font-size: 0.8125rem;
    line-height: 1.3;
  }
`;

interface WayFieldsProps {
  readonly chord: Chord;
  readonly keyOf: Key;
  readonly school: LabelStyle;
}

/**
 * The six ways into the chord. Writing in one changes the others; one that cannot be read says why and
 * changes nothing.
 */
export function WayFields({ chord, keyOf, school }: WayFieldsProps) {
  const ways = chordInWays(chord, keyOf, school);
  return (
    <Fields>
      {WAYS_IN.map((way) => (
        <WayField
          key={way}
          way={way}
          value={way === 'numeral' ? accidentalSigns(ways.numeral) : ways[way]}
          chord={chord}
          keyOf={keyOf}
          school={school}
        />
      ))}
    </Fields>
  );
}

function WayField({
  way,
  value,
  chord,
  keyOf,
  school,
}: WayFieldsProps & { readonly way: WayIn; readonly value: string }) {
  // What cannot be read stays where it was written, until the chord is said in another way.
  const [written, setWritten] = useState<{ readonly text: string; readonly of: Chord } | null>(null);
  const [writing, setWriting] = useState(false);
  const draft = written && (writing || written.of === chord) ? written.text : null;
  const id = useId();
  const text = draft ?? value;
  const read =
    draft === null || draft.trim() === ''
      ? null
      : attempt(() => readChordInWay(way, draft, chord, keyOf, school));
  const problem = read && !read.ok ? read.error.message : null;
  const write = (next: string) => {
    setWriting(true);
    setWritten({ text: next, of: chord });
    const chordRead =
      next.trim() === '' ? null : attempt(() => readChordInWay(way, next, chord, keyOf, school));
    if (chordRead?.ok) putChord(chordRead.value, `chord-${way}`);
  };
  const leave = () => {
    setWriting(false);
    setWritten(written && problem !== null ? { ...written, of: chord } : null);
  };
  return (
    <div>
      <label htmlFor={id}>{NAMES[way]}</label>
      <TextInput
        id={id}
        value={text}
        placeholder={EXAMPLES[way]}
        maxLength={80}
        spellCheck={false}
        autoComplete="off"
        autoCapitalize="off"
        aria-invalid={problem !== null}
        aria-describedby={problem ? `${id}-problem` : undefined}
        onChange={(event) => write(event.target.value)}
        onBlur={leave}
        onKeyDown={(event) => event.key === 'Enter' && leave()}
      />
      {problem && (
        <p id={`${id}-problem`} role="status">
          {problem}
        </p>
      )}
    </div>
  );
}
