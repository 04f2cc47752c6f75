/** Opens files; gives what is to be said of them in sentences. */
export type Opener = (files: readonly File[]) => Promise<readonly string[]>;

let settle: (opener: Opener) => void;
let opener = new Promise<Opener>((resolve) => (settle = resolve));

/** Says how files of any kind are opened; the frame does, which knows all benches. */
export function setOpener(next: Opener): void {
  settle(next);
  opener = Promise.resolve(next);
}

/** Opens files of any kind that is read here, each where it belongs, and goes there; waits until the frame stands. */
export const openFiles: Opener = async (files) => (files.length > 0 ? (await opener)(files) : []);

/** Endings of everything that is read, for the choice of files. */
export const READ_ENDINGS = [
  ...['.musicxml', '.xml', '.mxl', '.mid', '.midi', '.abc', '.rntxt', '.txt', '.json'],
  ...['application/json', 'audio/midi', 'text/vnd.abc', 'application/vnd.recordare.musicxml+xml'],
];
