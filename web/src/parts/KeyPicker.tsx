import { type ReactNode } from 'react';
import { Drop } from '../design/Drop';
import { part } from '../design/part';

const KeyTable = part(() => import('./KeyTable').then((module) => module.default));

interface KeyPickerProps {
  readonly label: string;
  /** Plain text of the key that is chosen now. */
  readonly value: string;
  readonly onChoose: (key: string) => void;
  readonly children: ReactNode;
}

/** A key chosen by name, by signature, or from the table of all. */
export function KeyPicker({ label, value, onChoose, children }: KeyPickerProps) {
  return (
    <Drop
      label={typeof children === 'string' ? `${label}: ${children}` : label}
      opens="dialog"
      drop={(dropped) => <KeyTable {...dropped} label={label} value={value} onChoose={onChoose} />}
    >
      {children}
    </Drop>
  );
}
