import { TheoryError, versionLetter } from '@diatonix/core';
import type { PileBody } from '../kinds/pile/type';

/**
 * The pile with two of its pupils as one: what the first answered belongs to the second, and the first stands there no
 * more. The version is that of who has answered. Throws TheoryError `request` where both have answered, in different
 * versions: the answers are to other questions then.
 */
export function joinPupils(pile: PileBody, from: string, to: string): PileBody {
  const first = pile.pupils.find(({ id }) => id === from);
  const second = pile.pupils.find(({ id }) => id === to);
  if (!first || !second || first === second) return pile;
  const hasAnswered = (id: string) => pile.entries.some(({ pupil }) => pupil === id);
  if (hasAnswered(from) && hasAnswered(to) && first.version !== second.version)
    throw new TheoryError(
      'request',
      `${first.name} and ${second.name}`,
      `one has answered version ${versionLetter(first.version)}, the other version ${versionLetter(second.version)}.`,
      'Give both the version that was really answered, then join them.',
    );
  const version = hasAnswered(from) ? first.version : second.version;
  return {
    ...pile,
    pupils: pile.pupils
      .filter(({ id }) => id !== from)
      .map((one) => (one.id === to ? { ...one, version } : one)),
    entries: pile.entries.map((entry) => (entry.pupil === from ? { ...entry, pupil: to } : entry)),
  };
}
