/** Built files carry a hash in their name and never change; anything else is asked for again. */
export function cacheHeader(path: string): string {
  return /[\\/]assets[\\/][^\\/]+-[\w-]{8,}\.\w+$/.test(path)
    ? 'public, max-age=31536000, immutable'
    : 'no-cache';
}
