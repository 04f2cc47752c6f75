/** The pictures of docs/screenshots/: one for each main view, and what has to be done to get there. */
const select = (page, name) => page.getByRole('gridcell', { name }).first().click();

async function chooseMetre(page, metre) {
  await page.getByRole('button', { name: /^Metre/ }).click();
  await page.getByRole('menuitemradio', { name: metre, exact: true }).click();
}

async function typeLine(page, text) {
  const line = page.getByRole('textbox', { name: /^Progression: numerals/ });
  await line.fill(text);
  await line.blur();
}

/** Who comes to the class of its picture, and what they answer. */
const CLASS = [
  ['Ansa Brock', ['P8', 'P8', 'M3', 'P5']],
  ['Corin Tidewell', ['M6', 'M2', 'd5', 'm6', 'C# major, second inversion']],
  ['Dilys Marrack', ['M6', 'P5', 'M2']],
  ['Ebbe Sandholm', ['P8', 'P8', 'M3', 'P5']],
  ['Fenna Quayle', ['M6', 'M2', 'P5', 'M6']],
  ['Ivo Lantern', ['m6', 'P5']],
];

export const PICTURES = [
  { name: 'key-paper', path: '/key', prepare: (page) => select(page, 'Root: C♯') },
  {
    name: 'key-circle-board',
    path: '/key',
    scheme: 'dark',
    prepare: async (page) => {
      await page.getByRole('radio', { name: 'Circle' }).click();
      await page.getByRole('button', { name: 'By hand', exact: true }).click();
      await page.getByRole('slider').waitFor();
    },
  },
  {
    name: 'class-paper',
    path: '/class',
    ready: 'main.work',
    prepare: async (page, { server, browser }) => {
      await page.goto(server.teacher);
      await page.getByRole('main').getByRole('button', { name: 'Sheet 4' }).click();
      // Names are typed in this picture.
      await page.getByRole('radio', { name: 'Everybody' }).click();
      const code = await page.locator('.code').first().textContent();
      for (const [name, answers] of CLASS) {
        const pupil = await (await browser.newContext()).newPage();
        await pupil.goto(`${server.pupils}#${code}`);
        await pupil.getByLabel('Your name').fill(name);
        await pupil.keyboard.press('Enter');
        for (const answer of answers) {
          await pupil.getByLabel('Your answer').fill(answer);
          await pupil.keyboard.press('Enter');
        }
        await pupil.getByText('In the class.', { exact: true }).waitFor();
      }
      await page.getByRole('radio', { name: 'Pupils' }).click();
      await page.getByText('2 of 20').waitFor();
    },
  },
  { name: 'intervals-paper', path: '/intervals', prepare: (page) => select(page, 'Letters: G♯ – F𝄪') },
  {
    name: 'workbooks',
    path: '/workbooks',
    ready: 'li[aria-current]',
    prepare: async (page) => {
      await page.getByRole('button', { name: /^Copy / }).click();
      await page
        .getByRole('button', { name: /^Copy / })
        .nth(1)
        .waitFor();
    },
  },
  { name: 'chords-paper', path: '/chords', prepare: (page) => select(page, 'Inversion: first inversion') },
  {
    name: 'labels',
    path: '/progressions',
    prepare: (page) => page.getByRole('button', { name: 'Labels' }).click(),
  },
  { name: 'progressions-paper', path: '/progressions', prepare: (page) => select(page, /^measure 3,/) },
  {
    name: 'progressions-board',
    path: '/progressions',
    scheme: 'dark',
    prepare: async (page) => {
      await chooseMetre(page, '3/4');
      await typeLine(page, 'V7:1 |: I vi:1 | V65/ii ii:1 | ii65 V7:1 | I:2 V7:1 :|');
      await page.getByRole('button', { name: /^Pattern/ }).click();
      await page.getByRole('menuitemradio', { name: 'Bass, then chord' }).click();
      await page.getByRole('button', { name: 'Melody', exact: true }).click();
      await page.getByRole('menuitem', { name: 'A melody over these chords' }).click();
      await page
        .getByRole('textbox', { name: /^Melody/ })
        .fill('E4 / A4 B4 / C#5 / A#4 C#5 / B4 / F#4 G4 / G#4 / A4');
      await select(page, /^measure 2 beat 1/);
    },
  },
  {
    name: 'progressions-voices',
    path: '/progressions',
    scheme: 'dark',
    prepare: async (page) => {
      await chooseMetre(page, '4/4');
      await typeLine(page, '| A F#7 | Bm7 E7 | A B7 | E |');
      await page.getByRole('radio', { name: 'Four parts' }).click();
      await page.getByRole('group', { name: 'Voices of this column' }).waitFor();
      await select(page, 'Symbol: F♯7');
    },
  },
  {
    name: 'progressions-workback',
    path: '/progressions',
    prepare: async (page) => {
      await typeLine(page, 'I [? ?]> ii Vxyz [? ?]> I');
      await select(page, /^measure 3,/);
      await page.getByRole('textbox', { name: 'Your answer' }).fill('E7');
      await page.getByRole('button', { name: 'Show the working' }).click();
    },
  },
  {
    name: 'progressions-phone',
    path: '/progressions',
    size: { width: 390, height: 780 },
    prepare: (page) => select(page, /^measure 2,/),
  },
  {
    name: 'sheets-paper',
    path: '/sheets',
    ready: '.question svg text',
    prepare: async (page) => {
      await page.getByRole('button', { name: 'Question 2: ' }).first().click();
      await page.getByRole('button', { name: 'Answers' }).click();
    },
  },
  {
    name: 'marking-paper',
    path: '/marking',
    ready: '.answers input',
    prepare: async (page) => {
      await page.locator('nav[aria-label=Pupils] .pupil').nth(2).click();
      await page.locator('.answers input').nth(7).focus();
      await page.locator('.margin svg text').first().waitFor();
    },
  },
  {
    name: 'practice-paper',
    path: '/practice',
    now: '2026-11-26T10:00:00',
    ready: '.day .item',
    prepare: async (page) => {
      await page.locator('.day.today .item').nth(2).click();
      await page.locator('.practised .staff text').first().waitFor();
    },
  },
  { name: 'logbook-paper', path: '/logbook', ready: '.share' },
  {
    name: 'pupil-phone',
    path: '/sheets',
    size: { width: 390, height: 780 },
    ready: '.question svg text',
    prepare: async (page) => {
      await page.getByRole('button', { name: 'Other sheets' }).click();
      const [file] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('menuitem', { name: 'Save for pupils to practise, marked at once' }).click(),
      ]);
      await page.goto(new URL('/pupil', page.url()).href);
      await page.getByLabel('Open the file of the sheet').setInputFiles(await file.path());
      await page.getByLabel('Your version').selectOption('Version A');
      await page.getByLabel('Your name').fill('Dilys Marrack');
      await page.keyboard.press('Enter');
      await page.locator('.staff-room svg text').first().waitFor();
      await page.getByLabel('Your answer').fill('m7');
      await page.keyboard.press('Enter');
      await page.locator('.said p').first().waitFor();
    },
  },
  {
    name: 'scores-paper',
    path: '/scores',
    ready: '.score-system .said',
    prepare: (page) => page.getByRole('gridcell', { name: 'measure 4 beat 1, Numeral: V' }).click(),
  },
  {
    name: 'scores-board',
    path: '/scores',
    scheme: 'dark',
    ready: '.score-system .said',
    prepare: async (page) => {
      await page.getByRole('button', { name: 'Other pieces' }).click();
      await page.getByRole('menuitem', { name: 'Waltz for the Last Ferry' }).click();
      await page.getByRole('gridcell', { name: 'measure 2 beat 1, Numeral: V seven' }).click();
      await page.getByRole('tab', { name: 'Key' }).click();
    },
  },
];
