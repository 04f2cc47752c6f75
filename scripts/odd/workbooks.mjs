/** Workbooks with odd values in them, and what the page makes of them: used by a test, and at length by the bench. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from '../setup.mjs';

const FROZEN = [
  'workbook-2.json',
  'workbook-4.json',
  'workbook-5.json',
  'workbook-5.json',
  'workbook-5.json',
];

// prettier-ignore
const ODD = [
  null, true, 0, -1, 1e308, 0.5, '', ' ', 'toString', '__proto__', 'constructor', '\u0000\ud800', 'x'.repeat(30_000),
  [], {}, [null], [[]], [{}], { toString: 1 }, { length: 3 }, 'C major', 'H minor', 'I', 'V7/V/V', '827/5040', '99/1',
  '1000', '3/2', '0', '4/4', '0/0', '13/7', 'C4', 'B##9', 'Cbb-1', 'four-part', 'keyboard', 'numeral', 'rest', 'sought',
  'symbol', ['C4'], ['C4', null, 'E4', 'G2'], [null, null, null, null], ['I', 'V'], { kind: 'notes', notes: [] },
  { kind: 'numeral', text: 'I' }, { kind: 'symbol', text: 'N.C.' }, { kind: 'rest', text: '' },
  { id: 'a', entry: null },
];

/** Numbers from 0 to 1, the same for the same seed. */
export function seeded(seed) {
  let state = seed >>> 0;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 4294967296;
  };
}

/** A workbook file with a few of its values turned about. */
export function oddWorkbook(random) {
  const pick = (list) => list[Math.floor(random() * list.length)];
  const file = JSON.parse(readFileSync(join(ROOT, 'web', 'test', 'frozen', pick(FROZEN)), 'utf8'));
  const places = [];
  const walk = (value, depth) => {
    if (typeof value !== 'object' || value === null) return;
    for (const name of Object.keys(value)) {
      if (depth > 1) places.push([value, name]);
      walk(value[name], depth + 1);
    }
  };
  walk(file, 0);
  const count = 1 + Math.floor(random() * 4);
  for (let at = 0; at < count; at++) {
    const [holder, name] = pick(places);
    const how = random();
    if (how < 0.1) delete holder[name];
    else if (how < 0.2) holder[pick(ODD.filter((one) => typeof one === 'string'))] = pick(ODD);
    else if (how < 0.3 && Array.isArray(holder)) holder.push(holder[name]);
    else holder[name] = pick(ODD);
  }
  return file;
}

/**
 * Gives the page odd workbooks by file and by row, and goes to every bench with each. Counts pages that went
 * blank, benches that fell into their boundary, and what was thrown and caught by nothing.
 */
export async function tryOddWorkbooks(context, address, { count, seed }) {
  const random = seeded(seed);
  const found = { tried: 0, opened: 0, refused: 0, blank: [], fallen: [], thrown: [] };
  const page = await context.newPage();
  let now = '';
  page.on('pageerror', (error) => found.thrown.push(`${error.message} ${now.slice(0, 2000)}`));
  await page.goto(`${address}key`);
  await page.getByRole('button', { name: 'Open files' }).waitFor();
  for (let at = 0; at < count; at++) {
    const workbook = oddWorkbook(random);
    now = JSON.stringify(workbook);
    found.tried++;
    if (at % 2 === 0) {
      await page
        .locator('input[type=file]')
        .first()
        .setInputFiles({
          name: `odd-${at}.json`,
          mimeType: 'application/json',
          buffer: Buffer.from(now),
        });
      // Taken in or refused: either is said.
      await page
        .getByText(/Added: “|The open workbook was not changed/)
        .first()
        .waitFor({ timeout: 10_000 });
      if (await page.getByText('The open workbook was not changed').count()) {
        found.refused++;
        await page
          .getByRole('button', { name: /^Close/ })
          .first()
          .click();
      } else found.opened++;
    } else {
      await page.evaluate(putRows, workbook);
      await page.reload();
      await page.getByRole('button', { name: 'Open files' }).waitFor();
      found.opened++;
    }
    for (const name of ['Intervals', 'Chords', 'Progressions', 'Key']) {
      const clicked = await page
        .getByRole('link', { name, exact: true })
        .click({ timeout: 5000 })
        .then(
          () => true,
          () => false,
        );
      await page
        .waitForFunction((bench) => document.title.startsWith(bench), name, { timeout: 5000 })
        .catch(() => undefined);
      const shown = await page.evaluate(() => document.getElementById('root')?.innerText ?? '');
      if (!clicked || shown.trim().length < 80) found.blank.push(`${name}: ${now.slice(0, 3000)}`);
      else if (/cannot show this/.test(shown)) found.fallen.push(`${name}: ${now.slice(0, 3000)}`);
    }
  }
  await page.close();
  return found;
}

/** Writes a workbook as rows that no check has seen, as the one opened last. */
function putRows(file) {
  return new Promise((resolve, reject) => {
    const opening = indexedDB.open('diatonix');
    opening.onerror = () => reject(opening.error);
    opening.onsuccess = () => {
      const work = opening.result.transaction(['workbooks', 'documents', 'desks'], 'readwrite');
      const id = `odd-${Math.random()}`;
      const now = Date.now() + 1_000_000;
      work.objectStore('workbooks').put({
        id,
        title: file.workbook?.title ?? null,
        openedAt: now,
        changedAt: now,
        writtenAt: null,
        stamp: 1,
        deletedAt: null,
      });
      const documents = Array.isArray(file.workbook?.documents) ? file.workbook.documents : [];
      documents.forEach((one, order) => {
        try {
          work.objectStore('documents').put({
            workbook: id,
            id: one?.id,
            kind: one?.kind,
            version: file.version,
            order,
            stamp: 1,
            tab: '',
            deleted: false,
            body: one?.body,
          });
        } catch {
          // A row without a key cannot be written by anyone.
        }
      });
      const desk = file.workbook?.desk ?? {
        key: { view: null, column: 'x' },
        progressions: [1],
        shell: null,
      };
      work.objectStore('desks').put({ workbook: id, desk });
      work.oncomplete = () => (opening.result.close(), resolve());
      work.onerror = () => reject(work.error);
    };
  });
}
