import { TextInput } from '../../design/fields/TextInput';
import {
  chordMap,
  diatonicNumeral,
  faultWords,
  numeralParts,
  parseNumeral,
  printKey,
  printNumeral,
  speakNumeral,
  type Key,
  type LabelStyle,
} from '@diatonix/core';
import { useEffect, useId, useMemo, useState } from 'react';
import styled from 'styled-components';
import { Button, Toggle, ToggleRow } from '../../design/controls';
import { Problem } from '../../design/Problem';
import { useTaught } from '../../documents/store/use';
import { NumeralText } from '../../parts/NumeralText';
import { runTask } from '../../workers/client';
import type { FoundHarmony, HarmoniseAnswer } from '../../workers/harmoniseLine';
import type { Progression } from '../../documents/kinds/progression/type';
import { putHarmony } from './state';

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
  li .puts {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem;
  }
  > p[role='status'] {
    margin: 0.5rem 0 0;
    color: var(--soft);
    font-size: 0.9rem;
  }
  > p[role='status']:empty {
    margin: 0;
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
  readonly school: LabelStyle;
  /** The line that it is put into: its metre, and whether it holds chords that can be kept or replaced. */
  readonly line: Pick<Progression, 'metre' | 'columns'>;
}

/**
 * A melody or a bass, harmonised with the chords that the class has been taught: ranked, with reasons, to be
 * put into the line.
 */
export function Harmonise({ keyOf, school, line }: HarmoniseProps) {
  const { metre } = line;
  const filled = line.columns.length > 0;
  const { notYetTaught } = useTaught();
  const [text, setText] = useState('');
  const [voice, setVoice] = useState<'melody' | 'bass'>('melody');
  const [done, setDone] = useState('');
  const taught = useMemo(() => {
    const later = notYetTaught[keyOf.mode === 'major' ? 'major' : 'minor'];
    return chordMap(keyOf)
      .filter(({ degree }) => !later.includes(degree))
      .map(({ degree }) => printNumeral(diatonicNumeral(keyOf, degree), keyOf));
  }, [keyOf, notYetTaught]);
  const { found, slow } = useHarmonies(text, voice, keyOf, taught, school, metre);
  const put = (found: FoundHarmony, replace: boolean) => {
    const { numerals, voices } = found;
    putHarmony(found, replace);
    const count = `${numerals.length} ${numerals.length === 1 ? 'chord' : 'chords'}`;
    setDone(
      `${count} ${replace ? 'put in place of the line' : 'put at the end of the line'}` +
        `${voices ? ', in four parts' : ''}. Undo takes them out again.`,
    );
  };
  const notes = useId();
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
        <TextInput
          aria-label={`The ${voice}, note by note`}
          aria-describedby={notes}
          placeholder={voice === 'melody' ? 'B4 A4 G4, or with lengths: B4:1 A4:1/2 G4:1/2' : 'G3 D3 G2'}
          value={text}
          maxLength={400}
          spellCheck={false}
          autoComplete="off"
          onChange={(event) => {
            setText(event.target.value);
            setDone('');
          }}
        />
      </div>
      <p id={notes} className="visually-hidden">
        Chords taught: {taught.join(' ')}
      </p>
      <p role="status">{slow ? 'Looking for chords…' : done}</p>
      {found && !found.ok && <Problem>{found.message}</Problem>}
      {found?.ok && (
        <ol>
          {found.found.map((one, index) => (
            <li key={index}>
              <span>{index + 1}</span>
              <Chords numerals={one.numerals} keyOf={keyOf} school={school} />
              <span className="puts">
                <Button onPress={() => put(one, false)}>
                  {filled ? 'Put at the end' : one.voices ? 'Put these' : 'Put these (no legal setting)'}
                </Button>
                {filled && <Button onPress={() => put(one, true)}>Replace the line</Button>}
              </span>
              <p>
                {one.reasons.join('; ')}.{filled && !one.voices ? ' No legal setting in four parts.' : ''}
                {one.faults.map(
                  (fault) => ` Chord ${fault.at + 1} in four parts: ${faultWords(fault, school)}.`,
                )}
              </p>
            </li>
          ))}
        </ol>
      )}
    </Panel>
  );
}

function Chords({
  numerals,
  keyOf,
  school,
}: {
  numerals: readonly string[];
  keyOf: Key;
  school: LabelStyle;
}) {
  const parts = numerals.map((numeral) => numeralParts(parseNumeral(numeral, keyOf), keyOf, school));
  return (
    <span className="chords" aria-label={parts.map(speakNumeral).join(', ')} role="img">
      {parts.map((one, at) => (
        <NumeralText key={at} parts={one} />
      ))}
    </span>
  );
}

/** What the worker found for the text that is written, and whether it is taking long. */
function useHarmonies(
  text: string,
  voice: 'melody' | 'bass',
  key: Key,
  taught: readonly string[],
  { letters }: LabelStyle,
  metre: string,
): { readonly found: HarmoniseAnswer | null; readonly slow: boolean } {
  const [answer, setAnswer] = useState<{ text: string; found: HarmoniseAnswer } | null>(null);
  const [slow, setSlow] = useState(false);
  const empty = text.trim() === '';
  const keyText = printKey(key);
  const chords = taught.join(' ');
  useEffect(() => {
    if (empty) return;
    const request = { key: keyText, voice, text, numerals: chords.split(' '), letters, metre };
    const running = runTask('harmoniseLine', request, () => setSlow(true));
    void running.done
      .catch((): HarmoniseAnswer => ({
        ok: false,
        message: 'The chords could not be worked out. Try again.',
      }))
      .then((found) => {
        if (!found) return;
        setSlow(false);
        setAnswer({ text, found });
      });
    return running.cancel;
  }, [empty, text, voice, keyText, chords, letters, metre]);
  return { found: empty ? null : (answer?.found ?? null), slow: slow && !empty };
}
