/** @jest-environment <rootDir>/web/test/components/page.mjs */
/** Small fields of the margin: one of several, names, and the tabs of the working. */
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { WayChoice } from '../../src/design/Margin';
import { NamesField } from '../../src/parts/NamesField';
import { optionsOf, SelectField } from '../../src/design/fields/SelectField';
import { choiceNamed, chooseFrom } from './chooseFrom';

afterEach(cleanup);

test('one of several numbers stays a number', async () => {
  const user = userEvent.setup();
  const chosen: unknown[] = [];
  render(
    <SelectField
      name="Up to"
      value={2}
      options={[
        [0, 'none'],
        [2, 'two'],
        [6, 'six'],
      ]}
      onChoose={(id) => chosen.push(id)}
    />,
  );
  expect(choiceNamed('Up to').textContent).toBe('two');
  await chooseFrom(user, 'Up to', 'six');
  await chooseFrom(user, 'Up to', 'none');
  expect(chosen).toEqual([6, 0]);
});

test('a table of names gives its options in order', () => {
  expect(optionsOf({ none: 'None', staff: 'A staff' })).toEqual([
    ['none', 'None'],
    ['staff', 'A staff'],
  ]);
});

test('names are given line by line, blank lines and edges left out, and the field is empty again', async () => {
  const user = userEvent.setup();
  const given: (readonly string[])[] = [];
  render(<NamesField onAdd={(names) => given.push(names)} />);
  const field = screen.getByRole<HTMLTextAreaElement>('textbox', { name: /name on each line/ });
  const add = screen.getByRole<HTMLButtonElement>('button', { name: 'Add' });
  expect(add.disabled).toBe(true);
  await user.type(field, '  Una Weir\n\nTam Holm  ');
  await user.click(add);
  expect(given).toEqual([['Una Weir', 'Tam Holm']]);
  expect(field.value).toBe('');
});

/** Two ways of working. */
function TwoWays() {
  const [way, setWay] = useState('scale');
  return (
    <WayChoice
      label="Ways"
      ways={[
        { id: 'scale', name: 'Scale' },
        { id: 'count', name: 'Count' },
      ]}
      chosen={way}
      onChoose={setWay}
    >
      <p>{way}</p>
    </WayChoice>
  );
}

test('ways are tabs: the arrows go from one to the next', async () => {
  const user = userEvent.setup();
  render(<TwoWays />);
  expect(screen.getByRole('tabpanel').textContent).toBe('scale');
  screen.getByRole('tab', { name: 'Scale' }).focus();
  await user.keyboard('{ArrowRight}');
  expect(screen.getByRole('tab', { name: 'Count' }).getAttribute('aria-selected')).toBe('true');
  expect(screen.getByRole('tabpanel').textContent).toBe('count');
});
