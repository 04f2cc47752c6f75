/** A socket to this page's own server. */
export function socketTo(path: string, protocols: string[]): WebSocket {
  return new WebSocket(
    `${location.protocol === 'https:' ? 'wss:' : 'ws:'}//${location.host}${path}`,
    protocols,
  );
}
