import type { GivenData } from '../../question';
import type { WorkBackGiven } from './given';

/** The roles are what is asked for in numerals: only how many chords are sought goes to pupils. */
export const drawWorkBack = ({ roles, ...rest }: WorkBackGiven): GivenData =>
  roles.length === 1 && roles[0] === 'ii' ? { ...rest, roles } : { ...rest, sought: roles.length };

/** The question of how many chords are sought. */
export function readDrawnWorkBack(sent: GivenData): GivenData {
  const { sought, ...rest } = sent as { readonly sought?: unknown };
  return typeof sought === 'number' ? { ...rest, roles: sought === 1 ? ['V'] : ['ii', 'V'] } : sent;
}
