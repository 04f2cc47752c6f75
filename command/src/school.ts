import { DEFAULT_SCHOOL, TheoryError, type School } from '@diatonix/core';

const CHOICES: Record<string, readonly string[]> = {
  numeralCase: ['quality', 'capitals-suffix', 'capitals-bare'],
  inversion: ['figures', 'letters', 'slash', 'words'],
  sevenths: ['explicit', 'diatonic'],
  minorDegrees: ['plain', 'flat'],
  applied: ['slash', 'of', 'arrow', 'arrows-only'],
  cadentialSixFour: ['dominant', 'tonic'],
  letters: ['english', 'german', 'fixed-do'],
  words: ['tone', 'note'],
  solfege: ['off', 'do-minor', 'la-minor'],
  minor: ['m', '-', 'min'],
  majorSeventh: ['maj7', 'M7', '△7'],
  halfDiminished: ['m7b5', 'ø7'],
  diminished: ['dim', '°'],
  augmented: ['+', 'aug'],
};
const SYMBOL_CHOICES = ['minor', 'majorSeventh', 'halfDiminished', 'diminished', 'augmented'];

/**
 * A school from settings: `numeralCase=capitals-suffix,inversion=letters` or an
 * object of the same; what is not said stays at its default. Throws TheoryError `school`.
 */
export function readSchool(settings: unknown): School {
  const pairs =
    typeof settings === 'string'
      ? settings.split(',').map((part) => part.split('=') as [string, string?])
      : Object.entries((settings ?? {}) as Record<string, unknown>);
  const school: Record<string, unknown> = { ...DEFAULT_SCHOOL };
  const symbols: Record<string, unknown> = { ...DEFAULT_SCHOOL.symbols };
  for (const [name, value] of pairs) {
    const choices = CHOICES[name.trim()];
    if (!choices)
      throw new TheoryError(
        'school',
        name,
        'this setting of a school is not known.',
        `The settings are ${Object.keys(CHOICES).join(', ')}.`,
      );
    const chosen = typeof value === 'string' ? value.trim() : value;
    if (!choices.includes(chosen as string))
      throw new TheoryError(
        'school',
        `${name}=${String(value)}`,
        'this choice is not known.',
        `Choose ${choices.join(', ')}.`,
      );
    (SYMBOL_CHOICES.includes(name.trim()) ? symbols : school)[name.trim()] = chosen;
  }
  return { ...school, symbols } as unknown as School;
}
