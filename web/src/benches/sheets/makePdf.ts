import { proxy, wrap } from 'comlink';
import { download, fileName } from '../../documents/download';
import { FONT_FILES } from '../../pictures/fonts';
import type { PdfOrder, PdfTask } from '../../workers/pdf.worker';

/**
 * Makes the PDF of a sheet in a worker and hands it to the browser to save. Gives null, or in words why there is
 * none. `onPart` tells how many parts are done.
 */
export async function savePdf(
  order: Omit<PdfOrder, 'fonts'>,
  onPart: (done: number, all: number) => void,
): Promise<string | null> {
  const worker = new Worker(new URL('../../workers/pdf.worker.ts', import.meta.url), { type: 'module' });
  const fonts = Object.fromEntries(
    Object.entries(FONT_FILES).map(([name, path]) => [name, new URL(path, location.href).href]),
  ) as PdfOrder['fonts'];
  try {
    const failed = new Promise<never>((_, reject) => {
      worker.onerror = (event) => reject(new Error(event.message || 'it could not be started'));
    });
    const made = wrap<PdfTask>(worker).make({ ...order, fonts }, proxy(onPart));
    const bytes = await Promise.race([made, failed]);
    download(
      new Blob([bytes as Uint8Array<ArrayBuffer>]),
      `${fileName(order.spec.title)}.pdf`,
      'application/pdf',
    );
    return null;
  } catch (error) {
    const why = error instanceof Error ? error.message.replace(/\.$/, '') : String(error);
    return `The PDF was not made: ${why}. Print the pages instead, and choose PDF there.`;
  } finally {
    worker.terminate();
  }
}
