import { create } from 'zustand';
import { readSetting, writeSetting } from '../workbook/database';

export type Theme = 'system' | 'paper' | 'board';

interface Appearance {
  readonly theme: Theme;
  readonly boardSize: boolean;
}

/** The surface and the size of type: kept on the device, not in the workbook. */
export const useAppearance = create<Appearance>()(() => ({ theme: 'system', boardSize: false }));

export function setTheme(theme: Theme): void {
  useAppearance.setState({ theme });
  remember();
}

export function toggleBoardSize(): void {
  useAppearance.setState({ boardSize: !useAppearance.getState().boardSize });
  remember();
}

/** Which surface is showing now, the system's preference included. */
export function shownTheme(theme: Theme): 'paper' | 'board' {
  if (theme !== 'system') return theme;
  return window.matchMedia('(prefers-color-scheme: dark)').matches ? 'board' : 'paper';
}

function apply({ theme, boardSize }: Appearance): void {
  const root = document.documentElement;
  if (theme === 'system') delete root.dataset['theme'];
  else root.dataset['theme'] = theme;
  if (boardSize) root.dataset['size'] = 'board';
  else delete root.dataset['size'];
}

function remember(): void {
  // Without storage the choice lasts as long as the page.
  void writeSetting('appearance', useAppearance.getState()).catch(() => undefined);
}

/** Restores the choice and keeps the page in step with it. */
export async function startAppearance(): Promise<void> {
  useAppearance.subscribe(apply);
  const saved = await readSetting<Appearance>('appearance').catch(() => undefined);
  if (saved) useAppearance.setState({ theme: saved.theme, boardSize: saved.boardSize === true });
}
