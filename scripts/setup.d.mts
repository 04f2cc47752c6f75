export const ROOT: string;
export function ensureChromium(): string;
