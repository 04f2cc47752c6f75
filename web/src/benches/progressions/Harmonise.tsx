import {
  attempt,
  chordMap,
  diatonicNumeral,
  harmonise,
  parseNote,
  printNumeral,
  numeralParts,
  speakNumeral,
  type Harmonisation,
  type Key,
  type School,
} from '@diatonix/core';
import { useMemo, useState } from 'react';
import styled from 'styled-components';
import { Button, Toggle, ToggleRow } from '../../design/controls';
import { NumeralText } from '../../design/NumeralText';
import { Problem } from '../../design/Problem';
import { openClassOf } from '../../workbook/model';
import { useStore } from '../../workbook/store';

const Panel = styled.section`
  margin-top: 0.9rem;
  padding-top: 0.8rem;
  border-top: 1px solid var(--rule);
  .line {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem;
  }
  input {
    flex: 1;
    min-width: 14rem;
    padding: 0.4rem 0.7rem;
    border: 1px solid var(--rule);
    border-radius: 4px;
    background: var(--sheet);
    font:
      600 1.05rem/1.35 'Accidentals',
      'Source Serif 4',
      serif;
  }
  ol {
    list-style: none;
    margin: 0.6rem 0 0;
    padding: 0;
  }
  li {
    display: grid;
    grid-template-columns: auto 1fr auto;
    gap: 0.2rem 0.9rem;
    align-items: center;
    padding: 0.4rem 0;
    border-top: 1px solid var(--rule);
  }
  li .chords {
    display: inline-flex;
    flex-wrap: wrap;
    gap: 0.2rem 0.9rem;
    font-size: 1.15rem;
  }
  li p {
    grid-column: 1 / -1;
    margin: 0;
    color: var(--soft);
    font-size: 0.875rem;
  }
`;

interface HarmoniseProps {
  readonly keyOf: Key;
  readonly school: School;
  readonly onPut: (numerals: readonly string[], voices: Harmonisation['voices']) => void;
}

/**
 * A melody or a bass, harmonised with the chords that the class has been taught: ranked, with reasons, to be
 * put into the line.
 */
export function Harmonise({ keyOf, school, onPut }: HarmoniseProps) {
  const { notYetTaught } = useStore((state) => openClassOf(state.workbook));
  const [text, setText] = useState('');
  const [voice, setVoice] = useState<'melody' | 'bass'>('melody');
  const taught = useMemo(() => {
    const later = notYetTaught[keyOf.mode === 'major' ? 'major' : 'minor'];
    return chordMap(keyOf)
      .filter(({ degree }) => !later.includes(degree))
      .map(({ degree }) => diatonicNumeral(keyOf, degree));
  }, [keyOf, notYetTaught]);
  const found = useMemo(() => {
    if (text.trim() === '') return null;
    return attempt(() =>
      harmonise({
        key: keyOf,
        voice,
        notes: text
          .trim()
          .split(/[\s,]+/)
          .map(parseNote),
        numerals: taught,
      }),
    );
  }, [text, voice, keyOf, taught]);
  return (
    <Panel aria-label="Harmonise">
      <div className="line">
        <ToggleRow
          aria-label="Given voice"
          selectionMode="single"
          disallowEmptySelection
          selectedKeys={[voice]}
          onSelectionChange={([next]) => setVoice(next as 'melody' | 'bass')}
        >
          <Toggle id="melody">Melody</Toggle>
          <Toggle id="bass">Bass</Toggle>
        </ToggleRow>
        <input
          aria-label={`The ${voice}, note by note`}
          placeholder={voice === 'melody' ? 'B4 A4 G4' : 'G3 D3 G2'}
          value={text}
          maxLength={400}
          spellCheck={false}
          autoComplete="off"
          onChange={(event) => setText(event.target.value)}
        />
      </div>
      <p className="visually-hidden">
        Chords taught: {taught.map((numeral) => printNumeral(numeral, keyOf)).join(' ')}
      </p>
      {found && !found.ok && <Problem>{found.error.message}</Problem>}
      {found?.ok && (
        <ol>
          {found.value.map((one, index) => (
            <li key={index}>
              <span>{index + 1}</span>
              <span
                className="chords"
                aria-label={one.numerals
                  .map((numeral) => speakNumeral(numeralParts(numeral, keyOf, school)))
                  .join(', ')}
                role="img"
              >
                {one.numerals.map((numeral, at) => (
                  <NumeralText key={at} parts={numeralParts(numeral, keyOf, school)} />
                ))}
              </span>
              <Button
                onPress={() =>
                  onPut(
                    one.numerals.map((numeral) => printNumeral(numeral, keyOf)),
                    one.voices,
                  )
                }
              >
                {one.voices ? 'Put these' : 'Put these (no legal setting)'}
              </Button>
              <p>{one.reasons.join('; ')}.</p>
            </li>
          ))}
        </ol>
      )}
    </Panel>
  );
}
