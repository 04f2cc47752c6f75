/** Plain accidental letters of labels (b # n, doubled) as real signs. Letters inside words stay. */
export function accidentalSigns(text: string): string {
  return text
    .replace(/bb(?=\d|$)/g, '𝄫')
    .replace(/##/g, '𝄪')
    .replace(/b(?=\d|$)|(?<![a-z])b(?=[IViv])/g, '♭')
    .replaceAll('#', '♯')
    .replace(/n(?=\d|$)/g, '♮');
}

const SPOKEN: Record<string, string> = {
  '♭': ' flat',
  '♯': ' sharp',
  '♮': ' natural',
  '𝄫': ' double flat',
  '𝄪': ' double sharp',
};

/** Signs read out as words, for screen readers: `F♯7` becomes `F sharp 7`. */
export function spoken(text: string): string {
  return text
    .replace(/[♭♯♮]|𝄫|𝄪/gu, (sign) => `${SPOKEN[sign] ?? sign} `)
    .replace(/\s+/g, ' ')
    .trim();
}
