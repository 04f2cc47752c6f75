/** A lesson over the class network: two pupils and a teacher, each in a browser of their own. */
import { readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { answer, bench, expect, isTooWide, keptOf, row, scan, test, view } from './classPages';
import { saved } from './fixtures';

test('join, work, drop out, come back, hand in, marked, handed back, in the logbook once, and forgotten', async ({
  lesson,
}) => {
  test.slow();
  const teacher = await lesson.newPage();
  const code = await lesson.lead(teacher, /^Sheet 4/);
  await scan(teacher);
  const una = await lesson.newPage();
  const bram = await lesson.newPage({ viewport: { width: 390, height: 800 } });
  await lesson.join(una, code, 'Quenby Weir');
  await lesson.join(bram, code, 'Bram Tolley');
  await expect(una.getByText('Quenby Weir, version A.')).toBeVisible();
  await expect(bram.getByText('Bram Tolley, version B.')).toBeVisible();
  await scan(bram);
  expect(await isTooWide(bram)).toBe(false);

  // Nothing by which an answer could be found has come to a pupil.
  const kept = () => keptOf(una);
  await expect.poll(kept).toContain('diatonix-pupils-sheet');
  expect(await kept()).not.toMatch(/"(?:answers": ?\[|seed|difficulty|right)/);

  await answer(una, 'P8');
  await answer(una, 'herring-of-quenby');
  await answer(bram, 'm2');
  await view(teacher, 'Pupils');
  await expect(row(teacher, 'Quenby Weir')).toContainText('2 of 20');
  await expect(row(teacher, 'Quenby Weir')).toContainText('at work');
  await expect(row(teacher, 'Bram Tolley')).toContainText('1 of 20');
  expect(await lesson.memory()).toContain('Quenby Weir');

  // A pupil drops out and goes on writing; the server is killed and started again; the teacher's page is loaded anew.
  await bram.close();
  await expect(row(teacher, 'Bram Tolley')).toContainText('dropped out');
  await lesson.server.stop('SIGKILL');
  await expect(una.getByText('The class cannot be reached now.')).toBeVisible();
  await answer(una, 'M3');
  await expect(una.getByText('3 of 20 answered')).toBeVisible();
  await expect(teacher.getByText('The server cannot be reached.')).toBeVisible();
  await lesson.startAgain();
  await expect(row(teacher, 'Quenby Weir')).toContainText('3 of 20');
  await teacher.reload();
  await una.reload();
  await expect(una.getByText('3 of 20 answered')).toBeVisible();
  await expect(row(teacher, 'Quenby Weir')).toContainText('3 of 20');
  const back = await bram.context().newPage();
  await back.goto(lesson.server.pupils);
  await expect(back.getByText('In the class.')).toBeVisible();
  await expect(back.getByText('1 of 20 answered')).toBeVisible();
  await expect(row(teacher, 'Bram Tolley')).toContainText('at work');
  // Nobody comes in under a name that is there.
  const other = await lesson.newPage();
  await other.goto(`${lesson.server.pupils}#${code}`);
  await other.getByLabel('Your name').fill('quenby weir');
  await other.getByRole('button', { name: 'Join' }).click();
  await expect(other.getByRole('alert')).toContainText('under this name already');

  await una.getByRole('button', { name: 'Hand in', exact: true }).click();
  await expect(una.getByText('Handed in.')).toBeVisible();
  await expect(row(teacher, 'Quenby Weir')).toContainText('handed in');

  await teacher.getByRole('button', { name: 'Hand back marks' }).click();
  await expect(una.getByRole('heading', { name: /^Handed back: / })).toBeVisible();
  await expect(una.getByText('you wrote herring-of-quenby')).toBeVisible();
  await expect(una.getByText('17 questions were left open.')).toBeVisible();
  await expect(back.getByRole('heading', { name: /^Handed back: / })).toBeVisible();
  await expect(una.locator('article').getByLabel('Your answer')).toHaveAttribute('readonly', '');

  // On the pile each answer stands once, and the logbook has it.
  await saved(teacher);
  const entries = await teacher.evaluate(async () => {
    const database = await new Promise<IDBDatabase>((done) => {
      const request = indexedDB.open('diatonix');
      request.onsuccess = () => done(request.result);
    });
    const rows = await new Promise<{ kind: string; body: { date: string; entries: { answer: string }[] } }[]>(
      (done) => {
        const request = database.transaction('documents').objectStore('documents').getAll();
        request.onsuccess = () => done(request.result as never);
      },
    );
    return rows
      .filter(({ kind }) => kind === 'pile')
      .flatMap(({ body }) => body.entries.map(({ answer }) => answer))
      .filter((one) => one === 'herring-of-quenby' || one === 'M3');
  });
  expect(entries.filter((one) => one === 'herring-of-quenby')).toHaveLength(1);
  await bench(teacher, 'Logbook');
  await expect(teacher.getByRole('main').getByText('Quenby Weir').first()).toBeVisible();

  await bench(teacher, 'Class');
  await teacher.getByRole('button', { name: 'End the class' }).click();
  await teacher.getByRole('button', { name: 'End it' }).click();
  await expect(una.getByText('The class is over.')).toBeVisible();
  await expect(teacher.getByText('Which sheet does it do now?')).toBeVisible();
  // Of names and work nothing is left on the server, in memory or on its disk.
  const left = await lesson.memory();
  expect(left).toContain('class-token');
  for (const word of ['Quenby', 'Tolley', 'herring-of-quenby']) expect(left.includes(word)).toBe(false);
  expect(readdirSync(lesson.server.state)).toEqual(['class-token']);
  expect(statSync(join(lesson.server.state, 'class-token')).mode & 0o077).toBe(0);
  const said = lesson.server.said();
  expect(said).toContain('nothing of it is kept here');
  expect(said).not.toMatch(/Quenby|Tolley|herring/);
});

test('pupils choose their name from the class list; one that is not there waits, and is found a place', async ({
  lesson,
}) => {
  const teacher = await lesson.newPage();
  const code = await lesson.lead(teacher, /^Sheet 4/, 'The class list');
  await expect(teacher.getByText('Choose your name from the list.')).toBeVisible();
  const pupil = await lesson.newPage({ viewport: { width: 390, height: 800 } });
  await pupil.goto(`${lesson.server.pupils}#${code}`);
  const names = pupil.getByLabel('Who you are');
  await expect(names).toBeVisible();
  const [first, second] = (await names.locator('option').allTextContents()).slice(1);
  await scan(pupil);
  expect(await isTooWide(pupil)).toBe(false);
  await names.selectOption(first!);
  await pupil.getByRole('button', { name: 'Join' }).click();
  await expect(pupil.getByText(`${first}, version`)).toBeVisible();

  const other = await lesson.newPage();
  await other.goto(`${lesson.server.pupils}#${code}`);
  await expect(other.getByLabel('Who you are').locator('option')).not.toContainText([first!]);
  await other.getByLabel('Who you are').selectOption('My name is not here');
  await other.getByLabel('Your name').fill('Somebody');
  await other.getByRole('button', { name: 'Join' }).click();
  await expect(other.getByText('Your teacher is asked to let you in.')).toBeVisible();
  await teacher.getByRole('button', { name: /^Somebody is/ }).click();
  await teacher.getByRole('menuitemradio', { name: second!, exact: true }).click();
  await expect(other.getByText(`${second}, version`)).toBeVisible();
  await view(teacher, 'Pupils');
  await expect(row(teacher, first!)).toContainText('at work');
  await expect(row(teacher, second!)).toContainText('at work');
});

test('who has no token leads no class, and without a class network nobody is asked to join', async ({
  lesson,
  demo,
}) => {
  const page = await lesson.newPage();
  await page.goto(`${lesson.server.address}class`);
  await expect(page.getByText('npm start -- --class')).toBeVisible();
  await page.goto(`${lesson.server.address}class#${'a'.repeat(43)}`);
  await page.reload();
  await page
    .getByRole('main')
    .getByRole('button', { name: /^Sheet 4/ })
    .click();
  await expect(page.getByText('The server cannot be reached.')).toBeVisible();
  await page.goto(`${demo}pupil`);
  await expect(page.getByLabel('Open the file of the sheet')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Join your class' })).toHaveCount(0);
});
