import { makeSheet } from '@diatonix/core';
import { fetchScript } from '../../fetchScript';
import { newId } from '../../documents/store/ids';
import { download, fileName, MUSICXML_TYPE } from '../../documents/files/download';
import { pickFile } from '../../documents/files/pickFile';
import { pupilsToFile, sheetFromFile, sheetToFile } from '../../documents/files/sheetFile';
import { specOf } from '../../documents/kinds/sheet/spec';
import type { PileBody } from '../../documents/kinds/pile/type';
import { pileOf } from '../../documents/marking/pileOf';
import { addDocument, tell, useDocuments } from '../../documents/store/store';
import { classOf, sheetNow, SHEETS_DESK } from './desk';
import { openSheet } from './state';

const JSON_TYPE = 'application/json';

/** Saves the open sheet as a file. */
export function saveSheet(): void {
  const open = sheetNow();
  if (open) download(sheetToFile(open.body), `${fileName(open.body.title)}.sheet.json`, JSON_TYPE);
}

/** The names of a pile as they go to pupils. */
const namesIn = ({ pupils }: PileBody) => pupils.map(({ name, version }) => ({ name, version }));

/** How a sheet goes to pupils: to be handed in, to practise with, or with the names of the class to choose from. */
export type PupilsFileUse = 'pupils' | 'practice' | 'class';

/** Saves every version for pupils, without answers; for practice their page may mark and explain at once. */
export function savePupils(use: PupilsFileUse): void {
  const open = sheetNow();
  if (!open) return;
  const schoolClass = classOf(open.body, useDocuments.getState().documents);
  const names = use === 'class' ? { names: namesIn(pileOf(open.body, schoolClass)) } : {};
  const text = pupilsToFile(specOf(open.body, schoolClass), open.body.versions, {
    practice: use === 'practice',
    ...names,
  });
  download(text, `${fileName(open.body.title)}.${use}.json`, JSON_TYPE);
}

/** Opens the file of a sheet as a new sheet of the workbook. */
export async function openSheetFile(): Promise<void> {
  const file = await pickFile('.json');
  if (!file) return;
  const problem = openSheetText(await file.text(), file.name);
  if (problem !== null) tell(problem);
}

/** Opens the text of a sheet's file as a new sheet. Returns why not, where it is none. */
export function openSheetText(text: string, name: string): string | null {
  const read = sheetFromFile(text, name);
  if (!read.ok) return read.message;
  openSheet(addDocument('sheet', newId(), read.value, 'the opened sheet'));
  return null;
}

/** Saves what stands on the staves of the shown version as MusicXML. */
export async function saveStaves(): Promise<void> {
  const open = sheetNow();
  if (!open) return;
  const spec = specOf(open.body, classOf(open.body, useDocuments.getState().documents));
  const version = Math.min(SHEETS_DESK.get().version, open.body.versions - 1);
  const { sheetToMusicXml } = await fetchScript(() => import('@diatonix/core/musicxml'));
  const text = sheetToMusicXml(makeSheet(spec, version));
  download(text, `${fileName(open.body.title)}.musicxml`, MUSICXML_TYPE);
}
