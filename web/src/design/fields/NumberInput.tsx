import { useState } from 'react';
import { TextInput } from './TextInput';

interface NumberInputProps {
  readonly value: number;
  readonly min: number;
  readonly max: number;
  readonly step?: number;
  readonly 'aria-label'?: string;
  readonly onNumber: (value: number) => void;
}

/**
 * A number between two limits. While it is typed it may be empty or too great: then the last number stays, and stands
 * there again once the field is left.
 */
export function NumberInput({ value, min, max, step = 1, onNumber, ...names }: NumberInputProps) {
  const [draft, setDraft] = useState<string | null>(null);
  return (
    <TextInput
      {...names}
      type="number"
      min={min}
      max={max}
      step={step}
      value={draft ?? value}
      onChange={({ target: { value: text } }) => {
        setDraft(text);
        const next = Number(text);
        const steps = (next - min) / step;
        if (text !== '' && next >= min && next <= max && Number.isInteger(steps)) onNumber(next);
      }}
      onBlur={() => setDraft(null)}
    />
  );
}
