/** @jest-environment <rootDir>/web/test/components/page.mjs */
import { act, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { LineField } from '../../src/design/LineField';
import { useWhileTyping } from '../../src/parts/useWhileTyping';

const frames: FrameRequestCallback[] = [];

/** Lets the page paint what was asked for, and what follows a painting happen. */
async function paint(): Promise<void> {
  await act(async () => {
    for (const frame of frames.splice(0)) frame(0);
    await new Promise((resolve) => setTimeout(resolve));
  });
}

function Typed() {
  const [line, setLine] = useState('I');
  const shown = useWhileTyping(line);
  return (
    <>
      <output>{shown}</output>
      <LineField
        label="Line"
        placeholder=""
        owner="one"
        stored={line}
        readFaults={() => []}
        onType={setLine}
      />
      <button onClick={() => setLine(shown + shown)}>Twice</button>
    </>
  );
}

describe('what hangs on a typed line', () => {
  beforeEach(() => {
    frames.length = 0;
    jest.spyOn(window, 'requestAnimationFrame').mockImplementation((frame) => frames.push(frame));
  });

  it('follows once the letter is painted, with all that was typed by then', async () => {
    render(<Typed />);
    const field = screen.getByRole('textbox', { name: 'Line' });
    await userEvent.type(field, ' V');
    expect(field).toHaveProperty('value', 'I V');
    expect(screen.getByRole('status').textContent).toBe('I');
    await userEvent.type(field, '7');
    await paint();
    expect(screen.getByRole('status').textContent).toBe('I V7');
  });

  it('shows at once when the line is left, so that a button acts on what was typed', async () => {
    render(<Typed />);
    await userEvent.type(screen.getByRole('textbox', { name: 'Line' }), 'V');
    await userEvent.click(screen.getByRole('button', { name: 'Twice' }));
    expect(screen.getByRole('status').textContent).toBe('IVIV');
  });

  it('shows other changes at once', async () => {
    render(<Typed />);
    await userEvent.click(screen.getByRole('button', { name: 'Twice' }));
    expect(screen.getByRole('status').textContent).toBe('II');
  });
});
