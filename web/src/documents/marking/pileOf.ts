import type { PileBody } from '../kinds/pile/type';
import type { SchoolClass } from '../kinds/schoolClass/type';
import type { SheetBody } from '../kinds/sheet/type';
import { asSet } from '../kinds/sheet/spec';
import { today } from '../store/today';

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
