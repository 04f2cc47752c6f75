import { TheoryError } from '@diatonix/core';
import { PAPER_POINTS, type PaperName } from '@diatonix/engraving/pdf';

/** A paper by its name. Throws TheoryError `request` for one that is not known. */
export function paperNamed(name: string): PaperName {
  if (!Object.hasOwn(PAPER_POINTS, name))
    throw new TheoryError('request', name, 'there is no such paper.', 'Choose A4, A3 or Letter.');
  return name as PaperName;
}
