/** Small matters of English that all sentences share. */

export function a(words: string): string {
  return `${/^(?:[aeio]|8|11|18|u(?!nison))/.test(words) ? 'an' : 'a'} ${words}`;
}

export function cap(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

export function list(items: readonly string[]): string {
  return items.length < 2
    ? items.join('')
    : `${items.slice(0, -1).join(', ')} and ${items[items.length - 1]}`;
}

/** Accidental letters of figures as signs. */
export function glyphs(text: string): string {
  return text
    .replaceAll('##', '𝄪')
    .replaceAll('bb', '𝄫')
    .replaceAll('#', '♯')
    .replaceAll('b', '♭')
    .replaceAll('n', '♮');
}
