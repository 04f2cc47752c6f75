/** @jest-environment <rootDir>/web/test/components/page.mjs */
/** The class as its teacher leads it, and what its pupils see of it, without a network between them. */
import { MARKING_DESK } from '../../src/benches/marking/desk';
import { act, cleanup, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { Choose } from '../../src/benches/classroom/Choose';
import { Clock } from '../../src/benches/classroom/Clock';
import { CLASSROOM_DESK } from '../../src/benches/classroom/desk';
import { OpenClass } from '../../src/benches/classroom/OpenClass';
import * as lead from '../../src/classroom/teacher/lead';
import QuickPanel from '../../src/classroom/teacher/ClassQuestionPanel';
import { STUCK_MS } from '../../src/classroom/teacher/standing';
import { useClassroom, type LivePupil, type OpenRoom } from '../../src/classroom/teacher/store';
import { withAnswers } from '../../src/documents/marking/classWork';
import { pileOf } from '../../src/documents/marking/pileOf';
import { documentsOf } from '../../src/documents/store/select';
import { addDocument } from '../../src/documents/store/store';
import { schoolNow } from '../../src/documents/store/use';
import { AskClass } from '../../src/classroom/teacher/AskClass';
import { ClassStrip } from '../../src/pupil/ClassStrip';
import { useClass } from '../../src/pupil/classwork';
import { JoinClass } from '../../src/pupil/JoinClass';
import { LetterStack } from '../../src/pupil/LetterStack';
import { SlipView } from '../../src/pupil/SlipView';
import type { RoomWork } from '../../src/pupil/work';
import { chooseFrom } from './chooseFrom';
import { DEMO_DOCUMENTS, showDemo } from '../demo';

jest.mock('../../src/classroom/teacher/lead', () => ({
  __esModule: true,
  ...Object.fromEntries(
    ['endClass', 'endQuick', 'handBack', 'openClass', 'release', 'setClock'].map((name) => [name, jest.fn()]),
  ),
}));

const SHEET = documentsOf(DEMO_DOCUMENTS, 'sheet')[0]!.body;
const CLASS = documentsOf(DEMO_DOCUMENTS, 'class')[0]!;
const ROOM: OpenRoom = {
  ...{ room: 'room-0123456789abcdef', code: 'KTRMWB', title: 'Sheet 4', workbook: 'demo', pile: 'live' },
  ...{ closed: false, endsAt: null, handedBack: false },
};
const live = (name: string, part: Partial<LivePupil> = {}): LivePupil => ({
  ...{ id: name, name, pupil: name, version: 0, done: false, here: true, at: '1.2', since: Date.now(), n: 0 },
  ...part,
});

beforeEach(() => {
  showDemo();
  jest.clearAllMocks();
  CLASSROOM_DESK.set({ view: 'join' });
  useClassroom.setState({ room: null, pupils: {}, quick: null, line: 'here', problem: '', held: 0 });
});
afterEach(cleanup);

/** A class at work: two wrong answers to the first question, one pupil stuck, one gone. */
function atWork(): void {
  const pupils = [
    live('Ansa Brock'),
    live('Corin Reed', { since: Date.now() - STUCK_MS - 5000, at: '1.3' }),
    live('Ivo Lantern', { here: false }),
    live('Fenna Quayle', { done: true }),
  ];
  const pile = { ...pileOf({ ...SHEET, classId: CLASS.id }, CLASS.body) };
  const own = { ...pile, pupils: pupils.map(({ pupil: id, name, version }) => ({ id, name, version })) };
  const came = [
    ['Ansa Brock', '1.1', 'm6'],
    ['Ivo Lantern', '1.1', 'm6'],
    ['Fenna Quayle', '1.1', 'P8'],
  ].map(([pupil, question, text]) => ({ pupil: pupil!, question: question!, text: text! }));
  addDocument('pile', 'live', withAnswers(own, came, 5, schoolNow()), 'the pile');
  useClassroom.setState({ room: ROOM, pupils: Object.fromEntries(pupils.map((one) => [one.id, one])) });
  render(
    <MemoryRouter>
      <OpenClass room={ROOM} />
    </MemoryRouter>,
  );
}
const cells = (name: string) =>
  within(screen.getByRole('row', { name: new RegExp(name) }))
    .getAllByRole('cell')
    .map(({ textContent }) => textContent);

describe('the Class bench', () => {
  test('a sheet is opened to the class that is chosen, or to none', async () => {
    const user = userEvent.setup();
    render(<Choose />);
    await user.click(screen.getByRole('button', { name: SHEET.title }));
    expect(lead.openClass).toHaveBeenCalledWith(SHEET, expect.objectContaining({ id: CLASS.id }));
    await chooseFrom(user, 'The class', 'none of them');
    await user.click(screen.getByRole('button', { name: /single questions only/ }));
    expect(lead.openClass).toHaveBeenLastCalledWith(null, null);
  });

  test('what stands before the class names nobody; the table of pupils says who is where', async () => {
    const user = userEvent.setup();
    atWork();
    expect(screen.getByRole('main').textContent).not.toMatch(/Ansa|Corin|Ivo|Fenna/);
    expect(screen.getByText(/3 pupils are here/)).not.toBeNull();
    await user.click(screen.getByRole('radio', { name: 'Pupils' }));
    expect(cells('Ansa Brock').slice(0, 5)).toEqual(['A', '1.2', '1 of 20', '0', 'at work']);
    expect(cells('Corin Reed').slice(1, 5)).toEqual(['1.3', '0 of 20', '0', 'stuck']);
    expect(cells('Ivo Lantern')[4]).toBe('dropped out');
    expect(cells('Fenna Quayle').slice(3, 5)).toEqual(['1', 'handed in']);
    // One who is on no list of the class is told apart from a slip of the pen.
    expect(screen.getByRole('rowheader', { name: /Corin Reed/ }).textContent).toContain(
      'not on the class list',
    );
    expect(screen.getByRole('rowheader', { name: /Ansa Brock/ }).textContent).toBe('Ansa Brock');
    await user.click(screen.getByRole('button', { name: /Let Ivo Lantern join again/ }));
    expect(lead.release).toHaveBeenCalledWith('Ivo Lantern');
  });

  test('what holds the class up goes on the board without a name, and what is right when it is wanted', async () => {
    const user = userEvent.setup();
    atWork();
    await user.click(screen.getByRole('radio', { name: 'Questions' }));
    expect(screen.getByText(/holds the class up/).textContent).toMatch(/Question 1\.1.*2 × m6/);
    await user.click(screen.getByRole('button', { name: 'The commonest on the board' }));
    const board = screen.getByRole('region', { name: 'On the board' });
    expect(board.textContent).toContain('m6');
    expect(board.textContent).not.toContain('P8');
    expect(screen.getByRole('main').textContent).not.toMatch(/Ansa|Corin|Ivo|Fenna/);
    await user.click(within(board).getByRole('button', { name: 'Show what is right' }));
    expect(board.textContent).toContain('P8');
    await user.click(within(board).getByRole('button', { name: 'Off the board' }));
    expect(screen.getByRole('table', { name: 'Questions' })).not.toBeNull();
  });

  test('marks go back as slips, and the end is asked about', async () => {
    const user = userEvent.setup();
    atWork();
    await user.click(screen.getByRole('button', { name: 'Hand back marks' }));
    const [slips] = (lead.handBack as jest.Mock).mock.calls[0] as [Map<string, Record<string, unknown>>];
    expect(slips.get('Fenna Quayle')).toMatchObject({ got: 2, wrong: [] });
    expect(slips.get('Fenna Quayle')!['practise']).toBe(
      '19 questions were left open. What you answered is all right: go on.',
    );
    expect(slips.get('Ansa Brock')!['wrong']).toMatchObject([{ label: '1.1', wrote: 'm6', right: 'P8' }]);
    await user.click(screen.getByRole('button', { name: 'End the class' }));
    expect(lead.endClass).not.toHaveBeenCalled();
    await user.click(screen.getByRole('button', { name: 'Go on' }));
    await user.click(screen.getByRole('button', { name: 'End the class' }));
    await user.click(screen.getByRole('button', { name: 'End it' }));
    expect(lead.endClass).toHaveBeenCalled();
    // Marking opens what was handed in.
    expect(MARKING_DESK.get().open).toBe(ROOM.pile);
  });

  test('time is given, made longer, and ended', async () => {
    const user = userEvent.setup();
    const onSet = jest.fn();
    const now = 1_000_000;
    const { rerender } = render(<Clock room={ROOM} now={now} onSet={onSet} />);
    await user.click(screen.getByRole('button', { name: '10 minutes' }));
    expect(onSet).toHaveBeenLastCalledWith(false, now + 600_000);
    rerender(<Clock room={{ ...ROOM, endsAt: now + 61_000 }} now={now} onSet={onSet} />);
    expect(screen.getByRole('status').textContent).toBe('Work ends in 2 minutes.');
    await user.click(screen.getByRole('button', { name: '5 more minutes' }));
    expect(onSet).toHaveBeenLastCalledWith(false, now + 361_000);
    await user.click(screen.getByRole('button', { name: 'End work now' }));
    expect(onSet).toHaveBeenLastCalledWith(true, null);
    rerender(<Clock room={{ ...ROOM, closed: true }} now={now} onSet={onSet} />);
    await user.click(screen.getByRole('button', { name: 'Open again' }));
    expect(onSet).toHaveBeenLastCalledWith(false, null);
  });
});

describe('a question to the class', () => {
  const question = {
    ...{ kind: 'interval-name', id: 'q', answers: ['M3'], difficulty: { total: 1, parts: {} } },
    given: { clef: 'treble', key: 'C major', from: 'C4', to: 'E4' },
  };

  test('is asked from a bench while a class is open, and not without one', () => {
    const entries = [{ name: 'Its name', bring: () => ({ kind: 'interval-name', questions: [question] }) }];
    render(<AskClass entries={entries} />);
    expect(screen.getByRole('button', { name: 'Ask the class' })).not.toBeNull();
    act(() => useClassroom.setState({ line: 'away' }));
    expect(screen.queryByRole('button', { name: 'Ask the class' })).toBeNull();
  });

  test('its answers come as a chart, the commonest first; which are right is said when it is wanted', async () => {
    const user = userEvent.setup();
    const came = { a: 'm3', b: 'M3', c: 'm3', d: 'a third' };
    useClassroom.setState({
      quick: { id: 'q', question, sheet: '', came },
      pupils: { a: live('a'), b: live('b'), c: live('c'), d: live('d'), e: live('e') },
    });
    render(<QuickPanel />);
    expect(screen.getByRole('status').textContent).toBe('4 of 5 have answered.');
    const rows = () =>
      screen
        .getAllByRole('row')
        .slice(1)
        .map(({ textContent }) => textContent);
    expect(rows()).toEqual(['m32', 'M31', 'a third1']);
    await user.click(screen.getByRole('button', { name: 'Show what is right' }));
    expect(rows()).toEqual(['m32wrong', '✓ M31right', 'a third1wrong']);
    await user.click(screen.getByRole('button', { name: 'End the question' }));
    expect(lead.endQuick).toHaveBeenCalled();
  });
});

describe('a pupil in the class', () => {
  const WORK: RoomWork = {
    ...{ room: 'r', code: 'KTRMWB', key: 'k', outbox: { n: 0, waiting: {} }, sent: {} },
    ...{ closed: false, endsAt: null, slip: null, over: false },
  };
  const strip = (part: Partial<RoomWork>, state: object = { here: true, taken: false }) => {
    cleanup();
    useClass.setState(state);
    render(<ClassStrip room={{ ...WORK, ...part }} />);
    return (screen.queryByRole('status') ?? screen.getByRole('alert')).textContent;
  };

  test('is told where the work stands, in every case', () => {
    const waiting = { '1.1': { text: 'P5', n: 1 } };
    expect(strip({})).toBe('In the class.');
    expect(strip({ outbox: { n: 1, waiting } })).toBe('In the class. One answer is on its way.');
    expect(strip({ endsAt: Date.now() + 119_000 })).toBe('In the class. 2 minutes are left.');
    expect(strip({ endsAt: Date.now() + 30_000 })).toBe('In the class. One minute is left.');
    expect(strip({ endsAt: Date.now() - 1 })).toBe('In the class. Time is up.');
    expect(strip({ closed: true })).toContain('Work has ended');
    expect(strip({}, { here: false })).toContain('cannot be reached now');
    expect(strip({ over: true, closed: true })).toBe('The class is over.');
    expect(strip({ over: true, outbox: { n: 1, waiting } })).toContain('Save the file');
    expect(strip({}, { taken: true })).toContain('in another tab');
  });

  test('joins where a class is offered, with the code of the address', async () => {
    useClass.setState({ offered: false });
    const { rerender } = render(<JoinClass />);
    expect(screen.queryByRole('heading', { name: 'Join your class' })).toBeNull();
    act(() => useClass.setState({ offered: true, joining: false }));
    rerender(<JoinClass />);
    expect(screen.getByRole('button', { name: 'Join' })).toHaveProperty('disabled', true);
    act(() => {
      location.hash = '#abcdef';
      window.dispatchEvent(new Event('hashchange'));
    });
    expect(screen.getByLabelText('The code at the board')).toHaveProperty('value', 'ABCDEF');
    await userEvent.type(screen.getByLabelText('Your name'), 'Ada');
    expect(screen.getByRole('button', { name: 'Join' })).toHaveProperty('disabled', false);
  });

  test('gets back what was right and why; a slip that is none breaks nothing', () => {
    const wrong = [
      {
        label: '1.1',
        asked: 'C–A',
        wrote: 'm6',
        right: 'M6',
        notes: ['A half step off.'],
        working: 'Count.',
      },
    ];
    render(<SlipView text={JSON.stringify({ got: 3, of: 5, wrong, practise: 'Go on.' })} />);
    expect(screen.getByRole('heading').textContent).toBe('Handed back: 3 of 5');
    expect(screen.getByRole('listitem').textContent).toBe(
      '1.1 C–A: you wrote m6, right is M6. A half step off.Count.',
    );
    for (const text of ['no JSON', 'null', '7', '{"wrong":[{"notes":3}],"got":{}}', '{"wrong":"<b>"}']) {
      cleanup();
      render(<SlipView text={text} />);
      expect(screen.getByRole('heading').textContent).toBe('Handed back:  of ');
    }
  });

  test('letters are ringed, struck out, and plain again', async () => {
    const user = userEvent.setup();
    let text = '';
    const Held = () => <LetterStack text={text} onChange={(next) => (text = next)} />;
    const { rerender } = render(<Held />);
    const press = async (name: string) => {
      await user.click(screen.getAllByRole('button', { name, exact: true } as never)[0]!);
      rerender(<Held />);
    };
    await press('B');
    expect(text).toBe('0.B1');
    await press('B, ringed');
    expect(text).toBe('0.B2');
    await press('B, struck out');
    expect(text).toBe('');
  });
});
