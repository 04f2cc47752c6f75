import type { BrowserContext } from '@playwright/test';
export function seeded(seed: number): () => number;
export function oddWorkbook(random: () => number): unknown;
export function tryOddWorkbooks(
  context: BrowserContext,
  address: string,
  options: { count: number; seed: number },
): Promise<{
  tried: number;
  opened: number;
  refused: number;
  blank: string[];
  fallen: string[];
  thrown: string[];
}>;
