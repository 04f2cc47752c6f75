/** @jest-environment <rootDir>/web/test/components/page.mjs */
/** The Marking bench as it stands on the page: typed answers, marks, remarks, pupils, the class, slips. */
import { act, cleanup, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { MARKING_DESK, pileNow } from '../../src/benches/marking/desk';
import { MarkingBench } from '../../src/benches/marking/MarkingBench';
import { editDocument, useDocuments } from '../../src/documents/store/store';
import { showDemo } from '../demo';

const show = () =>
  render(
    <MemoryRouter>
      <MarkingBench />
    </MemoryRouter>,
  );
const pile = () => pileNow()!.body;
const total = () =>
  screen
    .getAllByRole('status')
    .map(({ textContent }) => textContent)
    .join(' ');

beforeEach(() => {
  showDemo();
  MARKING_DESK.set({ open: 'pile-1', pupil: null, question: 0, view: 'page' });
});
afterEach(cleanup);

test('the first pupil’s answers stand there with what is right and the total', () => {
  show();
  expect(screen.getByRole('heading', { level: 2, name: pile().pupils[0]!.name })).toBeTruthy();
  const fields = screen.getAllByRole('textbox', { name: /^Answer to / });
  expect(fields.length).toBeGreaterThan(5);
  expect(total()).toMatch(/\d+ of \d+/);
});

test('an answer that is typed is entered, marked at once, and the next field is there', async () => {
  const user = userEvent.setup();
  show();
  const before = pile().entries.length;
  const [first, second] = screen.getAllByRole<HTMLInputElement>('textbox', { name: /^Answer to / });
  await user.clear(first!);
  await user.type(first!, 'herring{Enter}');
  expect(pile().entries).toHaveLength(before + 1);
  expect(pile().entries.at(-1)!.answer).toBe('herring');
  expect(screen.getByText('not read')).toBeTruthy();
  expect(document.activeElement).toBe(second);
  // Entries are never taken away: what was there before is still in the pile.
  expect(
    pile()
      .entries.slice(0, before)
      .every((entry) => entry.answer !== 'herring'),
  ).toBe(true);
});

test('plus and minus mark without an answer', async () => {
  const user = userEvent.setup();
  show();
  const field = screen.getAllByRole<HTMLInputElement>('textbox', { name: /^Answer to / })[0]!;
  const question = pile().entries[0]!.question;
  await user.clear(field);
  await user.type(field, '-{Enter}');
  const own = pile().entries.at(-1)!;
  expect([own.question, own.answer]).toEqual([question, '-']);
});

test('the teacher’s marks and remark are entries of their own', async () => {
  const user = userEvent.setup();
  show();
  const marks = screen.getByRole('spinbutton', { name: 'Marks' });
  await user.clear(marks);
  // Nothing is no number: what was there stays until another one is typed.
  expect(pile().entries.at(-1)!.marks).toBeUndefined();
  await user.type(marks, '1');
  expect(pile().entries.at(-1)!.marks).toBe(1);
  await user.type(marks, '9');
  expect(pile().entries.at(-1)!.marks).toBe(1);
  await user.tab();
  expect((marks as HTMLInputElement).value).toBe('1');
  await user.type(screen.getByRole('textbox', { name: 'Remark' }), 'Better!');
  await user.tab();
  expect(pile().entries.at(-1)!.remark).toBe('Better!');
});

test('page down goes to the next pupil, page up back', async () => {
  const user = userEvent.setup();
  show();
  const names = pile().pupils.map(({ name }) => name);
  await user.click(screen.getAllByRole('textbox', { name: /^Answer to / })[0]!);
  await user.keyboard('{PageDown}');
  expect(screen.getByRole('heading', { level: 2, name: names[1]! })).toBeTruthy();
  await user.keyboard('{PageUp}');
  expect(screen.getByRole('heading', { level: 2, name: names[0]! })).toBeTruthy();
});

test('question by question the whole class answers the same', async () => {
  const user = userEvent.setup();
  show();
  await user.click(screen.getByRole('radio', { name: 'By question' }));
  const rows = screen.getAllByRole('row').slice(1);
  expect(rows).toHaveLength(pile().pupils.length);
  expect(within(rows[0]!).getByRole('rowheader').textContent).toContain(pile().pupils[0]!.name);
});

test('the class shows shared mistakes, each one press from a sheet', async () => {
  const user = userEvent.setup();
  show();
  await user.click(screen.getByRole('radio', { name: 'The class' }));
  const offers = screen.getAllByRole('button', { name: /sheet/i });
  const sheetOf = () =>
    Object.values(useDocuments.getState().documents).flatMap((one) =>
      one.kind === 'sheet' ? one.body.sections.length : [],
    );
  const before = sheetOf().reduce((sum, count) => sum + count, 0);
  await user.click(offers[0]!);
  expect(sheetOf().reduce((sum, count) => sum + count, 0)).toBe(before + 1);
});

test('a return slip for every pupil, with the working of what was wrong', async () => {
  const user = userEvent.setup();
  show();
  await user.click(screen.getByRole('radio', { name: 'Return slips' }));
  const slips = screen.getAllByRole('region');
  const { pupils, entries } = pile();
  const here = pupils.filter(({ id }) => entries.some(({ pupil }) => pupil === id));
  for (const { name } of here)
    expect(slips.some((slip) => slip.getAttribute('aria-label')?.includes(name))).toBe(true);
  expect(slips.filter((slip) => slip.textContent?.includes('Question by question: 1.1:'))).toHaveLength(
    here.length,
  );
});

test('who handed nothing in has no slip, and is named', async () => {
  const user = userEvent.setup();
  const absent = { id: 'absent', name: 'Zenna Holm', version: 0 };
  act(() =>
    editDocument({ kind: 'pile', id: 'pile-1' }, 'the new pupil', (body) => ({
      ...body,
      pupils: [...body.pupils, absent],
    })),
  );
  show();
  await user.click(screen.getByRole('radio', { name: 'Return slips' }));
  const slips = screen.getAllByRole('region');
  expect(slips.some((slip) => slip.getAttribute('aria-label')?.includes(absent.name))).toBe(false);
  expect(screen.getByText(/no slip: Zenna Holm/)).toBeTruthy();
});

test('a workbook without piles offers its sheets, or says that one is needed', () => {
  act(() =>
    useDocuments.setState(({ documents }) => ({
      documents: Object.fromEntries(Object.entries(documents).filter(([, { kind }]) => kind !== 'pile')),
    })),
  );
  const { unmount } = show();
  expect(screen.getByRole('button', { name: /Sheet 4/ })).toBeTruthy();
  unmount();
  act(() => useDocuments.setState({ documents: {} }));
  show();
  expect(screen.getByText(/Make a sheet first/)).toBeTruthy();
});
