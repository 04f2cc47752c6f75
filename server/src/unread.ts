import type { Server } from 'node:http';
import type { Duplex } from 'node:stream';

/** The headers of an answer that no page is behind: nothing in it may be run, framed or guessed at. */
const HEADERS = [
  "Content-Security-Policy: default-src 'none'; frame-ancestors 'none'",
  'X-Content-Type-Options: nosniff',
  'X-Frame-Options: DENY',
  'Referrer-Policy: no-referrer',
  'Cache-Control: no-store',
  'Connection: close',
];

const STATUS: Readonly<Record<string, string>> = {
  HPE_HEADER_OVERFLOW: '431 Request Header Fields Too Large',
  ERR_HTTP_REQUEST_TIMEOUT: '408 Request Timeout',
};

/** Answers what cannot be read as a request at all, with the headers of every other answer. */
export function answerUnread(server: Server): void {
  server.on('clientError', (error: NodeJS.ErrnoException, socket: Duplex) => {
    if (error.code === 'ECONNRESET' || !socket.writable) return void socket.destroy();
    const body = 'This request cannot be read.';
    const lines = [
      `HTTP/1.1 ${STATUS[error.code ?? ''] ?? '400 Bad Request'}`,
      ...HEADERS,
      'Content-Type: text/plain; charset=utf-8',
      `Content-Length: ${body.length}`,
    ];
    socket.end(`${lines.join('\r\n')}\r\n\r\n${body}`);
  });
}
