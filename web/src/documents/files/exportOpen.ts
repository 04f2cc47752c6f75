import { download, fileName } from './download';
import { workbookToFile } from './file';
import { useDocuments, type SetAside } from '../store/store';

/** Saves the open workbook as a file, and remembers when. Needs no browser storage. */
export function exportWorkbook(): void {
  const { workbook, documents } = useDocuments.getState();
  download(
    workbookToFile(workbook.title, documents),
    `${fileName(workbook.title)}.diatonix.json`,
    'application/json',
  );
  useDocuments.setState({ workbook: { ...workbook, writtenAt: Date.now() }, changed: false });
}

/** Saves what could not be read as it was found. */
export function exportAside(aside: readonly SetAside[]): void {
  download(
    `${JSON.stringify(
      aside.map(({ name, reasons, raw }) => ({ name, reasons, raw })),
      null,
      2,
    )}\n`,
    'set-aside.json',
    'application/json',
  );
}
