/** @jest-environment <rootDir>/web/test/components/page.mjs */
import { printPupilsFile } from '@diatonix/core';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { PupilPage } from '../../src/pupil/PupilPage';
import { begin, giveName, look, openFile, putAway } from '../../src/pupil/work';

const HOSTILE: readonly (readonly [string, Record<string, unknown>])[] = [
  ['figures-name', { clef: 'bass', bass: 'C3', figures: 7, key: 'C major' }],
  ['chord-map', { key: 'H#', shown: 3 }],
  ['interval-name', { clef: 'nonsense', from: {}, to: 'C4' }],
  ['note-name', { clef: 'treble', note: 'herring' }],
  ['listen', { of: 'triad', sound: 'loud' }],
  ['no-such-kind', { clef: [], notes: [[7]] }],
];

test('a question that cannot be shown says so, and the others go on', async () => {
  jest.spyOn(console, 'error').mockImplementation(() => undefined);
  const sections = [
    ...HOSTILE,
    ['interval-name', { clef: 'treble', key: 'C major', from: 'C4', to: 'E4' }] as const,
  ].map(([kind, given], at) => ({
    kind,
    instruction: 'Name it.',
    marks: 1,
    questions: [{ id: `${at + 1}.1`, given: given as never }],
  }));
  const sheet = { title: 'Odd tide', version: 'A', code: 'ABCD-A', marks: 7, sections };
  await openFile('odd.json', printPupilsFile({ sheets: [sheet], practice: true }));
  giveName('Ada');
  begin();
  look(null);
  render(<PupilPage />);
  expect(await screen.findByRole('heading', { name: 'Odd tide' })).not.toBeNull();
  expect(screen.getByRole('article', { name: 'Question 7.1' })).not.toBeNull();
  expect(screen.getByRole('heading', { name: 'Hand in' })).not.toBeNull();
  expect(screen.getAllByRole('article').length).toBe(HOSTILE.length + 1);
  await userEvent.type(screen.getAllByRole('textbox', { name: 'Your answer' }).at(-1)!, 'M3');
  expect(screen.getByText(/1 of 7 answered/)).not.toBeNull();
  putAway();
});
