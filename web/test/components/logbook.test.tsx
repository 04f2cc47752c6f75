/** @jest-environment <rootDir>/web/test/components/page.mjs */
/** The Logbook as it stands on the page: the grid, charts with their tables, lessons, pupils. */
import { act, cleanup, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { PRACTICE_DESK } from '../../src/benches/practice/desk';
import { LOGBOOK_DESK, LOGBOOK_VIEWS, type LogbookView } from '../../src/benches/logbook/desk';
import { LogbookBench } from '../../src/benches/logbook/LogbookBench';
import { CLASS_DESK } from '../../src/documents/store/openClass';
import { documentsOf } from '../../src/documents/store/select';
import { useDocuments } from '../../src/documents/store/store';
import { documentsNow, showDemo } from '../demo';

const show = (view: LogbookView) => {
  LOGBOOK_DESK.set({ view, pupil: null });
  return render(
    <MemoryRouter>
      <LogbookBench />
    </MemoryRouter>,
  );
};
const open = () => documentsOf(documentsNow(), 'class').find(({ id }) => id === 'tuesday')!.body;
const pupils = () => open().pupils ?? [];

beforeEach(() => {
  showDemo();
  CLASS_DESK.set({ open: 'tuesday' });
});
afterEach(cleanup);

test('by skill every pupil has a row, every kind a column, and figures beside the circles', () => {
  show('skills');
  const table = screen.getByRole('table');
  const rows = within(table).getAllByRole('row');
  for (const { name } of pupils()) expect(within(table).getByRole('rowheader', { name })).toBeTruthy();
  expect(rows.length).toBeGreaterThan(pupils().length);
  expect(table.textContent).toMatch(/\d/);
  expect(within(table).getAllByRole('columnheader').length).toBeGreaterThan(4);
});

test('over time the chart has its table, of the class or of one pupil', () => {
  const { unmount } = show('time');
  const table = screen.getByRole('table');
  expect(within(table).getAllByRole('row').length).toBe(4);
  unmount();
  LOGBOOK_DESK.set({ view: 'time', pupil: 'Dilys Marrack' });
  render(
    <MemoryRouter>
      <LogbookBench />
    </MemoryRouter>,
  );
  expect(screen.getByRole('table').textContent).toContain('Dilys Marrack');
});

test('over time one exercise can be looked at alone', () => {
  LOGBOOK_DESK.set({ skill: 'note-name' });
  const { unmount } = show('time');
  expect(screen.getByRole('heading', { level: 2 }).textContent).toMatch(/, note names$/);
  expect(screen.getByRole('button', { name: 'Exercise: Note names' })).not.toBeNull();
  // It was asked on the first of three sheets.
  const cells = within(screen.getByRole('table')).getAllByRole('row').slice(1);
  expect(cells.map((row) => /\d+ ?%/.test(row.textContent ?? ''))).toEqual([true, false, false]);
  unmount();
  LOGBOOK_DESK.set({ skill: null });
});

test('mistakes stand by how often they were made, each one press from a sheet', async () => {
  const user = userEvent.setup();
  show('causes');
  const counts = within(screen.getByRole('table'))
    .getAllByRole('row')
    .slice(1)
    .map((row) => Number(/\d+/.exec(within(row).getAllByRole('cell')[0]!.textContent ?? '')?.[0]));
  expect(counts.length).toBeGreaterThan(2);
  expect([...counts].sort((a, b) => b - a)).toEqual(counts);
  const sections = () =>
    documentsOf(useDocuments.getState().documents, 'sheet').reduce(
      (sum, { body }) => sum + body.sections.length,
      0,
    );
  const before = sections();
  await user.click(screen.getAllByRole('button', { name: /sheet/i })[0]!);
  expect(sections()).toBe(before + 1);
});

test('a lesson is added, written, and removed', async () => {
  const user = userEvent.setup();
  show('lessons');
  const before = open().lessons?.length ?? 0;
  await user.click(screen.getByRole('button', { name: /Today/ }));
  expect(open().lessons).toHaveLength(before + 1);
  const added = open().lessons!.at(-1)!;
  const field = screen.getAllByRole<HTMLInputElement>('textbox', { name: /Taught/i })[0]!;
  await user.type(field, 'Sevenths');
  expect(open().lessons!.find(({ id }) => id === added.id)!.taught).toBe('Sevenths');
  await user.click(screen.getAllByRole('button', { name: /Remove/ })[0]!);
  expect(open().lessons).toHaveLength(before);
});

test('what is taught is a toggle for each degree', async () => {
  const user = userEvent.setup();
  show('lessons');
  expect(open().notYetTaught.major).toEqual([3, 7]);
  const degree = screen.getByRole('button', { name: 'iii in major taught' });
  await user.click(degree);
  expect(open().notYetTaught.major).toEqual([7]);
  await user.click(degree);
  expect(open().notYetTaught.major).toEqual([3, 7]);
});

test('pupils are added by name, once each, and noted', async () => {
  const user = userEvent.setup();
  show('pupils');
  const before = pupils().length;
  await user.type(screen.getByRole('textbox', { name: /name on each line/ }), 'Ansa Brock\nTamsin Reef');
  await user.click(screen.getByRole('button', { name: 'Add' }));
  expect(pupils()).toHaveLength(before + 1);
  const notes = screen.getAllByRole<HTMLInputElement>('textbox', { name: /note/i });
  await user.type(notes.at(-1)!, 'plays the viola');
  expect(pupils().at(-1)!.note).toBe('plays the viola');
});

test.each(LOGBOOK_VIEWS)('%s of a class without piles says what is missing, or what can be done', (view) => {
  CLASS_DESK.set({ open: 'beginners' });
  show(view);
  expect(document.body.textContent).toMatch(
    view === 'lessons' || view === 'pupils' ? /Today’s lesson|name on each line/ : /Nothing of this class/,
  );
});

test('another class stands beside, kind by kind', async () => {
  show('skills');
  expect(screen.queryByRole('rowheader', { name: 'Harbour beginners' })).toBeNull();
  cleanup();
  // The second class answered one of the sheets too.
  const pile = documentsOf(documentsNow(), 'pile')[0]!;
  useDocuments.setState(({ documents }) => ({
    documents: {
      ...documents,
      other: { ...pile, id: 'other', body: { ...pile.body, classId: 'beginners' } },
    },
  }));
  LOGBOOK_DESK.set({ beside: 'beginners' });
  show('skills');
  const row = screen.getByRole('rowheader', { name: 'Harbour beginners' }).closest('tr')!;
  const own = screen.getByRole('rowheader', { name: 'The class' }).closest('tr')!;
  expect(within(row).getAllByRole('cell')).toHaveLength(within(own).getAllByRole('cell').length);
  expect(
    within(row)
      .getAllByRole('cell')
      .filter(({ textContent }) => /%/.test(textContent ?? '')),
  ).toHaveLength(2);
  LOGBOOK_DESK.set({ beside: null });
});

test('a pupil’s first mistake becomes a plan, and comes into it once', async () => {
  const user = userEvent.setup();
  LOGBOOK_DESK.set({ view: 'causes', pupil: 'Corin Tidewell' });
  render(
    <MemoryRouter>
      <LogbookBench />
    </MemoryRouter>,
  );
  const plans = () =>
    documentsOf(documentsNow(), 'plan').filter(({ body }) => body.pupil === 'Corin Tidewell');
  expect(plans()).toEqual([]);
  await user.click(screen.getByRole('button', { name: 'Practise it' }));
  expect(plans()).toHaveLength(1);
  expect(plans()[0]!.body).toMatchObject({ title: 'Theory, Corin Tidewell', drills: [], classId: 'tuesday' });
  expect(plans()[0]!.body.theory).toHaveLength(1);
  // The Practice bench opens at that exercise.
  expect(PRACTICE_DESK.get()).toMatchObject({
    open: plans()[0]!.id,
    item: expect.stringMatching(/^theory 1 /),
  });
  await user.click(screen.getByRole('button', { name: 'Practise it' }));
  expect(plans()[0]!.body.theory).toHaveLength(1);
  expect(useDocuments.getState().told).toMatch(/already/);
});

test('a class is made, named and deleted here', async () => {
  const user = userEvent.setup();
  act(() => useDocuments.setState({ documents: {} }));
  show('pupils');
  await user.click(screen.getByRole('button', { name: 'Make a class' }));
  const name = screen.getByRole<HTMLInputElement>('textbox', { name: 'Name of the class' });
  await user.clear(name);
  await user.type(name, 'Breakwater');
  const names = () => documentsOf(documentsNow(), 'class').map(({ body }) => body.name);
  expect(names()).toEqual(['Breakwater']);
  expect(screen.queryAllByRole('textbox', { name: /^Note on / })).toEqual([]);
  await user.click(screen.getByRole('button', { name: 'Delete the class' }));
  await user.click(screen.getByRole('button', { name: 'Keep' }));
  expect(names()).toEqual(['Breakwater']);
  await user.click(screen.getByRole('button', { name: 'Delete the class' }));
  await user.click(screen.getByRole('button', { name: 'Delete' }));
  expect(names()).toEqual([]);
});
