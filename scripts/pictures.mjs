/** The pictures of docs/screenshots/: one for each main view, and what has to be done to get there. */
const select = (page, name) => page.getByRole('gridcell', { name }).first().click();

export const PICTURES = [
  { name: 'key-paper', path: '/key', prepare: (page) => select(page, 'Root: C♯') },
  {
    name: 'key-minor-board',
    path: '/key',
    scheme: 'dark',
    prepare: async (page) => {
      await page.getByRole('button', { name: /^Choose key/ }).click();
      await page.getByRole('button', { name: 'C minor', exact: true }).click();
      await page.getByRole('radio', { name: 'Sevenths' }).click();
      await select(page, 'Root: G');
    },
  },
  { name: 'progressions-paper', path: '/progressions', prepare: (page) => select(page, /^bar 3,/) },
  {
    name: 'progressions-board',
    path: '/progressions',
    scheme: 'dark',
    prepare: async (page) => {
      await select(page, /^bar 5,/);
      await page.getByRole('tab', { name: 'Figures' }).click();
    },
  },
  {
    name: 'progressions-errors',
    path: '/progressions',
    prepare: async (page) => {
      await page.getByRole('textbox', { name: /^Progression: numerals/ }).fill('I vi V65/ii ii Vxyz V7 I');
      await select(page, /^bar 5,/);
    },
  },
  { name: 'progressions-phone', path: '/progressions', size: { width: 390, height: 780 }, prepare: (page) => select(page, /^bar 2,/) },
];
