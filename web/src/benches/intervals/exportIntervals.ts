import { parseKey, parseNote } from '@diatonix/core';
import { download, MUSICXML_TYPE } from '../../documents/files/download';
import type { IntervalLine } from '../../documents/kinds/intervals/type';
import { fetchScript } from '../../fetchScript';

/** Saves the line of intervals as MusicXML; pieces that are not understood are left out. */
export async function exportIntervals({ key, clef, perBar, items }: IntervalLine): Promise<void> {
  const { intervalsToMusicXml } = await fetchScript(() => import('@diatonix/core/musicxml'));
  const pairs = items.flatMap((item) =>
    'from' in item ? [{ from: parseNote(item.from), to: parseNote(item.to) }] : [],
  );
  download(
    intervalsToMusicXml({ title: 'Intervals', key: parseKey(key), clef, perBar, pairs }),
    'intervals.musicxml',
    MUSICXML_TYPE,
  );
}
