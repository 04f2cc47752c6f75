import { fetchScript } from '../../fetchScript';

/** Adds the demo workbook to the list and opens it. */
export async function openDemo(): Promise<void> {
  const { openDemo: open } = await fetchScript(() => import('./workbooks'));
  await open();
}
