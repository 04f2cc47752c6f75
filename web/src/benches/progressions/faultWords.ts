import { type Fault } from '@diatonix/core';

/** A fault in a few words: the rule and the voices. */
export function faultWords({ rule, voices }: Fault): string {
  return `${rule.replaceAll('-', ' ')}, ${voices.join(' and ')}`;
}

/** Faults of a column in as little room as a cell has: voices by their initials, or how many there are. */
export function shortFaults(faults: readonly Fault[]): string {
  const [first] = faults;
  if (!first) return '';
  if (faults.length > 1) return `${faults.length} faults`;
  return `${first.rule.replaceAll('-', ' ')} ${first.voices.map((voice) => voice.charAt(0).toUpperCase()).join('–')}`;
}
