import { createHash } from 'node:crypto';

/** Built files carry a hash in their name and never change; anything else is asked for again. */
export function cacheHeader(path: string): string {
  return /[\\/]assets[\\/][^\\/]+-[\w-]{8,}\.\w+$/.test(path)
    ? 'public, max-age=31536000, immutable'
    : 'no-cache';
}

/** What tells one page from another: its text, and the nonce that it was given. */
export function pageTag(template: string, nonce: string): string {
  return `"${createHash('sha256').update(template).digest('hex').slice(0, 16)}-${nonce}"`;
}

/**
 * The nonce of the page that a browser says it has, where it is this very page: it is told again that
 * nothing changed, and its styles go on to carry that nonce. Null for any other.
 */
export function pageNonce(noneMatch: string, template: string): string | null {
  const nonce = /^(?:W\/)?"[0-9a-f]{16}-([A-Za-z0-9+/]{22}==)"$/.exec(noneMatch)?.[1];
  return nonce !== undefined && noneMatch.endsWith(pageTag(template, nonce)) ? nonce : null;
}
