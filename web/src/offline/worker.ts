/**
 * Keeps the application and the pupils' page on the device, so that they run without a network after one visit. A
 * page is asked for from the network first; where there is none, the kept one is shown. A newer version is kept
 * beside this one, and takes over when the page says so or when every tab is closed.
 */
import { cleanupOutdatedCaches, matchPrecache, precacheAndRoute } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';

/** What a page says: to take over, or the mark of the page that it runs, which is asked for. */
interface Said {
  readonly data: 'take over' | { readonly keeps: string };
  readonly ports: readonly MessagePort[];
}

/** What of the worker's own scope is used here; the types of pages do not know it. */
interface Scope {
  readonly addEventListener: (type: 'message', listener: (event: Said) => void) => void;
  readonly skipWaiting: () => Promise<void>;
}
declare const self: Scope;
/** What the build made: addresses with what tells one version of them from another. */
declare const __FILES__: { url: string; revision: string | null }[];

/** A server that does not answer within this time is none. */
const PATIENCE_MS = 3000;

precacheAndRoute(__FILES__);
cleanupOutdatedCaches();
registerRoute(new NavigationRoute(({ request, url }) => page(request, url)));

self.addEventListener('message', ({ data, ports: [port] }) => {
  if (data === 'take over') void self.skipWaiting();
  else port?.postMessage(__FILES__.some(({ revision }) => revision === data.keeps));
});

async function page(request: Request, url: URL): Promise<Response> {
  const late = new AbortController();
  const timer = setTimeout(() => late.abort(), PATIENCE_MS);
  try {
    return await fetch(request, { signal: late.signal });
  } catch {
    const kept = await matchPrecache(url.pathname === '/pupil' ? '/pupil' : '/');
    return kept ?? Response.error();
  } finally {
    clearTimeout(timer);
  }
}
