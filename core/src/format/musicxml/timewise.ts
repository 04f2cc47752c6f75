import { all, attributeOf, childrenOf, tagOf, type XmlNode } from './dom';

/** A timewise score as a partwise one: the same measures, grouped by part. */
export function partwise(nodes: readonly XmlNode[]): XmlNode[] {
  const parts = new Map<string, XmlNode[]>();
  for (const measure of all(nodes, 'measure'))
    for (const part of all(childrenOf(measure), 'part')) {
      const id = attributeOf(part, 'id') ?? '';
      const own = parts.get(id) ?? [];
      own.push({ measure: childrenOf(part), ':@': measure[':@'] });
      parts.set(id, own);
    }
  const others = nodes.filter((node) => tagOf(node) !== 'measure');
  return [...others, ...[...parts].map(([id, measures]) => ({ part: measures, ':@': { '@_id': id } }))];
}
