import type { Browser } from '@playwright/test';
export const CHROMIUM_ARGS: string[];
export function startServer(...args: string[]): Promise<{ address: string; stop: () => void }>;
export function launch(): Promise<Browser>;
