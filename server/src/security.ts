import type Koa from 'koa';
import helmet from 'koa-helmet';
import { randomBytes } from 'node:crypto';

const HOST = /^[\w.:[\]-]+$/;

/** The sockets of a page's own host. */
const socketsOf = (host: string, isSecret: boolean) =>
  HOST.test(host) ? `${isSecret ? 'wss' : 'ws'}://${host}` : "'self'";

/**
 * Security headers for every response. Scripts, workers, sounds and requests
 * come from this server only; styles need the nonce of the page; fonts may be
 * carried inside the notation code as data. `nonceHeld` gives the nonce of a page that the browser has already.
 */
export function security(
  nonceHeld: (context: Koa.Context) => string | null,
  isClass: boolean,
): Koa.Middleware {
  const headers = helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'none'"],
        scriptSrc: ["'self'"],
        styleSrc: [
          "'self'",
          (_request, response) => `'nonce-${(response as unknown as { nonce: string }).nonce}'`,
        ],
        imgSrc: ["'self'", 'data:', 'blob:'],
        fontSrc: ["'self'", 'data:'],
        // Older browsers do not count the socket of a page's own server to it.
        connectSrc: isClass
          ? ["'self'", ({ headers, socket }) => socketsOf(headers.host ?? '', 'encrypted' in socket)]
          : ["'self'"],
        workerSrc: ["'self'"],
        mediaSrc: ["'self'"],
        manifestSrc: ["'self'"],
        baseUri: ["'none'"],
        formAction: ["'none'"],
        frameAncestors: ["'none'"],
      },
    },
    // The server speaks plain HTTP on localhost; asking for HTTPS would lock it out.
    strictTransportSecurity: false,
    referrerPolicy: { policy: 'no-referrer' },
  });
  return async (context, next) => {
    const nonce = nonceHeld(context) ?? randomBytes(16).toString('base64');
    context.state['nonce'] = nonce;
    (context.res as unknown as { nonce: string }).nonce = nonce;
    // The microphone is for our own pages, after they have asked; nothing else is wanted.
    context.set('Permissions-Policy', 'microphone=(self), camera=(), geolocation=()');
    await headers(context, next);
  };
}
