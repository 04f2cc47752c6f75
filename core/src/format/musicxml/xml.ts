import { XMLBuilder } from 'fast-xml-parser';
import { LETTERS, type Note } from '../../pitch/note';

/** Text without the characters that XML 1.0 does not allow (section 2.2). */
function plainText(text: string): string {
  // eslint-disable-next-line no-control-regex -- these are what is taken out
  return text.replace(/[\u0000-\u0008\u000b\u000c\u000e-\u001f\ufffe\uffff]|\p{Cs}/gu, '');
}

/** An element for XMLBuilder with preserveOrder. */
export type XmlElement = Record<string, unknown>;

export function el(
  name: string,
  children: readonly (XmlElement | string | number)[] = [],
  attributes?: Record<string, string | number>,
): XmlElement {
  const node: XmlElement = {
    [name]: children.map((child) =>
      typeof child === 'object' ? child : { '#text': plainText(String(child)) },
    ),
  };
  if (attributes)
    node[':@'] = Object.fromEntries(
      Object.entries(attributes).map(([key, value]) => [`@_${key}`, String(value)]),
    );
  return node;
}

/** A whole MusicXML 4.0 document, partwise. */
export function musicXmlDocument(
  { title, source = '' }: { readonly title: string; readonly source?: string },
  parts: readonly { readonly name: string; readonly measures: readonly XmlElement[] }[],
): string {
  const root = el(
    'score-partwise',
    [
      el('work', [el('work-title', [title])]),
      el('identification', [
        el('encoding', [el('software', ['Diatonix'])]),
        ...(source === '' ? [] : [el('source', [source])]),
      ]),
      el(
        'part-list',
        parts.map(({ name }, index) => el('score-part', [el('part-name', [name])], { id: `P${index + 1}` })),
      ),
      ...parts.map(({ measures }, index) => el('part', measures, { id: `P${index + 1}` })),
    ],
    { version: '4.0' },
  );
  const builder = new XMLBuilder({
    preserveOrder: true,
    ignoreAttributes: false,
    format: true,
    suppressEmptyNode: true,
  });
  const doctype =
    '<!DOCTYPE score-partwise PUBLIC "-//Recordare//DTD MusicXML 4.0 Partwise//EN" ' +
    '"http://www.musicxml.org/dtds/partwise.dtd">';
  return `<?xml version="1.0" encoding="UTF-8"?>\n${doctype}${String(builder.build([root]))}\n`;
}

export function pitchElement(note: Note): XmlElement {
  return el('pitch', [
    el('step', [LETTERS[note.step]!]),
    ...(note.alteration === 0 ? [] : [el('alter', [note.alteration])]),
    el('octave', [note.octave]),
  ]);
}

const ACCIDENTALS: Record<number, string> = {
  [-3]: 'triple-flat',
  [-2]: 'flat-flat',
  [-1]: 'flat',
  0: 'natural',
  1: 'sharp',
  2: 'double-sharp',
  3: 'triple-sharp',
};

/** The accidental as it stands before the note. */
export function accidentalElement(note: Note): XmlElement {
  return el('accidental', [ACCIDENTALS[note.alteration]!]);
}
