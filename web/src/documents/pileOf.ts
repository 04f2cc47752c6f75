import type { PileBody } from './kinds/pile';
import type { SchoolClass } from './kinds/schoolClass';
import type { SheetBody } from './kinds/sheet';
import { asSet } from './sheetSpec';
import { today } from './today';

/** A pile of a sheet as it is now, with the pupils of its class: neighbours have different versions. */
export function pileOf(sheet: SheetBody, schoolClass: SchoolClass | null): PileBody {
  return {
    title: sheet.title,
    date: sheet.date ?? today(),
    sheet: asSet(sheet, schoolClass),
    follow: 1,
    pupils: (schoolClass?.pupils ?? [])
      .filter(({ left }) => !left)
      .map(({ id, name }, at) => ({ id, name, version: at % sheet.versions })),
    entries: [],
    ...(sheet.classId === undefined ? {} : { classId: sheet.classId }),
  };
}
