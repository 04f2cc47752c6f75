/** @jest-environment <rootDir>/web/test/components/page.mjs */
/** Small parts of pages: numbers, charts, names. */
import { DEFAULT_LABEL_STYLE } from '@diatonix/core';
import { cleanup, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { NumberInput } from '../../src/design/fields/NumberInput';
import { NumberedSentences } from '../../src/parts/Working';

afterEach(cleanup);

/** A field with its number beside it. */
function Kept({ step = 1 }: { step?: number }) {
  const [value, setValue] = useState(10);
  return (
    <>
      <NumberInput aria-label="Count" value={value} min={5} max={60} step={step} onNumber={setValue} />
      <output>{value}</output>
    </>
  );
}
const field = () => screen.getByRole<HTMLInputElement>('spinbutton', { name: 'Count' });
const kept = () => screen.getByRole('status').textContent;

test('a number can be taken out and another typed', async () => {
  const user = userEvent.setup();
  render(<Kept />);
  await user.clear(field());
  expect([field().value, kept()]).toEqual(['', '10']);
  await user.type(field(), '45');
  expect([field().value, kept()]).toEqual(['45', '45']);
});

test('what lies outside is not taken, and the last number stands again', async () => {
  const user = userEvent.setup();
  render(<Kept />);
  await user.clear(field());
  await user.type(field(), '400');
  expect(kept()).toBe('40');
  await user.tab();
  expect(field().value).toBe('40');
  await user.clear(field());
  await user.type(field(), '3');
  await user.tab();
  expect(field().value).toBe('40');
});

test('steps are kept', async () => {
  const user = userEvent.setup();
  render(<Kept step={0.5} />);
  await user.clear(field());
  await user.type(field(), '7.5');
  expect(kept()).toBe('7.5');
  await user.type(field(), '5');
  expect(kept()).toBe('7.5');
});

test('the sentences of a working are numbered, so that they are read in order', () => {
  render(
    <NumberedSentences
      sentences={[['Count the letters.'], ['Count the half steps.']]}
      school={DEFAULT_LABEL_STYLE}
    />,
  );
  const items = within(screen.getByRole('list')).getAllByRole('listitem');
  expect(items.map(({ textContent }) => textContent)).toEqual([
    expect.stringContaining('Count the letters.'),
    expect.stringContaining('Count the half steps.'),
  ]);
});
