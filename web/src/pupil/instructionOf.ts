import { attempt, instructionWords } from '@diatonix/core';
import type { PupilQuestion } from './work';

/** What is to be done with a question; what its section says where a hostile file asks for nothing that is known. */
export function shownInstruction({ given, section }: PupilQuestion): string {
  const words = attempt(() => instructionWords({ ...section, questions: [{ given }] }));
  return words.ok ? words.value : (section.instruction ?? '');
}
