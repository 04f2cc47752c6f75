import { strFromU8, strToU8, unzipSync, zipSync, type Unzipped } from 'fflate';
import { attributeOf, childrenOf, find, parseXml, wrong } from './dom';

const CONTAINER = 'META-INF/container.xml';
const SCORE = 'score.musicxml';
const MOST_BYTES = 50_000_000;

/** A compressed MusicXML file (.mxl) of one score. */
export function packMxl(score: string): Uint8Array {
  const container = `<?xml version="1.0" encoding="UTF-8"?>\n<container><rootfiles><rootfile full-path="${SCORE}" media-type="application/vnd.recordare.musicxml+xml"/></rootfiles></container>\n`;
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
  let files: Unzipped;
  try {
    files = unzipSync(bytes, { filter: ({ originalSize }) => originalSize <= MOST_BYTES });
  } catch {
    throw wrong(
      'the file',
      'this is no readable .mxl file: it cannot be unpacked.',
      'Export the score again as MusicXML.',
    );
  }
  const container = files[CONTAINER];
  const path = container ? rootFile(strFromU8(container)) : null;
  const score = path === null ? undefined : files[path];
  if (!score)
    throw wrong(
      path ?? CONTAINER,
      'the container of this .mxl file names no score in it.',
      'Export the score again as MusicXML.',
    );
  return strFromU8(score);
}

/** MusicXML as text, whether it came compressed or plain. */
export function musicXmlText(bytes: Uint8Array): string {
  return isZip(bytes) ? unpackMxl(bytes) : new TextDecoder().decode(bytes);
}

function rootFile(text: string): string | null {
  const container = find(parseXml(text), 'container');
  const files = container && find(childrenOf(container), 'rootfiles');
  const file = files && find(childrenOf(files), 'rootfile');
  return (file && attributeOf(file, 'full-path')) ?? null;
}
