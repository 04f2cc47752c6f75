/** Files of any kind are opened in one way: chosen, dropped or pasted, several at once, each where it belongs. */
import { writeMidi } from 'midi-file';
import type { Page } from '@playwright/test';
import { entryLine, expect, openProgressions, test } from './fixtures';

const TUNE = 'X:1\nT:Tune on the Jetty\nM:4/4\nL:1/4\nK:G\n"G"G A B c|"D7"d c B A|"G"G4|]\n';
const LINE =
  'Composer: nobody\nTitle: Harbour Steps\nTime Signature: 4/4\n\nm1 b1 G: I b3 IV\nm2 b1 V b3 I\n';

/** Drops files on the page, as a hand does. */
async function drop(page: Page, files: readonly { name: string; text: string }[]): Promise<void> {
  const data = await page.evaluateHandle((all) => {
    const transfer = new DataTransfer();
    for (const { name, text } of all) transfer.items.add(new File([text], name));
    return transfer;
  }, files);
  await page.dispatchEvent('#work', 'dragover', { dataTransfer: data });
  await page.dispatchEvent('#work', 'drop', { dataTransfer: data });
}

test('a tune that is dropped on another bench opens on Scores, a line on Progressions, both at once too', async ({
  page,
  demo,
}) => {
  await page.goto(`${demo}key`);
  await page.waitForLoadState('networkidle');
  await drop(page, [{ name: 'jetty.abc', text: TUNE }]);
  await expect(page).toHaveURL(/scores/);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Tune on the Jetty');
  await drop(page, [{ name: 'steps.rntxt', text: LINE }]);
  await expect(page).toHaveURL(/progressions/);
  await expect(entryLine(page)).toHaveValue(/I.*IV.*V.*I/);
  await drop(page, [
    { name: 'steps.rntxt', text: LINE },
    { name: 'jetty.abc', text: TUNE },
    { name: 'notes.pdf', text: '%PDF-1.7' },
  ]);
  await expect(page).toHaveURL(/scores/);
  await expect(page.getByRole('alert')).toContainText('“notes.pdf”: this is a PDF');
  await expect(page.getByRole('alert')).toContainText('Read are MusicXML, MIDI, ABC and RomanText');
  // Names that meet are numbered.
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Tune on the Jetty (2)');
  await page.getByRole('button', { name: 'Close the message' }).click();
  await expect(page.getByRole('alert')).toHaveCount(0);
});

test('MIDI that is chosen on Progressions opens on Scores; answers go to the pile', async ({
  page,
  demo,
}) => {
  await openProgressions(page, demo);
  const choose = async (name: string, buffer: Buffer) => {
    const waiting = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Import score' }).click();
    await (await waiting).setFiles({ name, mimeType: 'application/octet-stream', buffer });
  };
  const answers = '{"pupil":"Maro Quill","code":"H4NZ-A","answers":{"1.1":"m6"}}';
  await choose('maro.json', Buffer.from(answers));
  await expect(page).toHaveURL(/marking/);
  await expect(page.getByRole('alert').first()).toContainText(/maro|pile/);
  await page.getByRole('link', { name: 'Progressions' }).click();
  const note = (type: 'noteOn' | 'noteOff', deltaTime: number) =>
    ({ type, deltaTime, channel: 0, noteNumber: 60, velocity: 64 }) as const;
  const midi = writeMidi({
    header: { format: 0, numTracks: 1, ticksPerBeat: 480 },
    tracks: [[note('noteOn', 0), note('noteOff', 1920), { type: 'endOfTrack', deltaTime: 0, meta: true }]],
  });
  await choose('bell.mid', Buffer.from(midi));
  await expect(page).toHaveURL(/scores/);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('bell');
});

test('what is pasted beside fields opens as the file that it is', async ({ page, demo }) => {
  await page.goto(`${demo}key`);
  await page.waitForLoadState('networkidle');
  await page.evaluate((text) => {
    const data = new DataTransfer();
    data.setData('text/plain', text);
    document.body.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true }));
  }, TUNE);
  await expect(page).toHaveURL(/scores/);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Tune on the Jetty');
});
