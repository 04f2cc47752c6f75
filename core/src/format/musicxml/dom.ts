import { XMLParser, XMLValidator } from 'fast-xml-parser';
import { TheoryError } from '../../errors';

/** A parsed element, as XMLParser gives it with preserveOrder. */
export type XmlNode = Record<string, unknown>;

/**
 * A document's elements in order. Throws TheoryError `musicxml` for what is not well-formed, with its line.
 */
export function parseXml(text: string): XmlNode[] {
  const valid = XMLValidator.validate(text);
  if (valid !== true) {
    throw wrongFile(
      `line ${valid.err.line}`,
      `the file is not well-formed XML: ${valid.err.msg}`,
      'Export the score again as MusicXML.',
    );
  }
  const parser = new XMLParser({
    preserveOrder: true,
    ignoreAttributes: false,
    parseTagValue: false,
    // Character references too, before the ampersand: &amp;#233; stays as it was written.
    htmlEntities: true,
  });
  try {
    return parser.parse(text) as XmlNode[];
  } catch (error) {
    // Elements too deep in each other, or entities without end.
    throw wrongFile(
      'the file',
      `the XML cannot be taken apart: ${(error as Error).message}.`,
      'Export the score again as MusicXML.',
    );
  }
}

export function wrongFile(read: string, what: string, right: string): TheoryError {
  return new TheoryError('musicxml', read, what, right);
}

export function tagOf(node: XmlNode): string {
  for (const key in node) if (key !== ':@') return key;
  return '';
}

export function childrenOf(node: XmlNode): XmlNode[] {
  const value = node[tagOf(node)];
  return Array.isArray(value) ? (value as XmlNode[]) : [];
}

export function find(nodes: readonly XmlNode[], name: string): XmlNode | undefined {
  for (let at = 0; at < nodes.length; at++) if (nodes[at]![name] !== undefined) return nodes[at];
  return undefined;
}

export function all(nodes: readonly XmlNode[], name: string): XmlNode[] {
  return nodes.filter((node) => name in node);
}

export function xmlText(node: XmlNode | undefined): string {
  if (!node) return '';
  const children = childrenOf(node);
  if (children.length === 1) return String(children[0]!['#text'] ?? '').trim();
  return children
    .map((child) => String(child['#text'] ?? ''))
    .join('')
    .trim();
}

export function attributeOf(node: XmlNode, name: string): string | undefined {
  const attributes = node[':@'] as Record<string, string> | undefined;
  return attributes?.[`@_${name}`];
}

/** The number that an element holds; null where it holds none. */
export function numberIn(node: XmlNode | undefined): number | null {
  const text = xmlText(node);
  const value = Number(text);
  return text === '' || !Number.isFinite(value) ? null : value;
}
