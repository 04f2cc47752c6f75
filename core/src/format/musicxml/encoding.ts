import { wrongFile } from './dom';

/** So far at the beginning the declaration of an encoding is looked for. */
const DECLARATION = 200;

/**
 * The text of an XML file in the encoding that its first bytes or its declaration say (XML 1.0, appendix F):
 * UTF-8 where nothing is said. Throws TheoryError `musicxml` for an encoding that is not known.
 */
export function textOfBytes(bytes: Uint8Array): string {
  const [a, b] = bytes;
  if ((a === 0xff && b === 0xfe) || (a === 0x3c && b === 0)) return new TextDecoder('utf-16le').decode(bytes);
  if ((a === 0xfe && b === 0xff) || (a === 0 && b === 0x3c)) return new TextDecoder('utf-16be').decode(bytes);
  const start = new TextDecoder('latin1').decode(bytes.subarray(0, DECLARATION));
  const said = /^[^<]*<\?xml[^>]*encoding\s*=\s*["']([^"']+)["']/.exec(start)?.[1];
  // What declares sixteen bits and has eight has been converted without its declaration.
  const name = said === undefined || /^utf-?16/i.test(said) ? 'utf-8' : said;
  try {
    return new TextDecoder(name).decode(bytes);
  } catch {
    throw wrongFile(name, 'this encoding is not known.', 'Save the score in UTF-8.');
  }
}
