export const PROMISED_MS: number;
export function killWhileTyping(
  address: string,
  options: { count: number; seed: number; promised?: number },
): Promise<{ kills: number; due: number; lost: { due: string[]; there: string[] }[] }>;
export function killBrowser(profile: string): void;
