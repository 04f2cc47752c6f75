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
