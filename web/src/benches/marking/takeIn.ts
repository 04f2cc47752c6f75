import { pileNow } from './desk';
import { takeFiles } from './state';

/** Puts files of answers on the open pile, and says what became of them. */
export async function takeIn(files: readonly File[]): Promise<readonly string[]> {
  if (pileNow() === null) {
    const held = files.length === 1 ? `“${files[0]!.name}” holds` : `${files.length} files hold`;
    return [`${held} answers of pupils: begin a pile for their sheet here, then open them again.`];
  }
  const { files: taken, told } = await takeFiles(files, () => undefined);
  return [`${taken} of ${files.length} ${files.length === 1 ? 'file' : 'files'} put on the pile.`, ...told];
}
