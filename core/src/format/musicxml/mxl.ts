import { strToU8, unzipSync, zipSync } from 'fflate';
import { LIMITS } from '../../limits';
import { textOfBytes } from './encoding';
import { attributeOf, childrenOf, find, parseXml, wrongFile } from './dom';

const CONTAINER = 'META-INF/container.xml';
const SCORE = 'score.musicxml';
const SCORE_TYPE = 'application/vnd.recordare.musicxml+xml';

/** A compressed MusicXML file (.mxl) of one score. */
export function packMxl(score: string): Uint8Array {
  const rootfile = `<rootfile full-path="${SCORE}" media-type="${SCORE_TYPE}"/>`;
  const head = '<?xml version="1.0" encoding="UTF-8"?>';
  const container = `${head}\n<container><rootfiles>${rootfile}</rootfiles></container>\n`;
  return zipSync({
    mimetype: [strToU8('application/vnd.recordare.musicxml'), { level: 0 }],
    [CONTAINER]: strToU8(container),
    [SCORE]: strToU8(score),
  });
}

/** Whether bytes begin as a zip file does. */
export function isZip(bytes: Uint8Array): boolean {
  return bytes[0] === 0x50 && bytes[1] === 0x4b && bytes[2] === 3 && bytes[3] === 4;
}

/** The score in a compressed MusicXML file, as its container names it. Throws TheoryError `musicxml`. */
export function unpackMxl(bytes: Uint8Array): string {
  const container = memberOf(bytes, CONTAINER);
  const path = container ? rootFile(textOfBytes(container)) : null;
  const score = path === null ? undefined : memberOf(bytes, path);
  if (!score)
    throw wrongFile(
      path ?? CONTAINER,
      'the container of this .mxl file names no score in it.',
      'Export the score again as MusicXML.',
    );
  return textOfBytes(score);
}

/** One member of the archive; the others are not unpacked. */
function memberOf(bytes: Uint8Array, path: string): Uint8Array | undefined {
  try {
    const files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => name === path && originalSize <= LIMITS.scoreFile,
    });
    return Object.hasOwn(files, path) ? files[path] : undefined;
  } catch {
    throw wrongFile(
      'the file',
      'this is not a readable .mxl file: it cannot be unpacked.',
      'Export the score again as MusicXML.',
    );
  }
}

/** MusicXML as text, whether it came compressed or plain. */
export function musicXmlText(bytes: Uint8Array): string {
  if (isZip(bytes)) return unpackMxl(bytes);
  if (bytes.length > LIMITS.scoreFile)
    throw wrongFile('the file', 'the score is larger than 50 MB.', 'Read a part of it.');
  return textOfBytes(bytes);
}

/** Whether chords in MusicXML carry numerals, as those of a line do. */
export function holdsNumerals(bytes: Uint8Array): boolean {
  return /<function[\s>]/.test(musicXmlText(bytes));
}

function rootFile(text: string): string | null {
  const container = find(parseXml(text), 'container');
  const files = container && find(childrenOf(container), 'rootfiles');
  const file = files && find(childrenOf(files), 'rootfile');
  return (file && attributeOf(file, 'full-path')) ?? null;
}
