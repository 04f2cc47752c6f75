import { lineOfFifths, type NoteName } from '../../pitch/note';
import { namePlace } from './sounds';
import { TEMPLATES } from './templates';

/** Whether some names belong to one chord of those that are sought, some of whose members may be missing. */
export function areOneChord(names: readonly NoteName[]): boolean {
  const places = [...new Set(names.map((name) => namePlace(lineOfFifths(name))))];
  const [first] = places;
  if (first === undefined) return false;
  return TEMPLATES.some((template) =>
    template.places.some((member) =>
      places.every((place) => template.places.includes(place - first + member)),
    ),
  );
}
