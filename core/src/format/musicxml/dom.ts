import { XMLParser, XMLValidator } from 'fast-xml-parser';
import { TheoryError } from '../../errors';

/** A parsed element, as XMLParser gives it with preserveOrder. */
export type Node = Record<string, unknown>;

/**
 * A document's elements in order. Throws TheoryError `musicxml` for what is not well-formed, with its line.
 */
export function parseXml(text: string): Node[] {
  const valid = XMLValidator.validate(text);
  if (valid !== true) {
    throw wrong(
      `line ${valid.err.line}`,
      `the file is not well-formed XML: ${valid.err.msg}`,
      'Export the score again as MusicXML.',
    );
  }
  return new XMLParser({ preserveOrder: true, ignoreAttributes: false, parseTagValue: false }).parse(
    text,
  ) as Node[];
}

export function wrong(read: string, what: string, right: string): TheoryError {
  return new TheoryError('musicxml', read, what, right);
}

export function tagOf(node: Node): string {
  return Object.keys(node).find((key) => key !== ':@') ?? '';
}

export function childrenOf(node: Node): Node[] {
  const value = node[tagOf(node)];
  return Array.isArray(value) ? (value as Node[]) : [];
}

export function find(nodes: readonly Node[], name: string): Node | undefined {
  return nodes.find((node) => name in node);
}

export function all(nodes: readonly Node[], name: string): Node[] {
  return nodes.filter((node) => name in node);
}

export function textOf(node: Node | undefined): string {
  if (!node) return '';
  return childrenOf(node)
    .map((child) => String(child['#text'] ?? ''))
    .join('')
    .trim();
}

export function attributeOf(node: Node, name: string): string | undefined {
  const attributes = node[':@'] as Record<string, string> | undefined;
  return attributes?.[`@_${name}`];
}

export function integer(node: Node | undefined, where: string, fallback?: number): number {
  const text = textOf(node);
  if (text === '' && fallback !== undefined) return fallback;
  const value = Number(text);
  if (!Number.isInteger(value))
    throw wrong(
      text || 'nothing',
      `${where} should be a whole number.`,
      'Check the file in the program that wrote it.',
    );
  return value;
}
