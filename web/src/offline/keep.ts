import { create } from 'zustand';
import { arePages } from './arePages';

/** So long after it is loaded a page has come to rest: nothing it needs waits for what is kept. */
const REST_MS = 4000;

/** What changes to a newer version, once one is kept; null until then. */
export const useNewer = create<{ readonly change: (() => void) | null }>()(() => ({ change: null }));

/** Keeps the application on the device for times without a network, and tells when a newer version is there. */
export function keepOffline(): void {
  if (arePages() || !('serviceWorker' in navigator)) return;
  const start = () => setTimeout(() => void register().catch(() => undefined), REST_MS);
  if (document.readyState === 'complete') start();
  else window.addEventListener('load', start, { once: true });
}

async function register(): Promise<void> {
  const registration = await navigator.serviceWorker.register('/service-worker.js');
  // What is kept should not be cleared away when the device gets full.
  void navigator.storage?.persist?.();
  const offer = async (worker: ServiceWorker | null) => {
    // Where nothing was in charge before, this is the first visit and no newer version.
    if (!worker || !navigator.serviceWorker.controller) return;
    // A page that was loaded since runs the newer version already: that is only kept from now on.
    if (await keepsThisPage(worker)) worker.postMessage('take over');
    else useNewer.setState({ change: () => takeOver(worker) });
  };
  void offer(registration.waiting);
  registration.addEventListener('updatefound', () => {
    const worker = registration.installing;
    worker?.addEventListener('statechange', () => worker.state === 'installed' && void offer(worker));
  });
}

/** A worker that does not say what it keeps for so long keeps something else. */
const ANSWER_MS = 2000;

/** Whether a worker keeps the page that is running now, by the mark that the server put into it. */
function keepsThisPage(worker: ServiceWorker): Promise<boolean> {
  const revision = document.querySelector('meta[name="diatonix-page"]')?.getAttribute('content');
  if (!revision) return Promise.resolve(false);
  const { port1, port2 } = new MessageChannel();
  return new Promise((resolve) => {
    const late = setTimeout(() => resolve(false), ANSWER_MS);
    port1.onmessage = ({ data }) => {
      clearTimeout(late);
      resolve(data === true);
    };
    worker.postMessage({ keeps: revision }, [port2]);
  });
}

/** Lets the newer version take over, and shows it. */
function takeOver(worker: ServiceWorker): void {
  navigator.serviceWorker.addEventListener('controllerchange', () => location.reload(), { once: true });
  worker.postMessage('take over');
}
