import type { ComponentType } from 'react';
import type { DocumentKind } from '../documents/store/document';

/** A command of the list: its name, and what it does. `go` shows a page of the application. */
export interface Command {
  readonly name: string;
  readonly run: (go: (path: string) => void) => void;
}

/** A key, and what it does on a bench. */
export type KeyHelp = readonly [keys: string, use: string];

/**
 * What a bench tells the frame: adding one is a folder with such an index, and a line in the register. The
 * frame knows nothing else of it.
 */
export interface Bench {
  readonly name: string;
  readonly path: string;
  readonly title: string;
  readonly load: () => Promise<ComponentType>;
  /** Kinds of document that it edits: undo on this bench is theirs. */
  readonly kinds: readonly DocumentKind[];
  /** Documents of those kinds that are open now. */
  readonly open: () => readonly string[];
  readonly keys: readonly KeyHelp[];
  readonly commands: readonly Command[];
}
