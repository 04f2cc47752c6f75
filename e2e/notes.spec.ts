import { expect, expectRow, openProgressions, rowTexts, saved, test } from './fixtures';
import type { Page } from '@playwright/test';

const line = (page: Page) => page.getByRole('textbox', { name: /^Intervals: two notes/ });
const staff = (page: Page) => page.getByRole('slider', { name: 'Staff: choose a note' });
const keys = (page: Page) => page.getByRole('group', { name: 'Keyboard' });

async function openIntervals(page: Page, address: string): Promise<void> {
  await page.goto(`${address}intervals`);
  await line(page).fill('');
  await page.getByRole('button', { name: 'By hand', exact: true }).click();
  await expect(staff(page)).toBeVisible();
}

test('an interval is put on the staff with the mouse', async ({ page, demo }) => {
  await openIntervals(page, demo);
  const box = (await staff(page).boundingBox())!;
  // The staff's top line lies 46 pixels down, a step is 5: the second line is G4, the third space C5.
  await staff(page).click({ position: { x: box.width - 30, y: 46 + 30 } });
  await expect(page.getByText('Put the second note.')).toBeVisible();
  await page.getByRole('radio', { name: 'Natural' }).click();
  await staff(page).click({ position: { x: box.width - 30, y: 46 + 15 } });
  await expect(line(page)).toHaveValue('G#4 C5');
});

test('an interval is put on the staff from the keyboard', async ({ page, demo }) => {
  await openIntervals(page, demo);
  await staff(page).focus();
  for (const key of ['ArrowDown', 'ArrowDown', 'ArrowDown', 'Enter']) await page.keyboard.press(key);
  for (const key of ['d', '-', 'Enter']) await page.keyboard.press(key);
  await expect(line(page)).toHaveValue('F#4 D4');
  await expect(staff(page)).toHaveAttribute('aria-valuetext', /^D/);
});

test('letters on the grid enter notes, as the signature has them', async ({ page, demo }) => {
  await page.goto(`${demo}intervals`);
  await page.getByRole('gridcell', { name: 'Letters: A – G♯' }).click();
  await page.keyboard.press('g');
  await expect(page.getByText('G#4, and what note to it? Type its letter.')).toBeVisible();
  await page.keyboard.press('b');
  await expect.poll(async () => (await rowTexts(page, 'Letters')).at(-1)).toBe('G♯ – B');
  await page.keyboard.press('Control+z');
  await expect.poll(async () => (await rowTexts(page, 'Letters')).length).toBe(6);
});

test('the keyboard of the screen plays with the pointer and from the keyboard', async ({ page, demo }) => {
  await openIntervals(page, demo);
  await keys(page).getByRole('button', { name: 'E 4', exact: true }).click();
  await keys(page).getByRole('button', { name: 'A sharp 4', exact: true }).focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
  await expect(line(page)).toHaveValue('E4 B4');
});

test('a chord follows the keys that are struck, with the half steps counted between them', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo}chords`);
  await page.getByRole('button', { name: 'By hand', exact: true }).click();
  await expect(keys(page).locator('.gap')).toHaveText(['4', '3', '3']);
  // Taking the seventh away leaves the triad.
  await keys(page).locator('[data-midi="76"]').click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('F♯');
  await expect(keys(page).locator('.gap')).toHaveText(['4', '3']);
  await saved(page);
  await page.reload();
  await expect(keys(page)).toBeVisible();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('F♯');
});

test('the simulated MIDI keyboard plays chords from the keys of the computer', async ({ page, demo }) => {
  await page.goto(`${demo}chords`);
  await page.getByRole('button', { name: 'By hand', exact: true }).click();
  await page.getByRole('button', { name: /^MIDI keyboard/ }).click();
  await page.getByRole('menuitemradio', { name: 'Simulated keyboard' }).click();
  await keys(page).locator('[data-midi="60"]').focus();
  // Held together: C4, E flat 4, G4.
  for (const key of ['a', 'e', 'g']) await page.keyboard.down(key);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Cm');
  for (const key of ['a', 'e', 'g']) await page.keyboard.up(key);
  for (const key of ['s', 'f', 'h']) await page.keyboard.down(key);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Dm');
  for (const key of ['s', 'f', 'h']) await page.keyboard.up(key);
});

test('a MIDI keyboard that is plugged in plays intervals; without one the page says what to do', async ({
  page,
  demo,
}) => {
  await page.addInitScript(() => {
    const inputs = new Map<string, EventTarget & { id: string; name: string }>();
    const plugged = window.location.search === '?plugged';
    if (plugged) inputs.set('k1', Object.assign(new EventTarget(), { id: 'k1', name: 'Desk keyboard' }));
    Object.defineProperty(navigator, 'requestMIDIAccess', { value: () => Promise.resolve({ inputs }) });
    Object.assign(window, {
      strike: (...bytes: number[]) =>
        inputs
          .get('k1')!
          .dispatchEvent(Object.assign(new Event('midimessage'), { data: new Uint8Array(bytes) })),
    });
  });
  await openIntervals(page, demo);
  await page.getByRole('button', { name: 'Find MIDI' }).click();
  await expect(page.getByRole('alert')).toHaveText(/No MIDI keyboard was found/);
  await page.goto(`${demo}intervals?plugged`);
  await page.getByRole('button', { name: 'Find MIDI' }).click();
  await expect(page.getByRole('button', { name: 'MIDI keyboard: Desk keyboard' })).toBeVisible();
  await line(page).fill('');
  await page.evaluate(() => {
    const { strike } = window as unknown as { strike: (...bytes: number[]) => void };
    strike(0xf8);
    strike(0x90, 64, 90);
    strike(0x90, 64, 0);
    strike(0x95, 73, 70);
    strike(0x85, 73, 0);
  });
  // The clock of the device is passed over; a note on without velocity is a note off.
  await expectRow(page, 'Letters', ['E – C♯']);
});

test('notes gathered by hand become a column of the progression; a note becomes the tonic of the key', async ({
  page,
  demo,
}) => {
  await openProgressions(page, demo);
  await page.getByRole('button', { name: 'By hand', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Put the chord' })).toBeDisabled();
  for (const midi of [57, 61, 64, 67]) await keys(page).locator(`[data-midi="${midi}"]`).click();
  await page.getByRole('button', { name: 'Put the chord' }).click();
  await expect.poll(() => rowTexts(page, 'Symbol')).toContain('A7');
  await page.getByRole('link', { name: 'Key' }).click();
  await expect(page.getByRole('heading', { name: 'A major', level: 1 })).toBeVisible();
  await keys(page).locator('[data-midi="63"]').click();
  await expect(page.getByRole('heading', { name: 'E♭ major', level: 1 })).toBeVisible();
});
