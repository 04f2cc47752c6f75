import { proxy, wrap, type Remote } from 'comlink';
import { download, fileName } from '../documents/files/download';
import type { FontPlaces, PdfOrder, PdfTask, SlipsOrder } from '../workers/pdf.worker';
import { FONT_FILES } from './fonts';

/**
 * Makes the PDF of a sheet in a worker and hands it to the browser to save. Gives null, or in words why there is
 * none. `onPart` tells how many parts are done.
 */
export function saveSheetPdf(
  order: PdfOrder,
  onPart: (done: number, all: number) => void,
): Promise<string | null> {
  return saved(order.spec.title, (worker, fonts) => worker.make(order, fonts, proxy(onPart)));
}

/** The same for return slips. */
export function saveSlipsPdf(order: SlipsOrder): Promise<string | null> {
  return saved(order.title, (worker, fonts) => worker.makeSlips(order, fonts));
}

async function saved(
  title: string,
  make: (worker: Remote<PdfTask>, fonts: FontPlaces) => Promise<Uint8Array>,
): Promise<string | null> {
  const worker = new Worker(new URL('../workers/pdf.worker.ts', import.meta.url), { type: 'module' });
  const fonts = Object.fromEntries(
    Object.entries(FONT_FILES).map(([name, path]) => [name, new URL(path, location.href).href]),
  ) as FontPlaces;
  try {
    const failed = new Promise<never>((_, reject) => {
      worker.onerror = (event) => reject(new Error(event.message || 'it could not be started'));
    });
    const bytes = await Promise.race([make(wrap<PdfTask>(worker), fonts), failed]);
    download(new Blob([bytes as Uint8Array<ArrayBuffer>]), `${fileName(title)}.pdf`, 'application/pdf');
    return null;
  } catch (error) {
    const why = error instanceof Error ? error.message.replace(/\.$/, '') : String(error);
    return `The PDF was not made: ${why}. Print the pages instead, and choose PDF there.`;
  } finally {
    worker.terminate();
  }
}
