/** A drill is sung to the microphone: Chromium's own capture plays a file that is made here. */
import { writeFile } from 'node:fs/promises';
import { launch } from '../scripts/browser.mjs';
import { expect, test } from './fixtures';

const RATE = 48_000;

/** Notes after each other as a WAV file, each a plain tone with two partials, with silence between them. */
function wave(keys: readonly number[], seconds = 0.6, rest = 0.35): Buffer {
  const samples: number[] = Array.from({ length: RATE }, () => 0);
  for (const key of keys) {
    const pitch = 440 * 2 ** ((key - 69) / 12);
    for (let at = 0; at < seconds * RATE; at++) {
      const swell = Math.min(1, at / 600, (seconds * RATE - at) / 600);
      const phase = (2 * Math.PI * pitch * at) / RATE;
      samples.push(0.3 * swell * (Math.sin(phase) + 0.4 * Math.sin(2 * phase)));
    }
    for (let at = 0; at < rest * RATE; at++) samples.push(0);
  }
  const data = Buffer.alloc(44 + 2 * samples.length);
  data.write('RIFF', 0);
  data.writeUInt32LE(36 + 2 * samples.length, 4);
  data.write('WAVEfmt ', 8);
  data.writeUInt32LE(16, 16);
  data.writeUInt16LE(1, 20);
  data.writeUInt16LE(1, 22);
  data.writeUInt32LE(RATE, 24);
  data.writeUInt32LE(2 * RATE, 28);
  data.writeUInt16LE(2, 32);
  data.writeUInt16LE(16, 34);
  data.write('data', 36);
  data.writeUInt32LE(2 * samples.length, 40);
  samples.forEach((one, at) => data.writeInt16LE(Math.round(32_000 * one), 44 + 2 * at));
  return data;
}

test('a scale is sung an octave lower, note by note; one is wrong', async ({ empty }, info) => {
  const file = info.outputPath('sung.wav');
  // C major from C3 with D sharp for D; sung by somebody with a low voice.
  await writeFile(file, wave([48, 51, 52, 53, 55, 57, 59, 60]));
  const browser = await launch([
    '--use-fake-ui-for-media-stream',
    '--use-fake-device-for-media-stream',
    `--use-file-for-fake-audio-capture=${file}%noloop`,
  ]);
  try {
    const page = await browser.newPage();
    const problems: string[] = [];
    page.on('pageerror', ({ message }) => problems.push(message));
    page.on('console', (message) => message.type() === 'error' && problems.push(message.text()));
    await page.goto(`${empty}practice`);
    await page.getByRole('button', { name: 'Begin a plan' }).click();
    await page
      .getByRole('button', { name: /^C major scale/ })
      .first()
      .click();
    const played = page.getByRole('list', { name: 'What was played' }).getByRole('listitem');
    await expect(played).toHaveCount(8);
    await page.getByRole('button', { name: 'Microphone' }).click();
    await expect(page.getByText('Nothing is recorded, and nothing leaves this page.')).toBeVisible();
    await expect(page.getByText('7 of 8 right.')).toBeVisible();
    await expect(played.nth(1)).toHaveAccessibleName('D: wrong');
    await expect(played.nth(7)).toHaveAccessibleName('C: right');
    // On another bench nothing listens; back here it is opened by a press again.
    await page.getByRole('link', { name: 'Key' }).click();
    await expect(page.locator('.grid-column').first()).toBeVisible();
    await page.getByRole('link', { name: 'Practice' }).click();
    await expect(page.getByRole('button', { name: /^MIDI keyboard/ })).toHaveText('No MIDI keyboard');
    await expect(page.getByText('7 of 8 right.')).toBeVisible();
    expect(problems).toEqual([]);
  } finally {
    await browser.close();
  }
});

test('a microphone that is refused is told, and the keys stay', async ({ page, empty }) => {
  await page.goto(`${empty}practice`);
  await page.evaluate(() => {
    navigator.mediaDevices.getUserMedia = () => Promise.reject(new DOMException('no', 'NotAllowedError'));
  });
  await page.getByRole('button', { name: 'Begin a plan' }).click();
  await page
    .getByRole('button', { name: /^C major scale/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Microphone' }).click();
  await expect(page.getByRole('alert')).toContainText('The microphone was not allowed for this page');
  await expect(page.getByRole('button', { name: 'Find MIDI' })).toBeEnabled();
});
