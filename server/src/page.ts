import { createHash } from 'node:crypto';
/** Placeholder that the build leaves wherever a nonce belongs. */
const NONCE_PLACEHOLDER = '__CSP_NONCE__';

/** The application's page, with the word to start empty where asked. */
export function pageFor(template: string, empty: boolean): string {
  return empty
    ? template.replace(
        '<meta name="diatonix-start" content="demo"',
        '<meta name="diatonix-start" content="empty"',
      )
    : template;
}

/** The page with a response's nonce. */
export function withNonce(page: string, nonce: string): string {
  return page.replaceAll(NONCE_PLACEHOLDER, nonce);
}

/**
 * The page with a mark of the file that it was built as: the one that the service worker knows it by, so that a page
 * can tell whether what is kept is what it runs.
 */
export function withRevision(html: string): string {
  const revision = createHash('sha256').update(html).digest('hex').slice(0, 16);
  return html.replace('<head>', `<head><meta name="diatonix-page" content="${revision}" />`);
}
