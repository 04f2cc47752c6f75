export function editInTwoTabs(options: { edits: number; seed: number }): Promise<{
  written: number;
  told: number[];
  lost: string[];
  agree: boolean;
}>;
