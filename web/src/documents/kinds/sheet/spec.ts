import { kindOf, chordMap, parseKey, printNumeral, type MaterialText, type SheetSpec } from '@diatonix/core';
import type { SchoolClass } from '../schoolClass/type';
import type { SheetBody, SheetSectionBody } from './type';

/** What core makes a sheet of: the sections as they are kept, without what the class has not been taught. */
export function specOf({ title, seed, sections }: SheetBody, schoolClass: SchoolClass | null): SheetSpec {
  const untaught = schoolClass ? untaughtNumerals(schoolClass) : [];
  return { title, seed, sections: sections.map((section) => sectionSpec(section, untaught)) };
}

function sectionSpec(section: SheetSectionBody, untaught: readonly string[]): SheetSpec['sections'][number] {
  const { kind, count, marks, instruction, material, exchanged, seed, pinned = [], order, parts } = section;
  const inside = pinned.filter(({ place }) => place < count);
  return {
    ...{ kind, count, marks, exchanged, seed, material: taughtOnly(kind, material, untaught) },
    ...(instruction === '' ? {} : { instruction }),
    ...(parts ? { parts } : {}),
    ...(inside.length > 0 ? { pinned: inside } : {}),
    // Another number of questions puts them in their own order again.
    ...(order?.length === count ? { order } : {}),
  };
}

function taughtOnly(kind: string, material: MaterialText, untaught: readonly string[]): MaterialText {
  if (untaught.length === 0 || !kindOf(kind).materialFields.includes('untaught')) return material;
  const own = Array.isArray(material.untaught) ? (material.untaught as string[]) : [];
  return { ...material, untaught: [...new Set([...own, ...untaught])] };
}

/** A sheet as it is set: what its class has not been taught stands in it, whatever the class is taught later. */
export function asSet({ classId: _, ...sheet }: SheetBody, schoolClass: SchoolClass | null): SheetBody {
  const untaught = schoolClass ? untaughtNumerals(schoolClass) : [];
  const sections = sheet.sections.map((section) => ({
    ...section,
    material: taughtOnly(section.kind, section.material, untaught),
  }));
  return { ...sheet, sections };
}

/** The numerals on the degrees that a class has not been taught, in both modes and in both usual forms of minor. */
export function untaughtNumerals({ notYetTaught }: SchoolClass): string[] {
  const numerals = (['major', 'minor'] as const).flatMap((mode) => {
    const key = parseKey(mode === 'major' ? 'C major' : 'A minor');
    return (['natural', 'harmonic'] as const).flatMap((form) =>
      chordMap(key, 5, form)
        .filter(({ degree }) => notYetTaught[mode].includes(degree))
        .map(({ numeral }) => printNumeral(numeral, key)),
    );
  });
  return [...new Set(numerals)];
}
