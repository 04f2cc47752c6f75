import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';

/** A file that is kept on the device; a name with a hash in it needs no revision. */
export interface KeptFile {
  readonly url: string;
  readonly revision: string | null;
}

const HASHED = /-[\w-]{8,}\.\w+$/;
const PAGES: Readonly<Record<string, string>> = { 'index.html': '/', 'pupil.html': '/pupil' };

/** What the build made, as the service worker keeps it: every file but the packed copies, and itself. */
export function keptFiles(folder: string): KeptFile[] {
  return readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && !/\.(?:br|gz|map)$|^service-worker\.js$/.test(entry.name))
    .map((entry) => {
      const path = join(entry.parentPath, entry.name);
      const name = relative(folder, path).replaceAll('\\', '/');
      const revision = HASHED.test(name)
        ? null
        : createHash('sha256').update(readFileSync(path)).digest('hex').slice(0, 16);
      return { url: PAGES[name] ?? `/${name}`, revision };
    })
    .sort((a, b) => (a.url < b.url ? -1 : 1));
}
