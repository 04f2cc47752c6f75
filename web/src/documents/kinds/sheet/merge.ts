import type { Pinned } from '@diatonix/core';
import { added, fields, items, whole } from '../../merging/part';

const section = fields({
  parts: fields(),
  material: fields(),
  exchanged: added,
  pinned: items(whole, ({ place }: Pinned) => String(place)),
});

/** A sheet section by section. */
export const sheetPart = fields({ sections: items(section), ways: fields() });
