/** What the package that parses ABC gives, as far as it is used here (abcjs, its tune object). */
import Parse from 'abcjs/src/parse/abc_parse.js';
import { record, list } from './loose';

export type Parsed = Readonly<Record<string, unknown>>;

/** A tune with its lines of music, and what the package did not understand. */
export interface ParsedTune {
  readonly meta: Parsed;
  readonly lines: readonly Parsed[];
  readonly warnings: readonly string[];
}

/** Parses the first tune of a text. Throws whatever the package throws. */
export function parseTune(text: string): ParsedTune {
  const parser = new Parse();
  parser.parse(text, {});
  const tune = record(parser.getTune());
  return {
    meta: record(tune['metaText']),
    lines: list(tune['lines']).map(record),
    warnings: list(parser.getWarnings()).map(String),
  };
}
