/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { AnswerInput } from '../../src/pupil/AnswerInput';

function Answer({ kind, given }: { readonly kind: string; readonly given: object }) {
  const [typed, setTyped] = useState('');
  return (
    <>
      <AnswerInput
        id="1.1"
        kind={kind}
        given={given as never}
        typed={typed}
        onType={setTyped}
        onEnter={() => {}}
      />
      <output>{typed}</output>
    </>
  );
}
const kept = () => document.querySelector('output')!.textContent;

test('a chord map has a field a cell, and is kept in one line', async () => {
  const user = userEvent.setup();
  render(<Answer kind="chord-map" given={{ key: 'D major', stack: 5, blank: ['numerals', 'notes'] }} />);
  expect(screen.getAllByRole('textbox')).toHaveLength(14);
  await user.type(screen.getByLabelText('Numeral of degree 2'), 'ii');
  await user.type(screen.getByLabelText('Notes of degree 1'), 'D F# A,');
  expect(kept()).toBe(', ii, , , , , ; D F# A , , , , , , ');
  await user.clear(screen.getByLabelText('Numeral of degree 2'));
  await user.clear(screen.getByLabelText('Notes of degree 1'));
  expect(kept()).toBe('');
});

test('a fault is put together from its chord and its rule', async () => {
  const user = userEvent.setup();
  const voices = [
    ['C5', 'E4', 'G3', 'C3'],
    ['D5', 'F4', 'A3', 'D3'],
  ];
  render(<Answer kind="parts-faults" given={{ clef: 'grand', key: 'C major', voices }} />);
  await user.click(screen.getByRole('button', { name: 'Add this fault' }));
  await user.selectOptions(screen.getByLabelText('What is wrong'), 'parallel octaves');
  await user.click(screen.getByRole('button', { name: 'Add this fault' }));
  expect(kept()).toBe('2: parallel fifths; 2: parallel octaves');
});

test('what cannot be read is told when the field is left, and nothing of whether it is right', async () => {
  const user = userEvent.setup();
  render(<Answer kind="triad-name" given={{ clef: 'treble', key: 'C major', notes: ['A4', 'C5', 'F5'] }} />);
  await user.type(screen.getByLabelText(/^Your answer/), 'F frist');
  await user.tab();
  expect(await screen.findByText(/This cannot be read yet.*Write the root/)).toBeTruthy();
  for (const readable of ['F minor, first inversion', 'F major, first inversion']) {
    await user.clear(screen.getByLabelText(/^Your answer/));
    await user.type(screen.getByLabelText(/^Your answer/), readable);
    await user.tab();
    expect(screen.queryByText(/cannot be read/)).toBeNull();
  }
});
