import Koa from 'koa';
import serve from 'koa-static';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { cacheHeader, pageNonce, pageTag } from './caching';
import { CLASS_STATE } from './class/protocol';
import { pageFor, withNonce, withRevision } from './page';
import { PUPILS_FILE, PUPILS_ROUTE, ROUTES } from './routes';
import { security } from './security';

export interface AppOptions {
  /** Folder of the built application. */
  readonly root: string;
  /** Tells the application to start without the demo workbook. */
  readonly empty: boolean;
  /** Whether there is a class network. */
  readonly isClass?: boolean;
}

/** What a client that went away in the middle leaves behind. */
const GONE = new Set(['ECONNRESET', 'EPIPE', 'ECONNABORTED', 'ERR_STREAM_PREMATURE_CLOSE']);

/** The web server: security headers, the built files, and one page for every route of the application. */
export function createApp({ root, empty, isClass = false }: AppOptions): Koa {
  const read = (name: string) => withRevision(readFileSync(join(root, name), 'utf8'));
  const template = pageFor(read('index.html'), empty);
  const pupils = read('pupil.html');
  const isPupils = (path: string) => path === PUPILS_ROUTE || path === PUPILS_FILE;
  const pageAt = (path: string) => (isPupils(path) ? pupils : template);
  const app = new Koa();
  app.on('error', (error: NodeJS.ErrnoException) => {
    if (!GONE.has(error.code ?? '')) console.error(error);
  });
  app.use(security((context) => pageNonce(context.get('If-None-Match'), pageAt(context.path)), isClass));
  app.use(wrongs);
  app.use((context, next) => {
    if (context.path === CLASS_STATE) {
      context.set('Cache-Control', 'no-store');
      context.body = { class: isClass };
      return;
    }
    if (['/', '/index.html', PUPILS_ROUTE, PUPILS_FILE, ...ROUTES].includes(context.path))
      return page(context, pageAt(context.path));
    return next();
  });
  app.use(
    serve(root, {
      index: false,
      setHeaders: (response, path) =>
        void response.setHeader('Cache-Control', cacheHeader(path.replace(/\.(?:br|gz)$/, ''))),
    }),
  );
  app.use((context) => {
    // A missing file is a plain 404; what may be an address of the application is one with the page.
    if (/\.[a-z0-9]+$/i.test(context.path)) return;
    page(context, template);
    context.status = 404;
  });
  return app;
}

/** Only reading is answered, and an error keeps the headers of every answer. */
async function wrongs(context: Koa.Context, next: Koa.Next): Promise<void> {
  if (context.method !== 'GET' && context.method !== 'HEAD') {
    context.status = 405;
    context.set('Allow', 'GET, HEAD');
    context.body = 'Only GET and HEAD are answered here.';
    return;
  }
  try {
    await next();
  } catch (error) {
    const { status = 500 } = error as { status?: number };
    if (status >= 500) context.app.emit('error', error, context);
    context.status = status;
    context.body = status >= 500 ? 'The server could not answer this.' : 'This address cannot be read.';
  }
}

function page(context: Koa.Context, template: string): void {
  const nonce = context.state['nonce'] as string;
  context.set('Cache-Control', 'no-cache');
  context.set('ETag', pageTag(template, nonce));
  context.status = 200;
  if (context.fresh && pageNonce(context.get('If-None-Match'), template) !== null) {
    context.status = 304;
    return;
  }
  context.type = 'html';
  context.body = withNonce(template, nonce);
}
