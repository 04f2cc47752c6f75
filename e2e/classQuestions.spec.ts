/** In a class: questions to everybody, one answer on the board, time, and several tabs of one person. */
import { answer, bench, expect, isTooWide, row, scan, scanDark, test, view } from './classPages';

test('a question to the class from any bench, one answer on the board without its name, time, and two tabs', async ({
  lesson,
}) => {
  test.slow();
  const teacher = await lesson.newPage();
  const code = await lesson.lead(teacher, /^No sheet/);
  const una = await lesson.newPage();
  await lesson.join(una, code, 'Quenby Weir');
  await expect(una.getByText('Wait for a question')).toBeVisible();

  // Two presses on each bench that has columns.
  const asked = una.getByRole('article', { name: 'Your teacher asks' });
  for (const [name, what] of [
    ['Key', 'Its numeral'],
    ['Intervals', 'Its name'],
    ['Progressions', 'Its numeral'],
    ['Scores', 'Its numeral'],
    ['Chords', 'Its name'],
  ] as const) {
    await bench(teacher, name);
    await teacher.getByRole('button', { name: 'Ask the class' }).click();
    await teacher.getByRole('menuitem', { name: what, exact: true }).click();
    await expect(asked.locator('svg text').first()).toBeAttached();
    // What would say the answer is covered where the class can see it.
    const work = teacher.getByRole('main');
    await expect(
      work.getByRole('region', { name: 'The class is asked' }).locator('svg text').first(),
    ).toBeVisible();
    await expect(work.getByRole('grid')).toHaveCount(0);
    await expect(teacher.getByRole('complementary', { name: 'Working' })).toHaveCount(0);
    if (name === 'Chords') break;
    await work.getByRole('button', { name: 'End the question' }).click();
    await expect(asked).toHaveCount(0);
  }
  const panel = teacher.getByRole('region', { name: 'The class is asked' });
  await expect(panel).toContainText('0 of 1 has answered');
  await asked.getByLabel('Your answer').fill('C minor');
  await una.keyboard.press('Enter');
  await expect(una.getByText('Sent.', { exact: true })).toBeVisible();
  await expect(panel).toContainText('1 of 1 has answered');
  await expect(panel.getByRole('row', { name: 'C minor 1' })).toBeAttached();
  await scan(teacher);
  await scan(una);
  await scanDark(una);
  await panel.getByRole('button', { name: 'Show what is right' }).click();
  await expect(panel.getByRole('row', { name: /C minor 1 wrong/ })).toBeAttached();
  await panel.getByRole('button', { name: 'Show the bench' }).click();
  await expect(teacher.getByRole('complementary', { name: 'Working' })).toBeVisible();
  await panel.getByRole('button', { name: 'End the question' }).click();
  await expect(asked).toHaveCount(0);

  // Another tab of the same pupil takes the place; the first says so and can have it back.
  const second = await una.context().newPage();
  await second.goto(lesson.server.pupils);
  await expect(second.getByText('In the class.')).toBeVisible();
  await expect(una.getByText('You are in the class in another tab.')).toBeVisible();
  await una.getByRole('button', { name: 'Go on here' }).click();
  await expect(una.getByText('In the class.')).toBeVisible();
  await expect(second.getByText('You are in the class in another tab.')).toBeVisible();

  // And so does another tab of the teacher.
  const desk = await teacher.context().newPage();
  await desk.goto(`${lesson.server.address}class`);
  await desk.getByRole('button', { name: 'Lead it from here' }).click();
  await view(desk, 'Pupils');
  await expect(row(desk, 'Quenby Weir')).toContainText('at work');
  await bench(teacher, 'Class');
  await expect(teacher.getByText('This class is led from another tab now.')).toBeVisible();
  await desk.getByRole('button', { name: 'End the class' }).click();
  await desk.getByRole('button', { name: 'End it' }).click();
  await expect(una.getByText('The class is over.')).toBeVisible();
  await una.getByRole('button', { name: 'Leave the class' }).click();
  await expect(una.getByRole('heading', { name: 'Join your class' })).toBeVisible();

  // With a sheet: the wrong answer that two have given goes on the board, without a name; work ends, and goes on.
  await desk
    .getByRole('main')
    .getByRole('button', { name: /^Sheet 4/ })
    .click();
  await view(desk, 'Everybody');
  const next = (await desk.locator('.code').first().textContent())!;
  expect(next).not.toBe(code);
  await lesson.join(una, next, 'Quenby Weir');
  const bram = await lesson.newPage();
  await lesson.join(bram, next, 'Bram Tolley');
  await answer(una, 'm6');
  await answer(bram, 'd6');
  await view(desk, 'Questions');
  await expect(desk.getByText('holds the class up')).toBeVisible();
  await desk.getByRole('button', { name: 'Put m6 to question 1.1 on the board' }).click();
  const board = desk.getByRole('region', { name: 'On the board' });
  await expect(board).toContainText('m6');
  await expect(board.locator('svg text').first()).toBeAttached();
  await expect(desk.getByRole('main')).not.toContainText('Quenby');
  await board.getByRole('button', { name: 'Show what is right' }).click();
  await expect(board).toContainText('P8');
  await scan(desk);
  await scanDark(desk);
  await board.getByRole('button', { name: 'Off the board' }).click();

  await desk.getByRole('button', { name: 'End work now' }).click();
  await expect(una.getByText('Work has ended')).toBeVisible();
  await expect(una.getByLabel('Your answer')).toHaveAttribute('readonly', '');
  await desk.getByRole('button', { name: '5 more minutes' }).click();
  await expect(una.getByText('5 minutes are left.')).toBeVisible();
  await answer(una, 'P4');
  await view(desk, 'Pupils');
  await expect(row(desk, 'Quenby Weir')).toContainText('2 of 20');
  await desk.setViewportSize({ width: 390, height: 800 });
  await scan(desk);
  expect(await isTooWide(desk)).toBe(false);
});
