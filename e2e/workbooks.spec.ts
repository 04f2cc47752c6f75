import { editInTwoTabs } from '../scripts/odd/tabs.mjs';
import { violations } from './axe';
import { entryLine, expect, expectRow, openProgressions, saved, test, typeLine } from './fixtures';

test('two tabs of one browser: an edit is in the other within a second, and neither loses its own', async ({
  page,
  context,
  demo,
}) => {
  // Opened in the same moment of a first visit, they have the same workbook.
  const other = await context.newPage();
  await Promise.all([openProgressions(page, demo), openProgressions(other, demo)]);
  await Promise.all([saved(page), saved(other)]);
  await typeLine(page, 'I IV V7 I');
  await entryLine(page).blur();
  const began = Date.now();
  await expect(entryLine(other)).toHaveValue('I IV V7 I', { timeout: 3_000 });
  expect(Date.now() - began).toBeLessThan(1_500);
  await expectRow(other, 'Symbol', ['A', 'D', 'E7', 'A']);
  // The other tab works on another bench meanwhile; both edits stay, in both tabs and after reloading.
  await other.goto(`${demo}intervals`);
  const intervals = (tab: typeof page) => tab.getByRole('textbox', { name: /^Intervals:/ });
  await intervals(other).fill('C4 E4, D4 A4');
  await typeLine(page, 'I ii V7 I');
  await saved(other);
  await saved(page);
  await page.goto(`${demo}intervals`);
  await expect(intervals(page)).toHaveValue('C4 E4, D4 A4');
  await other.goto(`${demo}progressions`);
  await expect(entryLine(other)).toHaveValue('I ii V7 I');
  // Undoing is a tab's own: the other has no edit of the line to take back, this one has.
  await other.getByRole('textbox', { name: 'Tempo' }).fill('96');
  await other.getByRole('textbox', { name: 'Tempo' }).blur();
  await page.goto(`${demo}progressions`);
  await expect(page.getByRole('textbox', { name: 'Tempo' })).toHaveValue('96');
});

test('two tabs edited at random lose nothing, and agree in the end', async () => {
  const { written, lost, told, agree } = await editInTwoTabs({ edits: 150, seed: 11 });
  expect(written).toBeGreaterThan(150);
  expect(lost).toEqual([]);
  expect(told[0]).toBe(told[1]);
  expect(agree).toBe(true);
});

test('what two tabs did to one part is asked about in both, and either value is to be had', async ({
  page,
  context,
  demo,
}) => {
  await openProgressions(page, demo);
  await saved(page);
  const title = (tab: typeof page) => tab.getByRole('textbox', { name: 'Title' }).first();
  const now = await title(page).inputValue();
  // As the merging of two saves leaves it (web/test/tabs tries that with real saves).
  await page.evaluate(async (stands) => {
    const asked = <T>(request: IDBRequest<T>) =>
      new Promise<T>((done, failed) => {
        request.onsuccess = () => done(request.result);
        request.onerror = () => failed(request.error);
      });
    const db = await asked(indexedDB.open('diatonix'));
    const rows = (await asked(db.transaction('documents').objectStore('documents').getAll())) as {
      workbook: string;
      id: string;
      body: { title?: string } | null;
    }[];
    const { workbook, id } = rows.find(({ body }) => body?.title === stands)!;
    const clash = { workbook, document: id, path: ['title'], at: 1 };
    const values = { stands: { value: stands }, others: [{ value: 'Flood tide' }] };
    const writing = db.transaction('clashes', 'readwrite');
    writing.objectStore('clashes').put({ id: `${workbook}\n${id}\ntitle`, ...clash, ...values });
    await new Promise((done) => (writing.oncomplete = done));
    db.close();
  }, now);
  await page.reload();
  const other = await context.newPage();
  await openProgressions(other, demo);
  const note = (tab: typeof page) => tab.getByRole('region', { name: 'Changed in two tabs' });
  for (const tab of [page, other]) await expect(note(tab)).toContainText(`It is “${now}” now.`);
  expect(await violations(page)).toEqual([]);
  await note(page).getByRole('button', { name: 'Take “Flood tide”' }).click();
  for (const tab of [page, other]) {
    await expect(title(tab)).toHaveValue('Flood tide');
    await expect(note(tab)).toHaveCount(0);
  }
  await page.getByRole('button', { name: /^Undo/ }).click();
  for (const tab of [page, other]) await expect(title(tab)).toHaveValue(now);
});

test('workbooks are begun, named, copied, opened, deleted and brought back', async ({ page, demo }) => {
  await openProgressions(page, demo);
  await page.goto(`${demo}workbooks`);
  const list = page.getByRole('list', { name: 'Workbooks of this browser' });
  await expect(list.getByRole('listitem')).toHaveCount(1);
  const first = list.getByRole('textbox').first();
  const title = await first.inputValue();
  await page.getByRole('button', { name: `Copy ${title}` }).click();
  await expect(list.getByRole('listitem')).toHaveCount(2);
  await page.getByRole('button', { name: 'Begin a new workbook' }).click();
  await expect(page.getByRole('heading', { level: 1 })).not.toHaveText('Workbooks');
  await expect(page).not.toHaveURL(/workbooks/);
  await page.goto(`${demo}progressions`);
  await expect(page.getByText('Nothing stands here yet.')).toBeVisible();
  await typeLine(page, 'I V I');
  await saved(page);
  await page.goto(`${demo}workbooks`);
  await expect(list.getByRole('listitem')).toHaveCount(3);
  await list.locator('[aria-current]').getByRole('textbox').fill('Pier beginners');
  await expect(page.getByRole('button', { name: 'Open Pier beginners' })).toBeVisible();
  await page.getByRole('button', { name: `Open ${title}`, exact: true }).click();
  await expect(page).not.toHaveURL(/workbooks/);
  await page.goto(`${demo}progressions`);
  await expect(entryLine(page)).toHaveValue(/V65\/ii/);
  await page.goto(`${demo}workbooks`);
  await page.getByRole('button', { name: 'Delete Pier beginners' }).click();
  await expect(page.getByRole('button', { name: 'Open Pier beginners' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Bring back Pier beginners' }).click();
  await page.getByRole('button', { name: 'Open Pier beginners' }).click();
  await expect(page).not.toHaveURL(/workbooks/);
  await page.goto(`${demo}progressions`);
  await expect(entryLine(page)).toHaveValue('I V I');
});
