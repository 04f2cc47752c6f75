import { create } from 'zustand';

/** So long after it is loaded a page has come to rest: nothing it needs waits for what is kept. */
const REST_MS = 4000;

/** What changes to a newer version, once one is kept; null until then. */
export const useNewer = create<{ readonly change: (() => void) | null }>()(() => ({ change: null }));

/** Keeps the application on the device for times without a network, and tells when a newer version is there. */
export function keepOffline(): void {
  if (!('serviceWorker' in navigator)) return;
  const start = () => setTimeout(() => void register().catch(() => undefined), REST_MS);
  if (document.readyState === 'complete') start();
  else window.addEventListener('load', start, { once: true });
}

async function register(): Promise<void> {
  const registration = await navigator.serviceWorker.register('/service-worker.js');
  // What is kept should not be cleared away when the device gets full.
  void navigator.storage?.persist?.();
  const offer = (worker: ServiceWorker | null) => {
    // Where nothing was in charge before, this is the first visit and no newer version.
    if (worker && navigator.serviceWorker.controller) useNewer.setState({ change: () => takeOver(worker) });
  };
  offer(registration.waiting);
  registration.addEventListener('updatefound', () => {
    const worker = registration.installing;
    worker?.addEventListener('statechange', () => worker.state === 'installed' && offer(worker));
  });
}

/** Lets the newer version take over, and shows it. */
function takeOver(worker: ServiceWorker): void {
  navigator.serviceWorker.addEventListener('controllerchange', () => location.reload(), { once: true });
  worker.postMessage('take over');
}
