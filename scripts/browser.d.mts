import type { Browser } from '@playwright/test';
export const CHROMIUM_ARGS: string[];
export function startServer(
  ...args: (string | { readonly root?: string; readonly port?: number })[]
): Promise<{ address: string; stop: () => void }>;
export function launch(more?: readonly string[]): Promise<Browser>;

/** A server with a class network, as it says where it is. */
export interface ClassServer {
  readonly address: string;
  readonly teacher: string;
  readonly pupils: string;
  readonly code: string;
  readonly state: string;
  readonly pid: number;
  said(): string;
  stop(signal?: NodeJS.Signals): Promise<void>;
}

export function startClass(options?: {
  readonly port?: number;
  readonly args?: readonly string[];
  /** Options of node itself. */
  readonly node?: readonly string[];
  readonly env?: Readonly<Record<string, string>>;
  /** The script that starts a server; else that of the project. */
  readonly script?: string;
}): Promise<ClassServer>;
