import { printNoteName } from '../../pitch';
import type { Key } from '../../key';
import { printNumeral, ROMANTEXT, type Numeral } from '../../label';
import { labelLine } from '../../progression';
import { sameKey } from '../../key';
import type { Carried, LineFile } from '../lineFile';

/** Names of the augmented sixths in RomanText. */
const SIXTHS: Partial<Record<NonNullable<Numeral['special']>, string>> = { It: 'It6', Fr: 'Fr43', Ger: 'Ger65' };

/**
 * Writes a progression as RomanText (Tymoczko and others 2019): one chord a bar
 * of 2/4, keys where they change, `||` where a phrase ends. Rulings go as the
 * numerals they are. Chords outside what RomanText can say are told in the
 * remarks.
 */
export function writeRomanText(file: LineFile): Carried<string> {
  const remarks: string[] = [];
  const labels = labelLine(file.columns, file.key, { modulate: false });
  let key: Key | null = null;
  const lines = labels.map(({ labelled, key: own }, at) => {
    if (!labelled.ok) {
      remarks.push(`Chord ${at + 1} has no numeral and was left out: ${labelled.error.message}`);
      return `Note: bar ${at + 1} has no numeral`;
    }
    const change = key && sameKey(key, own) ? '' : `${keyText(own)}: `;
    key = own;
    const { text, remark } = numeralText(labelled.labels.numeral, own);
    if (remark) remarks.push(`Chord ${at + 1}: ${remark}`);
    return `m${at + 1} ${change}${text}${file.columns[at]!.phraseEnd ? ' ||' : ''}`;
  });
  return {
    value: [`Title: ${file.title.replace(/\s+/g, ' ')}`, 'Time Signature: 2/4', `Tempo: ${file.tempo}`, '', ...lines, ''].join('\n'),
    remarks,
  };
}

/** Capital for major, small for minor, as RomanText has it; other modes go as major or minor by their third. */
function keyText({ tonic, mode }: Key): string {
  const name = printNoteName(tonic);
  return mode === 'major' || mode === 'lydian' || mode === 'mixolydian' ? name : name.charAt(0).toLowerCase() + name.slice(1);
}

function numeralText(numeral: Numeral, key: Key): { text: string; remark: string | null } {
  if (numeral.special && SIXTHS[numeral.special] && !numeral.target) return { text: SIXTHS[numeral.special]!, remark: null };
  if (numeral.special === 'sub' || numeral.special === 'CT') {
    const plain: Numeral =
      numeral.special === 'sub' ? { ...numeral, special: null, degree: 2, alteration: -1 } : { ...numeral, special: null, degree: 2, alteration: 1 };
    return { text: spelled(plain, key), remark: 'a substitute or common-tone chord went as the plain numeral of its root.' };
  }
  return { text: spelled(numeral, key), remark: null };
}

function spelled(numeral: Numeral, key: Key): string {
  return printNumeral(numeral, key, ROMANTEXT).replaceAll('ø', '/o');
}
