/** Browsers killed while someone types: what was typed longer ago than promised has to be there afterwards. */
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { CHROMIUM_ARGS } from '../browser.mjs';
import { ensureChromium } from '../setup.mjs';
import { seeded } from './workbooks.mjs';

/** An edit is on disk so long after it was made. */
export const PROMISED_MS = 150;

const CHORDS = ['I', 'ii6', 'V7', 'vi', 'IV', 'V65', 'viio6', 'iii'];

/**
 * Types chords at random speeds and kills the browser at a random moment, `count` times. Gives how many edits
 * were due, and those that were lost, each with what was typed and what was there. Due is what was typed so many
 * milliseconds ago: `promised` is more than what is promised on a machine that does other things beside.
 */
export async function killWhileTyping(address, { count, seed, promised = PROMISED_MS }) {
  const random = seeded(seed);
  const found = { kills: 0, due: 0, lost: [] };
  for (let at = 0; at < count; at++) {
    const profile = mkdtempSync(join(tmpdir(), 'diatonix-kill-'));
    const open = () =>
      chromium.launchPersistentContext(profile, { executablePath: ensureChromium(), args: CHROMIUM_ARGS });
    let context = await open();
    let line = await lineOf(context, address);
    // On a first visit what keeps the work comes a moment after the page, and says when it is there.
    await context.pages()[0].getByText('Saved on this device').waitFor();
    const typed = [];
    await line.fill('');
    await line.focus();
    const end = Date.now() + promised + 50 + random() * 900;
    while (Date.now() < end) {
      const text = `${CHORDS[Math.floor(random() * CHORDS.length)]} `;
      for (const sign of text) await context.pages()[0].keyboard.press(sign === ' ' ? 'Space' : sign);
      typed.push({ text, at: Date.now() });
      await new Promise((resolve) => setTimeout(resolve, random() * 120));
    }
    const killed = Date.now();
    killBrowser(profile);
    found.kills++;
    await context.close().catch(() => undefined);
    const due = typed.filter((one) => one.at <= killed - promised).map(({ text }) => text.trim());
    found.due += due.length;
    context = await open();
    line = await lineOf(context, address);
    const there = (await line.inputValue()).trim().split(/\s+/).filter(Boolean);
    if (due.some((text, index) => there[index] !== text)) found.lost.push({ due, there });
    await context.close();
    rmSync(profile, { recursive: true, force: true });
  }
  return found;
}

async function lineOf(context, address) {
  const page = context.pages()[0] ?? (await context.newPage());
  await page.goto(`${address}progressions`);
  const line = page.getByRole('textbox', { name: /^Progression: numerals/ });
  await line.waitFor();
  return line;
}

/** Ends every process of the browser with that profile at once, as a power cut would. */
export function killBrowser(profile) {
  try {
    execFileSync('pkill', ['-9', '-f', `user-data-dir=${profile}`]);
  } catch {
    // It was gone already.
  }
}
