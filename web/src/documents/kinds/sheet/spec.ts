import {
  kindOf,
  chordMap,
  MATERIAL_FIELDS,
  parseKey,
  printNumeral,
  type MaterialText,
  type SheetSpec,
} from '@diatonix/core';
import { taughtOf } from '../schoolClass/taught';
import type { SchoolClass } from '../schoolClass/type';
import type { SheetBody, SheetSectionBody } from './type';

/** What core makes a sheet of: the sections as they are kept, without what the class has not been taught. */
export function specOf({ title, seed, sections }: SheetBody, schoolClass: SchoolClass | null): SheetSpec {
  const later = laterFor(schoolClass);
  return { title, seed, sections: sections.map((section) => sectionSpec(section, later)) };
}

function sectionSpec(section: SheetSectionBody, later: Later): SheetSpec['sections'][number] {
  const { kind, count, marks, instruction, material, exchanged, seed, pinned = [], order, parts } = section;
  const inside = pinned.filter(({ place }) => place < count);
  return {
    ...{ kind, count, marks, exchanged, seed, material: taughtOnly(kind, material, later) },
    ...(instruction === '' ? {} : { instruction }),
    ...(parts ? { parts } : {}),
    ...(inside.length > 0 ? { pinned: inside } : {}),
    // Another number of questions puts them in their own order again.
    ...(order?.length === count ? { order } : {}),
  };
}

/** What a class has not been taught: numerals, and keys. */
interface Later {
  readonly numerals: readonly string[];
  readonly keys: readonly string[];
}

const laterFor = (schoolClass: SchoolClass | null): Later => ({
  numerals: schoolClass ? untaughtNumerals(schoolClass) : [],
  keys: schoolClass?.notYetTaught.keys ?? [],
});

function taughtOnly(kind: string, material: MaterialText, { numerals, keys }: Later): MaterialText {
  const { materialFields, defaults } = kindOf(kind);
  const own = Array.isArray(material.untaught) ? (material.untaught as string[]) : [];
  const asked = (material.keys ?? defaults.keys ?? MATERIAL_FIELDS.keys.default) as readonly string[];
  const left = asked.filter((key) => !keys.includes(key));
  return {
    ...material,
    ...(numerals.length > 0 && materialFields.includes('untaught')
      ? { untaught: [...new Set([...own, ...numerals])] }
      : {}),
    // Where every key comes later the teacher has asked for one of them, and means it.
    ...(left.length < asked.length && left.length > 0 && materialFields.includes('keys')
      ? { keys: left }
      : {}),
  };
}

/** A sheet as it is set: what its class has not been taught stands in it, whatever the class is taught later. */
export function asSet({ classId: _, ...sheet }: SheetBody, schoolClass: SchoolClass | null): SheetBody {
  const later = laterFor(schoolClass);
  const sections = sheet.sections.map((section) => ({
    ...section,
    material: taughtOnly(section.kind, section.material, later),
  }));
  return { ...sheet, sections };
}

/**
 * The numerals that a class has not been taught, of degrees and of sevenths whose triad it knows, in both modes and in
 * both usual forms of minor.
 */
export function untaughtNumerals({ notYetTaught }: SchoolClass): string[] {
  const numerals = (['major', 'minor'] as const).flatMap((mode) => {
    const key = parseKey(mode === 'major' ? 'C major' : 'A minor');
    return (['natural', 'harmonic'] as const).flatMap((form) =>
      ([5, 7] as const).flatMap((top) =>
        chordMap(key, top, form)
          .filter(({ degree }) => taughtOf(notYetTaught, mode, degree) === (top === 5 ? 'not yet' : 'triad'))
          .map(({ numeral }) => printNumeral(numeral, key)),
      ),
    );
  });
  return [...new Set(numerals)];
}
