import { ruleWords, type Fault, type LabelStyle } from '@diatonix/core';

/** Faults of a column in as little room as a cell has: voices by their initials, or how many there are. */
export function shortFaults(faults: readonly Fault[], school: LabelStyle): string {
  const [first] = faults;
  if (!first) return '';
  if (faults.length > 1) return `${faults.length} faults`;
  const voices = first.voices.map((voice) => voice.charAt(0).toUpperCase()).join('–');
  return `${ruleWords(first.rule, school)} ${voices}`;
}
