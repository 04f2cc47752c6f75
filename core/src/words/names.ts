import type { Key } from '../key/key';
import { displayNoteName } from '../pitch/print';
import { DEFAULT_LABEL_STYLE, type LabelStyle } from '../school/school';

/** `dominant seventh`, `half-diminished seventh`, `major triad`, `minor seventh with ♭9 and ♭13`. */
export function qualityWords(quality: string): string {
  const [name, over] = quality.split(' with ');
  if (over !== undefined) {
    const signs = over.replaceAll('b', '♭').replaceAll('#', '♯').split(' ');
    const last = signs.pop()!;
    return `${qualityWords(name!)} with ${signs.length > 0 ? `${signs.join(', ')} and ${last}` : last}`;
  }
  if (['major', 'minor', 'diminished', 'augmented'].includes(quality)) return `${quality} triad`;
  if (quality === 'power') return 'bare fifth';
  if (quality.endsWith('-flat-five'))
    return `${quality.slice(0, -10).replaceAll('-', ' ')} with a lowered fifth`;
  return spacedQuality(quality).replace(
    /^(italian|french|german)/,
    (name) => name.charAt(0).toUpperCase() + name.slice(1),
  );
}

/** A quality with its words apart, and those hyphens that belong to it: `minor-major seventh`, `major`. */
export const spacedQuality = (quality: string): string => quality.replace(/-(?=(?:\w+th|second)$)/, ' ');

/** `A major`, in the school's letters. */
export function keyWords(key: Key, school: LabelStyle = DEFAULT_LABEL_STYLE): string {
  return `${displayNoteName(key.tonic, school.letters)} ${key.mode}`;
}
