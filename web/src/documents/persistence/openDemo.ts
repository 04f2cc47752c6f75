import { fetchScript } from '../../fetchScript';

/** Adds the demo workbook to the list and opens it. */
export async function openDemo(): Promise<void> {
  const { addDemo } = await fetchScript(() => import('./workbooks'));
  await addDemo();
}
