/** Practice: a plan round the keys, what is due played and ticked off, on paper and in a calendar. */
import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, saved, test } from './fixtures';
import { violations } from './axe';

const THURSDAY = '2026-11-26T10:00:00';
const day = (page: Page, name: string) => page.getByRole('region', { name, exact: true });

test('a plan is begun, a scale is played on the keyboard of the page, ticked off, and kept', async ({
  page,
  empty,
}) => {
  await page.clock.setFixedTime(THURSDAY);
  await page.goto(`${empty}practice`);
  await page.getByRole('button', { name: 'Begin a plan' }).click();
  const today = day(page, 'Thursday');
  await expect(today.getByRole('button')).toHaveText([
    'C major scaleright hand, new',
    'C major triadsright hand, new',
    'C major primary chordsright hand, new',
  ]);
  await today.getByRole('button').first().press('Enter');
  await expect(page.getByRole('heading', { name: 'C major, scale' })).toBeFocused();
  const played = page.getByRole('list', { name: 'What was played' }).getByRole('listitem');
  await expect(played).toHaveCount(8);
  // The keyboard of the page is struck with the computer keyboard: middle C, then D sharp for D.
  await page.getByRole('button', { name: /^MIDI keyboard/ }).click();
  await page.getByRole('menuitemradio', { name: 'Simulated keyboard' }).click();
  await page.locator('.keys button[tabindex="0"]').focus();
  for (const key of ['a', 'e', 'd', 'f', 'g', 'h', 'j', 'k']) await page.keyboard.press(key);
  await expect(played.first()).toHaveAccessibleName('C: right');
  await expect(played.nth(1)).toHaveAccessibleName('D: wrong');
  await expect(page.getByText('7 of 8 right.')).toBeVisible();
  await page.getByRole('button', { name: 'From the beginning' }).click();
  await page.locator('.keys button[tabindex="0"]').focus();
  for (const key of ['a', 's', 'd', 'f', 'g', 'h', 'j', 'k']) await page.keyboard.press(key);
  await expect(page.getByText('8 of 8 right.')).toBeVisible();
  await page.getByRole('group', { name: 'How it went' }).getByRole('button', { name: 'Well' }).click();
  await expect(today.getByRole('button').first()).toHaveText('C major scaleright hand, done well');
  // The next one opens by itself.
  await expect(page.getByRole('heading', { name: 'C major, triad and inversions' })).toBeFocused();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(today.getByRole('button').first()).toHaveText('C major scaleright hand, new');
  await today.getByRole('button').first().click();
  await page.getByRole('group', { name: 'How it went' }).getByRole('button', { name: 'Easily' }).click();
  await saved(page);
  await page.reload();
  await expect(today.getByRole('button').first()).toHaveText('C major scaleright hand, done easily');
  await expect(page.getByRole('heading', { name: 'C major, triad and inversions' })).not.toBeFocused();
});

test('a pupil’s trouble in the logbook becomes theory in the plan, is asked, marked and told why', async ({
  page,
  demo,
}) => {
  await page.clock.setFixedTime(THURSDAY);
  await page.goto(`${demo}practice`);
  const margin = page.getByRole('complementary');
  await expect(
    margin.getByText(/^Read in another clef, \d+ times: Note names is in the plan\.$/),
  ).toBeVisible();
  await page.getByRole('button', { name: /^Pupil/ }).click();
  await page.getByRole('menuitemradio', { name: 'The class' }).click();
  const offers = margin.getByRole('button', { name: /^Practise against/ });
  const before = await offers.count();
  expect(before).toBeGreaterThan(0);
  await offers.first().click();
  await expect(offers).toHaveCount(before - 1);
  await expect(margin.getByRole('button', { name: /^Take out/ })).toHaveCount(2);
  // Theory of a day ahead is asked as well.
  await margin.getByRole('checkbox', { name: 'primary chords' }).uncheck();
  await margin.getByRole('spinbutton', { name: 'Minutes' }).fill('60');
  await page
    .getByRole('region', { name: /day$/ })
    .getByRole('button', { name: /^Theory/ })
    .last()
    .click();
  const answer = page.getByLabel('Your answer');
  await answer.fill('herring');
  await answer.press('Enter');
  await expect(page.getByRole('button', { name: 'Write it again' })).toBeVisible();
  await page.getByRole('button', { name: 'Write it again' }).click();
  await answer.fill('B#9');
  await answer.press('Enter');
  await expect(page.getByText(/Right is /)).toBeVisible();
  await page.getByRole('button', { name: 'Next', exact: true }).click();
  await expect(page.getByText('2 of 5')).toBeVisible();
  await expect(answer).toHaveValue('');
});

test('a week goes on paper and into a calendar file; weeks are gone through', async ({ page, demo }) => {
  await page.clock.setFixedTime(THURSDAY);
  await page.goto(`${demo}practice`);
  await expect(day(page, 'Thursday').getByRole('button').first()).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Calendar file' }).click();
  const file = await download;
  expect(file.suggestedFilename()).toMatch(/\.ics$/);
  const text = readFileSync(await file.path(), 'utf8');
  expect(text.match(/BEGIN:VEVENT/g)!.length).toBeGreaterThan(4);
  expect(text).toContain('DTSTART:20261126T170000');
  await page.getByRole('button', { name: 'Week to print' }).click();
  const paper = page.getByRole('region', { name: 'Practice, Dilys Marrack' });
  await expect(paper.getByRole('heading', { level: 4 })).toHaveCount(7);
  await expect(paper).toContainText('Stop if the hand hurts');
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('button', { name: 'Back to the bench' })).toBeHidden();
  await page.emulateMedia({ media: 'screen' });
  await page.getByRole('button', { name: 'Back to the bench' }).click();
  await page.getByRole('button', { name: 'The week before' }).click();
  await expect(day(page, 'Monday')).toContainText('16 Nov');
  await expect(day(page, 'Monday').getByRole('button').first()).toContainText('done well');
  await page.getByRole('button', { name: 'Today' }).click();
  await expect(day(page, 'Monday')).toContainText('23 Nov');
});

test('both surfaces pass axe, at 1280 and 390 pixels', async ({ page, demo }) => {
  await page.clock.setFixedTime(THURSDAY);
  // The surfaces differ in their colours alone.
  for (const [scheme, width, rules] of [
    ['light', 1280, []],
    ['dark', 390, ['color-contrast']],
  ] as const) {
    await page.emulateMedia({ colorScheme: scheme });
    await page.setViewportSize({ width, height: 800 });
    await page.goto(`${demo}practice`);
    const first = day(page, 'Thursday').getByRole('button').first();
    // Today is in sight, however narrow the page.
    await expect(first).toBeInViewport();
    await first.click();
    await expect(page.locator('.practised .staff text').first()).toBeAttached();
    expect(await violations(page, rules)).toEqual([]);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
  }
});
