/** @jest-environment <rootDir>/web/test/components/page.mjs */
/** The Sheets bench as it stands on the page: outline, material, marks, versions, settings of the page. */
import { act, cleanup, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { sheetNow, SHEETS_DESK } from '../../src/benches/sheets/desk';
import { SheetsBench } from '../../src/benches/sheets/SheetsBench';
import { addSheet, setMaterial } from '../../src/benches/sheets/state';
import { chooseFrom } from './chooseFrom';
import { showEmpty } from '../demo';

const show = () =>
  render(
    <MemoryRouter>
      <SheetsBench />
    </MemoryRouter>,
  );
const body = () => sheetNow()!.body;
const questions = () => screen.getAllByRole('button', { name: /^Question \d+: / });
const section = (at: number) => body().sections[at]!;

beforeEach(() => {
  showEmpty();
  SHEETS_DESK.set({ open: null, version: 0, section: null, question: 0, answers: false, printing: false });
});
afterEach(cleanup);

describe('a workbook without a sheet', () => {
  test('offers ready starts, and one begins a sheet', async () => {
    const user = userEvent.setup();
    show();
    await user.click(screen.getByRole('button', { name: 'Intervals and inversions' }));
    expect(body().title).toBe('Intervals and inversions');
    expect(questions()).toHaveLength(body().sections.reduce((sum, { count }) => sum + count, 0));
  });
});

describe('a sheet', () => {
  beforeEach(() => addSheet('Intervals and inversions'));

  test('blanks hold nothing until the answers are shown', async () => {
    const user = userEvent.setup();
    show();
    const blanks = () => [...document.querySelectorAll('.section dd')].map(({ textContent }) => textContent);
    expect(blanks().length).toBeGreaterThan(7);
    expect(blanks().every((text) => text === '')).toBe(true);
    await user.click(screen.getByRole('button', { name: 'Answers' }));
    expect(
      blanks()
        .slice(0, 8)
        .every((text) => /^[PMmAd]\d+$/.test(text)),
    ).toBe(true);
  });

  test('arrows go from question to question, over the end of a section', async () => {
    const user = userEvent.setup();
    show();
    questions()[0]!.focus();
    await user.keyboard('{ArrowRight}{ArrowRight}');
    expect(questions()[2]!.getAttribute('aria-pressed')).toBe('true');
    for (let step = 0; step < section(0).count - 2; step++) await user.keyboard('{ArrowDown}');
    expect(SHEETS_DESK.get().section).toBe(section(1).id);
    await user.keyboard('{ArrowLeft}');
    expect(SHEETS_DESK.get()).toMatchObject({ section: section(0).id, question: section(0).count - 1 });
  });

  test('x puts another question in its place, and no other changes', async () => {
    const user = userEvent.setup();
    show();
    const before = questions().map((one) => one.getAttribute('aria-label'));
    questions()[1]!.focus();
    await user.click(questions()[1]!);
    await user.keyboard('x');
    const after = questions().map((one) => one.getAttribute('aria-label'));
    expect(after.filter((label, at) => label !== before[at])).toHaveLength(1);
    expect(after[1]).not.toBe(before[1]);
  });

  test('v goes through the versions, whose questions all differ', async () => {
    const user = userEvent.setup();
    show();
    // Those of the first section, whose labels say what stands on the staff.
    const labels = () =>
      questions()
        .slice(0, section(0).count)
        .map((one) => one.getAttribute('aria-label'));
    const first = labels();
    questions()[0]!.focus();
    await user.keyboard('v');
    expect(SHEETS_DESK.get().version).toBe(1);
    expect(labels().filter((label) => first.includes(label))).toEqual([]);
    questions()[0]!.focus();
    await user.keyboard('v');
    expect(labels()).toEqual(first);
  });

  test('how many questions, and marks for each', async () => {
    const user = userEvent.setup();
    show();
    const count = screen.getByRole('spinbutton', { name: 'Questions' });
    await user.clear(count);
    await user.type(count, '3');
    expect(section(0).count).toBe(3);
    const marks = screen.getByRole('spinbutton', { name: 'Marks for each' });
    await user.clear(marks);
    await user.type(marks, '5');
    expect(section(0).marks).toBe(5);
    // More questions than a sheet can hold are not taken.
    await user.clear(count);
    await user.type(count, '900');
    expect(section(0).count).toBeLessThanOrEqual(200);
  });

  test('marks of parts are read by their names, and what is none is said', async () => {
    const user = userEvent.setup();
    show();
    const field = screen.getByRole('textbox', { name: 'Marks by part' });
    await user.type(field, 'number 1, quality 2{Enter}');
    expect(section(0).parts).toEqual({ number: 1, quality: 2 });
    await user.clear(field);
    await user.type(field, 'colour 3{Enter}');
    expect(screen.getByRole('alert').textContent).toContain('colour 3');
    expect(section(0).parts).toEqual({ number: 1, quality: 2 });
  });

  test('material is chosen in the field’s words; what is none is refused and nothing lost', async () => {
    const user = userEvent.setup();
    show();
    await user.click(screen.getByRole('tab', { name: 'Material' }));
    await user.click(screen.getByRole('checkbox', { name: 'treble' }));
    expect(section(0).material.clefs).not.toContain('treble');
    const intervals = screen.getByRole('textbox', { name: 'Intervals' });
    await user.clear(intervals);
    await user.type(intervals, 'm3, X9{Enter}');
    expect(screen.getByRole('alert').textContent).toContain('X9');
    expect(section(0).material.intervals ?? []).not.toContain('X9');
    await user.clear(intervals);
    await user.type(intervals, 'm3, M3{Enter}');
    expect(section(0).material.intervals).toEqual(['m3', 'M3']);
    await user.click(screen.getByRole('checkbox', { name: 'Compound intervals too' }));
    expect(section(0).material.compound).toBe(true);
  });

  test('a field that could not be read takes back what stood there, and the question is kept', async () => {
    const user = userEvent.setup();
    show();
    questions()[0]!.focus();
    await user.click(questions()[0]!);
    await user.click(screen.getByRole('tab', { name: 'Question' }));
    const field = screen
      .getAllByRole('textbox')
      .find((one) => /^[A-G]\D{0,2}\d/.test((one as HTMLInputElement).value))!;
    const stood = (field as HTMLInputElement).value;
    await user.clear(field);
    await user.type(field, 'H4{Enter}');
    expect(screen.getByRole('alert').textContent).toContain('H4');
    await user.clear(field);
    await user.type(field, `${stood}{Enter}`);
    expect(screen.queryByRole('alert')).toBeNull();
    expect(screen.getByRole('button', { name: 'Let it be made up again' })).toBeTruthy();
  });

  test('the instruction can be written over, and comes back by itself', async () => {
    const user = userEvent.setup();
    show();
    const usual = screen.getAllByRole('heading', { level: 3 })[0]!.textContent;
    const field = screen.getByRole('textbox', { name: 'Instruction' });
    await user.type(field, 'Say what you hear.');
    expect(screen.getAllByRole('heading', { level: 3 })[0]!.textContent).toContain('Say what you hear.');
    await user.clear(field);
    expect(screen.getAllByRole('heading', { level: 3 })[0]!.textContent).toBe(usual);
  });

  test('the page is for a class, has a date, a size, room to work, and ways of working', async () => {
    const user = userEvent.setup();
    show();
    await chooseFrom(user, 'Size', 'Large print');
    await chooseFrom(user, 'Room to work', 'A scratch staff');
    await chooseFrom(user, 'Intervals by', 'turning it round');
    await chooseFrom(user, 'Chords by', 'counted half steps');
    expect(body()).toMatchObject({
      size: 'large',
      scrap: 'staff',
      ways: { intervals: 'inversion', chords: 'half-steps' },
    });
    const working = () =>
      within(screen.getByRole('complementary'))
        .getAllByRole('listitem')
        .map(({ textContent }) => textContent);
    const turned = working();
    await chooseFrom(user, 'Intervals by', 'the usual way');
    expect(body().ways).toEqual({ chords: 'half-steps' });
    expect(working()).not.toEqual(turned);
    expect(working().at(-1)).toBe(turned.at(-1));
  });

  test('sections are moved, taken out and brought back', async () => {
    const user = userEvent.setup();
    show();
    const kinds = () => body().sections.map(({ kind }) => kind);
    const [first, second, third] = kinds();
    await user.click(screen.getAllByRole('button', { name: 'Move the section down' })[0]!);
    expect(kinds()).toEqual([second, first, third]);
    await user.click(screen.getAllByRole('button', { name: /Remove the section|Take the section out/ })[0]!);
    expect(kinds()).toHaveLength(2);
  });

  test('the whole goes to print for pupils and with answers, and back to the bench', async () => {
    const user = userEvent.setup();
    show();
    await user.click(screen.getByRole('button', { name: 'Pages to print' }));
    const pages = screen.getAllByRole('region').map((one) => one.getAttribute('aria-label') ?? '');
    expect(pages.filter((label) => label.startsWith('Pupils’ page'))).toHaveLength(body().versions);
    expect(pages.filter((label) => label.startsWith('Answers'))).toHaveLength(body().versions);
    const pupils = screen.getAllByRole('region', { name: /^Pupils’ page/ })[0]!;
    expect([...pupils.querySelectorAll('dd')].every(({ textContent }) => textContent === '')).toBe(true);
    await user.click(screen.getByRole('button', { name: 'Back to the bench' }));
    expect(questions().length).toBeGreaterThan(0);
  });

  test('material that admits no question is told on the page, and mended there', async () => {
    const user = userEvent.setup();
    setMaterial(section(0).id, 'intervals', ['A4']);
    setMaterial(section(0).id, 'accidentals', 'none');
    setMaterial(section(0).id, 'keys', ['Gb major']);
    show();
    expect(screen.getByRole('alert').textContent).toMatch(/admits no question/);
    act(() => setMaterial(section(0).id, 'keys', ['C major']));
    await user.click(screen.getByRole('button', { name: 'Answers' }));
    expect(screen.queryByRole('alert')).toBeNull();
  });
});
