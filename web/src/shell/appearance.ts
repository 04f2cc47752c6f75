import { isFirstVisit } from '../documents/persistence/firstVisit';
import { useAppearance, type Appearance, type Theme } from '../design/appearance';
import { fetchScript } from '../fetchScript';
import { withStorageTimeout } from '../documents/persistence/storageTimeout';

export function setTheme(theme: Theme): void {
  useAppearance.setState({ theme });
  remember();
}

export function toggleBoardSize(): void {
  useAppearance.setState({ boardSize: !useAppearance.getState().boardSize });
  remember();
}

export function setKeyListKey(keyListKey: boolean): void {
  useAppearance.setState({ keyListKey });
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

const fetchDatabase = () => fetchScript(() => import('../documents/persistence/database'));

function remember(): void {
  // Without storage the choice lasts as long as the page.
  void fetchDatabase()
    .then(({ writeSetting }) => writeSetting('appearance', useAppearance.getState()))
    .catch(() => undefined);
}

/** Restores the choice and keeps the page in step with it. */
export async function startAppearance(): Promise<void> {
  useAppearance.subscribe(apply);
  if (await isFirstVisit()) return;
  const saved = await withStorageTimeout(
    fetchDatabase().then(({ readSetting }) => readSetting<Appearance>('appearance')),
  ).catch(() => undefined);
  if (typeof saved !== 'object' || saved === null) return;
  const { theme, boardSize, keyListKey } = saved;
  useAppearance.setState({
    theme: theme === 'paper' || theme === 'board' ? theme : 'system',
    boardSize: boardSize === true,
    keyListKey: keyListKey !== false,
  });
}
