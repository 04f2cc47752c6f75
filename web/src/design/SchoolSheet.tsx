import { DEFAULT_SCHOOL, type School } from '@diatonix/core';
import { Label, Radio, RadioGroup } from 'react-aria-components';
import styled from 'styled-components';
import { Sheet } from '../commands/Sheet';
import { useStore } from '../workbook/store';
import { Button } from './controls';

const Settings = styled.div`
  display: grid;
  gap: 0.55rem;
  [role='radiogroup'] {
    display: grid;
    grid-template-columns: 9.5rem 1fr;
    align-items: baseline;
    gap: 0.2rem 0.8rem;
  }
  [role='radiogroup'] > span:first-child {
    color: var(--soft);
    font-size: 0.9rem;
  }
  .choices {
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem;
  }
  label {
    padding: 0.12rem 0.55rem;
    border: 1px solid var(--rule);
    border-radius: 4px;
    font-size: 0.9rem;
    cursor: pointer;
  }
  label[data-selected] {
    border-color: var(--mark);
    background: var(--mark-ground);
    color: var(--mark);
    font-weight: 600;
  }
  label[data-focus-visible] {
    outline: 2px solid var(--mark);
    outline-offset: 1px;
  }
  p {
    margin: 0.4rem 0 0;
    color: var(--soft);
    font-size: 0.875rem;
  }
`;

interface Setting {
  readonly name: string;
  readonly read: (school: School) => string;
  readonly write: (school: School, value: string) => School;
  readonly choices: readonly (readonly [string, string])[];
}

const own = (key: Exclude<keyof School, 'symbols'>, name: string, choices: Setting['choices']): Setting => ({
  name,
  read: (school) => school[key],
  write: (school, value) => ({ ...school, [key]: value }),
  choices,
});

const symbol = (key: keyof School['symbols'], name: string, choices: Setting['choices']): Setting => ({
  name,
  read: (school) => school.symbols[key],
  write: (school, value) => ({ ...school, symbols: { ...school.symbols, [key]: value } }),
  choices,
});

const SETTINGS: readonly Setting[] = [
  own('numeralCase', 'Numerals', [['quality', 'ii V vii°'], ['capitals-suffix', 'IIm V VIIdim'], ['capitals-bare', 'II V VII']]),
  own('inversion', 'Inversions', [['figures', 'V6/5'], ['letters', 'V7b'], ['slash', 'V7/B'], ['words', 'first inversion']]),
  own('sevenths', 'Bare seventh', [['explicit', 'a minor seventh'], ['diatonic', 'the scale’s seventh']]),
  own('minorDegrees', 'Minor VI and VII', [['plain', 'VI VII'], ['flat', '♭VI ♭VII']]),
  own('applied', 'Applied chords', [['slash', 'V/ii'], ['of', 'V of ii'], ['arrow', '(V)→ii'], ['arrows-only', 'arrow only']]),
  own('cadentialSixFour', 'Cadential 6/4', [['dominant', 'V6/4–5/3'], ['tonic', 'I6/4–V']]),
  symbol('minor', 'Minor', [['m', 'Cm'], ['-', 'C-'], ['min', 'Cmin']]),
  symbol('majorSeventh', 'Major seventh', [['maj7', 'Cmaj7'], ['M7', 'CM7'], ['△7', 'C△7']]),
  symbol('halfDiminished', 'Half-diminished', [['m7b5', 'Cm7♭5'], ['ø7', 'Cø7']]),
  symbol('diminished', 'Diminished', [['dim', 'Cdim'], ['°', 'C°']]),
  symbol('augmented', 'Augmented', [['+', 'C+'], ['aug', 'Caug']]),
  own('letters', 'Letters', [['english', 'B♭ B'], ['german', 'B H'], ['fixed-do', 'si♭ si']]),
  own('words', 'Words', [['tone', 'half step, leading tone'], ['note', 'semitone, leading note']]),
  own('solfege', 'Sung', [['off', 'not shown'], ['do-minor', 'minor on do'], ['la-minor', 'minor on la']]),
]; // prettier-ignore

/** How the workbook's labels are printed and read. Applied at once, and undone like any edit. */
export default function SchoolSheet({ onClose }: { onClose: () => void }) {
  const school = useStore((state) => state.workbook.school);
  const chooseSchool = useStore((state) => state.chooseSchool);
  return (
    <Sheet title="Labels" onClose={onClose}>
      <Settings>
        {SETTINGS.map(({ name, read, write, choices }) => (
          <RadioGroup
            key={name}
            orientation="horizontal"
            value={read(school)}
            onChange={(value) => chooseSchool(write(school, value))}
          >
            <Label>{name}</Label>
            <div className="choices">
              {choices.map(([value, shown]) => (
                <Radio key={value} value={value}>
                  {shown}
                </Radio>
              ))}
            </div>
          </RadioGroup>
        ))}
        <p>A school changes what is printed and read, never what is stored.</p>
        <div>
          <Button onPress={() => chooseSchool(DEFAULT_SCHOOL)}>Back to the defaults</Button>
        </div>
      </Settings>
    </Sheet>
  );
}
