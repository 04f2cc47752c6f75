import Koa from 'koa';
import serve from 'koa-static';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { cacheHeader } from './caching';
import { pageFor } from './page';
import { security } from './security';

export interface AppOptions {
  /** Folder of the built application. */
  readonly root: string;
  /** Tells the application to start without the demo workbook. */
  readonly empty: boolean;
}

/** The web server: security headers, the built files, and one page for every route of the application. */
export function createApp({ root, empty }: AppOptions): Koa {
  const template = readFileSync(join(root, 'index.html'), 'utf8');
  const app = new Koa();
  app.use(security());
  app.use(async (context, next) => {
    if (context.path === '/' || context.path === '/index.html') return page(context, template, empty);
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
    // Single-page fallback: routes have no dot; a missing file is a plain 404.
    if ((context.method === 'GET' || context.method === 'HEAD') && !/\.[a-z0-9]+$/i.test(context.path))
      page(context, template, empty);
  });
  return app;
}

function page(context: Koa.Context, template: string, empty: boolean): void {
  context.type = 'html';
  context.set('Cache-Control', 'no-store');
  context.body = pageFor(template, context.state['nonce'] as string, empty);
}
