/** Verovio 6.3.0, an independent reader of MusicXML. */
export interface Toolkit {
  loadData(data: string): boolean;
  getMEI(): string;
  destroy?(): void;
}

/** Its toolkit. The one-file build says when its WebAssembly has started. */
export async function verovio(): Promise<Toolkit> {
  // eslint-disable-next-line @typescript-eslint/no-require-imports
  const package_ = require('verovio') as {
    module: { onRuntimeInitialized: () => void };
    toolkit: new () => Toolkit;
  };
  await new Promise<void>((resolve) => (package_.module.onRuntimeInitialized = resolve));
  return new package_.toolkit();
}
