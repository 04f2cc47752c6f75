export function killPupils(options: { count: number; seed: number; promised?: number }): Promise<{
  kills: number;
  due: number;
  lost: { last: string; there: string[] }[];
  missing: { question: string; text: string; came?: string }[];
}>;
