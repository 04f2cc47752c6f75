import { useState } from 'react';
import { DEFAULT_LABEL_STYLE, RULES, ruleWords } from '@diatonix/core';

interface FaultInputProps {
  readonly chords: number;
  readonly typed: string;
  readonly onType: (text: string) => void;
}

/** A fault by its chord and its rule, put after what was written: nobody has to know how a rule is spelled. */
export function FaultInput({ chords, typed, onType }: FaultInputProps) {
  const [chord, setChord] = useState(2);
  const [rule, setRule] = useState<string>('parallel-fifths');
  const put = () => {
    const words = ruleWords(rule as (typeof RULES)[number], DEFAULT_LABEL_STYLE);
    const before = typed.trim().replace(/[;,]$/, '');
    onType(`${before}${before === '' ? '' : '; '}${chord}: ${words}`);
  };
  return (
    <div className="row">
      <select aria-label="Chord" value={chord} onChange={(event) => setChord(Number(event.target.value))}>
        {Array.from({ length: chords }, (_, at) => (
          <option key={at} value={at + 1}>
            chord {at + 1}
          </option>
        ))}
      </select>
      <select aria-label="What is wrong" value={rule} onChange={(event) => setRule(event.target.value)}>
        {RULES.map((one) => (
          <option key={one} value={one}>
            {ruleWords(one, DEFAULT_LABEL_STYLE)}
          </option>
        ))}
      </select>
      <button onClick={put}>Add this fault</button>
    </div>
  );
}
