import { lineOfFifths, type NoteName } from '../../pitch/note';
import { namePlace } from './sounds';
import { TEMPLATES } from './templates';

/**
 * Whether some names belong to one chord of those that are sought, or to one triad; some of its members may be missing.
 */
export function areOneChord(names: readonly NoteName[], largest: 'triad' | 'seventh' = 'seventh'): boolean {
  const places = [...new Set(names.map((name) => namePlace(lineOfFifths(name))))];
  const [first] = places;
  if (first === undefined) return false;
  return TEMPLATES.some(
    (template) =>
      (largest === 'seventh' || template.members.length === 3) &&
      template.places.some((member) =>
        places.every((place) => template.places.includes(place - first + member)),
      ),
  );
}
