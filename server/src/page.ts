/** Placeholder that the build leaves wherever a nonce belongs. */
export const NONCE_PLACEHOLDER = '__CSP_NONCE__';

/** The application's page with this response's nonce, and the word to start empty where asked. */
export function pageFor(template: string, nonce: string, empty: boolean): string {
  const page = template.replaceAll(NONCE_PLACEHOLDER, nonce);
  return empty
    ? page.replace(
        '<meta name="diatonix-start" content="demo"',
        '<meta name="diatonix-start" content="empty"',
      )
    : page;
}
