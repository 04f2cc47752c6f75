/** @jest-environment <rootDir>/web/test/components/page.mjs */
/** The Practice bench as it stands on the page: the week, the plan in the margin, drills and theory. */
import { act, cleanup, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { planNow, PRACTICE_DESK } from '../../src/benches/practice/desk';
import { DrillView } from '../../src/benches/practice/Drill';
import { PracticeBench } from '../../src/benches/practice/PracticeBench';
import { addPlan, setPlan, setWhom } from '../../src/benches/practice/state';
import { Theory } from '../../src/benches/practice/Theory';
import { chooseFrom } from './chooseFrom';
import { showDemo, showEmpty } from '../demo';

const show = () =>
  render(
    <MemoryRouter>
      <PracticeBench />
    </MemoryRouter>,
  );
const body = () => planNow()!.body;
const items = () => within(screen.getByRole('group', { name: 'The week' })).getAllByRole('button');

beforeEach(() => {
  showEmpty();
  PRACTICE_DESK.set({ open: null, day: null, item: null, printing: false });
});
afterEach(cleanup);

test('the empty bench says what a plan is and begins one', async () => {
  const user = userEvent.setup();
  show();
  expect(screen.getByText(/goes round the keys/)).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Begin a plan' }));
  expect(items().length).toBeGreaterThan(2);
  expect(screen.getByRole('textbox', { name: 'Title of the plan' })).toBeTruthy();
});

test('the margin makes the plan: drills, keys, modes, minutes, pauses', async () => {
  const user = userEvent.setup();
  addPlan();
  show();
  await user.click(screen.getByRole('checkbox', { name: 'dominant seventh and inversions' }));
  expect(body().drills).toEqual(['scale', 'triads', 'primary', 'sevenths', 'arpeggio']);
  await user.click(screen.getByRole('checkbox', { name: 'scale' }));
  expect(body().drills).not.toContain('scale');
  await chooseFrom(user, 'Keys', 'Flats first');
  await chooseFrom(user, 'Mode', 'Minor');
  await chooseFrom(user, 'Minor', 'melodic');
  await chooseFrom(user, 'Pause', 'none');
  expect(body()).toMatchObject({ order: 'flats', modes: 'minor', form: 'melodic', pause: 0 });
  const minutes = screen.getByRole('spinbutton', { name: /Minutes/ });
  await user.clear(minutes);
  await user.type(minutes, '35');
  expect(body().minutes).toBe(35);
});

test('a plan without anything in it says so', () => {
  addPlan();
  setPlan({ drills: [] });
  show();
  expect(screen.getByRole('alert').textContent).toMatch(/nothing in the plan yet/);
});

test('an item is opened, its keyboard shows what comes next, and it is ticked off', async () => {
  const user = userEvent.setup();
  addPlan();
  show();
  await user.click(items()[0]!);
  const practised = screen.getByRole('region', { name: 'C major, scale' });
  expect(within(practised).getByRole('list', { name: 'What was played' }).children).toHaveLength(8);
  expect(within(practised).getByText(/Stop if the hand hurts/)).toBeTruthy();
  await user.click(within(practised).getByRole('button', { name: 'Well' }));
  expect(body().ticks).toMatchObject([{ item: 'scale C major', grade: 'good' }]);
  expect(items()[0]!.textContent).toContain('done well');
});

test('theory is added, asked, and taken out', async () => {
  const user = userEvent.setup();
  addPlan();
  setPlan({ drills: ['scale'], minutes: 60 });
  show();
  await chooseFrom(user, 'Add theory', 'Name the interval');
  expect(body().theory).toEqual([{ kind: 'interval-name', material: {} }]);
  await user.click(items().find(({ textContent }) => textContent?.startsWith('Theory'))!);
  expect(screen.getByRole('textbox', { name: 'Your answer' })).toBeTruthy();
  await user.click(screen.getByRole('button', { name: 'Take out Name the interval' }));
  expect(body().theory).toEqual([]);
});

test('what went wrong for a pupil is offered with how often; for the class more is, and added once', async () => {
  const user = userEvent.setup();
  showDemo();
  show();
  expect(screen.getByText(/^Read in another clef, \d+ times/).textContent).toContain('is in the plan');
  act(() => setWhom('tuesday', null));
  const offers = () => screen.getAllByRole('button', { name: /^Practise against/ });
  const [before, many] = [body().theory.length, offers().length];
  expect(many).toBeGreaterThan(1);
  await user.click(offers()[0]!);
  expect(body().theory).toHaveLength(before + 1);
  expect(offers()).toHaveLength(many - 1);
});

describe('a drill', () => {
  const keys = () => screen.getAllByRole('listitem');
  const strike = (user: ReturnType<typeof userEvent.setup>, midi: number) =>
    user.pointer({ keys: '[MouseLeft]', target: document.querySelector(`[data-midi="${midi}"]`)! });

  test('is checked note by note, a wrong one with its cause', async () => {
    const user = userEvent.setup();
    render(<DrillView id="scale G major" hands="right" />);
    // G A B C D E, then F for F sharp, and G.
    for (const midi of [55, 57, 59, 60, 62, 64, 65, 67]) await strike(user, midi);
    expect(keys().map((one) => one.className)).toEqual(
      [...'rrrrrr'].map(() => 'right').concat('wrong', 'right'),
    );
    expect(screen.getByText('7 of 8 right. Once more, slower.')).toBeTruthy();
  });

  test('tells at once why a key was wrong, and begins again', async () => {
    const user = userEvent.setup();
    render(<DrillView id="scale F major" hands="right" />);
    for (const midi of [65, 67, 69, 71]) await strike(user, midi);
    expect(screen.getByText(/B♭4 was wanted\./).textContent).toContain('ignature');
    await user.click(screen.getByRole('button', { name: 'From the beginning' }));
    expect(keys().every((one) => one.className !== 'right')).toBe(true);
    expect(keys()[0]!.className).toBe('next');
  });

  test('a chord waits until all its keys are down, in any order', async () => {
    const user = userEvent.setup();
    render(<DrillView id="triads C major" hands="right" />);
    await strike(user, 67);
    await strike(user, 60);
    expect(keys()[0]!.className).toBe('next');
    await strike(user, 64);
    expect(keys()[0]!.className).toBe('right');
  });

  test('marks the next keys, but not where nothing is to be looked at', () => {
    const pressed = () => document.querySelectorAll('[data-midi][aria-pressed="true"]').length;
    const { unmount } = render(<DrillView id="triads C major" hands="together" />);
    expect(pressed()).toBe(6);
    unmount();
    render(<DrillView id="triads C major" hands="unseen" />);
    expect(pressed()).toBe(0);
    expect(screen.getByText(/not at the hands/)).toBeTruthy();
  });
});

describe('theory', () => {
  const answer = () => screen.getByRole<HTMLInputElement>('textbox', { name: 'Your answer' });

  test('five questions, marked one by one, the count at the end', async () => {
    const user = userEvent.setup();
    render(<Theory item={{ kind: 'signature-name', material: { keys: ['D major'] } }} seed={4} />);
    for (let at = 0; at < 5; at++) {
      await user.type(answer(), at === 2 ? 'G major{Enter}' : 'D major{Enter}');
      expect(screen.getByRole('status').textContent).toMatch(at === 2 ? /Right is D major/ : /^Right\.$/);
      await user.click(screen.getByRole('button', { name: 'Next' }));
    }
    expect(screen.getByRole('status').textContent).toBe('4 of 5 right. Tick it off below.');
  });

  test('what cannot be read is no answer yet', async () => {
    const user = userEvent.setup();
    render(<Theory item={{ kind: 'interval-name', material: {} }} seed={4} />);
    await user.type(answer(), 'herring{Enter}');
    expect(screen.queryByRole('button', { name: 'Next' })).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Write it again' }));
    expect(answer().value).toBe('herring');
  });

  test('material that admits no question is told', () => {
    render(
      <Theory item={{ kind: 'numeral-build', material: { numerals: ['ii'], untaught: ['ii'] } }} seed={4} />,
    );
    expect(screen.getByRole('alert').textContent).toMatch(/admits no question/);
  });
});
