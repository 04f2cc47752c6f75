/** A class under a hostile device: the lock on joining, limits of one address, the teacher's own place, late work. */
import { answer, onNetwork, ROOM, work, type ClassNetwork } from './classPages';
import { CLASS_LIMITS } from '../src/class/limits';
import { nameKey, nameProblem, tidyName } from '../src/class/names';

let network: ClassNetwork;
onNetwork((started) => (network = started));

const asked = (code: string, name: string, key: string) => ({ type: 'join', code, name, key });
const HOSTILE = '127.0.0.66';

describe('who may join', () => {
  test('nobody new where joining is closed; who was there comes back', async () => {
    const { teacher, code } = await network.opened();
    const nesta = await network.joined(code, 'Nesta Quill');
    teacher.say({ type: 'joining', joining: 'closed' });
    await teacher.heard();
    const stranger = await network.pupil();
    stranger.say(asked(code, 'Odo Marr', 'key-of-odo-0123456789'));
    expect(await stranger.next('refused')).toEqual({ type: 'refused', why: 'closed' });
    nesta.page.leave();
    const back = await network.pupil();
    back.say({ ...asked('', 'Nesta Quill', nesta.key), room: ROOM });
    expect((await back.next('joined'))['room']).toBe(ROOM);
  });

  test('names of the list at once, each with the version that it has there', async () => {
    const list = [
      { name: 'Nesta Quill', version: 1 },
      { name: 'José Marr', version: 1 },
    ];
    const { code } = await network.opened({ list, joining: 'list' });
    expect((await network.joined(code, 'nesta quill')).joined['version']).toBe(1);
    // One way of writing an accent is another's.
    expect((await network.joined(code, 'Jose\u0301 Marr', 'key-of-jose-0123456789')).joined['version']).toBe(
      1,
    );
  });

  test('names that nobody has can be chosen; another name waits, and may be one of them', async () => {
    const list = ['Nesta Quill', 'Odo Marr', 'Una Weir'].map((name, version) => ({ name, version }));
    const { teacher, code } = await network.opened({ list, joining: 'list' });
    const names = async (typed: string) => {
      const page = await network.pupil();
      page.say({ type: 'names', code: typed });
      return Promise.race([page.next('names'), page.next('refused')]);
    };
    await network.joined(code, 'Nesta Quill');
    expect(await names(code)).toEqual({ type: 'names', names: ['Odo Marr', 'Una Weir'] });
    expect(await names('QQQQQQ')).toEqual({ type: 'refused', why: 'code' });

    const una = await network.pupil();
    una.say(asked(code, 'Unni', 'key-of-una-0123456789'));
    expect(await una.next('refused')).toEqual({ type: 'refused', why: 'ask' });
    const { id, name } = (await teacher.next('asks')) as unknown as { id: string; name: string };
    expect(name).toBe('Unni');
    teacher.say({ type: 'admit', pupil: id, yes: true, name: 'Una Weir' });
    expect(await una.next('joined')).toMatchObject({ name: 'Una Weir', version: 2 });
    expect(await names(code)).toEqual({ type: 'names', names: ['Odo Marr'] });
    teacher.say({ type: 'joining', joining: 'open' });
    await teacher.heard();
    expect(await names(code)).toEqual({ type: 'names', names: [] });
  });

  test('who guesses codes by asking for names is not answered for a while', async () => {
    await network.opened();
    for (let at = 0; at < CLASS_LIMITS.guesses; at++) {
      const page = await network.pupil(HOSTILE);
      page.say({ type: 'names', code: `QQQQ${String.fromCharCode(65 + at)}Q` });
      expect((await page.next('refused'))['why']).toBe('code');
      page.leave();
    }
    const page = await network.pupil(HOSTILE);
    page.say({ type: 'names', code: 'QQQQQQ' });
    expect((await page.next('refused'))['why']).toBe('wait');
  });

  test('the teacher is asked, and lets in or not; who goes away is not asked for any more', async () => {
    const { teacher, code } = await network.opened({ joining: 'ask' });
    const una = await network.pupil();
    una.say(asked(code, 'Una Weir', 'key-of-una-0123456789'));
    expect(await una.next('refused')).toEqual({ type: 'refused', why: 'ask' });
    const { id } = (await teacher.next('asks')) as unknown as { id: string };
    teacher.say({ type: 'admit', pupil: id, yes: true });
    expect((await una.next('joined'))['room']).toBe(ROOM);
    una.say(work(answer('1.1', 'm6', 1)));
    expect((await teacher.next('work'))['pupil']).toBe(id);
    una.leave();
    expect(await teacher.next('pupil')).toMatchObject({ name: 'Una Weir', here: false });

    const odo = await network.pupil();
    odo.say(asked(code, 'Odo Marr', 'key-of-odo-0123456789'));
    const { id: second } = (await teacher.next('asks')) as unknown as { id: string };
    teacher.say({ type: 'admit', pupil: second, yes: false });
    await odo.next('refused');
    expect(await odo.next('refused')).toEqual({ type: 'refused', why: 'no' });
    odo.say(asked(code, 'Odo Marr', 'key-of-odo-0123456789'));
    expect(await odo.next('refused')).toEqual({ type: 'refused', why: 'no' });

    const gone = await network.pupil();
    gone.say(asked(code, 'Perran Foss', 'key-of-perran-0123456'));
    const { id: third } = (await teacher.next('asks')) as unknown as { id: string };
    gone.leave();
    expect(await teacher.next('asks-no-more')).toEqual({ type: 'asks-no-more', id: third });
  });
});

describe('one device against the class', () => {
  test('it gets so many names and no more, while others still join', async () => {
    const { code } = await network.opened();
    let names = 0;
    for (let at = 0; at < CLASS_LIMITS.namesFrom + 10; at++) {
      const page = await network.pupil(HOSTILE);
      page.say(asked(code, `Made up ${at}`, `made-up-key-${at}-0123456789`));
      await Promise.race([page.next('joined'), page.next('refused')]);
      if (page.told.some(({ type }) => type === 'joined')) names++;
      else expect(page.told.at(-1)).toEqual({ type: 'refused', why: 'busy' });
    }
    expect(names).toBe(CLASS_LIMITS.namesFrom);
    expect((await network.joined(code, 'Nesta Quill')).joined['room']).toBe(ROOM);
  });

  test('it gets so many connections, and the teacher’s page still gets its place', async () => {
    const { code } = await network.opened();
    let refused = 0;
    for (let at = 0; at < CLASS_LIMITS.connectionsFrom + 20; at++)
      await network.pupil(HOSTILE).catch(() => refused++);
    expect(refused).toBe(20);
    expect((await network.opened({ code })).code).toBe(code);
    expect((await network.joined(code, 'Nesta Quill')).joined['room']).toBe(ROOM);
  });

  test('what it makes wait has a limit, and what others wrote comes through to a teacher who is back', async () => {
    const { teacher, code } = await network.opened();
    const flood = await network.joined(code, 'Flood', 'key-of-the-flood-0123456', HOSTILE);
    const nesta = await network.joined(code, 'Nesta Quill');
    teacher.leave();
    await teacher.closed();
    let n = 0;
    for (let round = 0; round < 12; round++)
      flood.page.say(
        work(...Array.from({ length: 100 }, () => answer(`1.${++n}`, 'x'.repeat(CLASS_LIMITS.answer), n))),
      );
    await flood.page.heard().catch(() => undefined);
    nesta.page.say(work(answer('1.1', 'm6', 1)));
    await nesta.page.heard();
    const again = await network.opened({ code });
    await again.teacher.heard();
    const came = again.teacher.told.filter(({ type }) => type === 'work');
    const size = JSON.stringify(came).length;
    expect(size).toBeLessThan(2 * CLASS_LIMITS.waiting);
    // By turns: nobody waits until another has said everything.
    const first = came.findIndex(({ answers }) => (answers as { text: string }[])[0]!.text === 'm6');
    expect(first).toBeGreaterThanOrEqual(0);
    expect(first).toBeLessThan(4);
    for (const { answers } of came)
      expect((answers as object[]).length).toBeLessThanOrEqual(CLASS_LIMITS.pieceOfOne);
  });

  test('questions that the sheet does not have are not kept', async () => {
    const sheet = JSON.stringify({ sheets: [{ sections: [{ questions: [{ id: '1.1' }] }] }] });
    const { teacher, code } = await network.opened({ sheets: [sheet] });
    const { page } = await network.joined(code, 'Nesta Quill');
    page.say(work(answer('9.9', 'made up', 1), answer('1.1', 'm6', 2)));
    expect((await teacher.next('work'))['answers']).toEqual([answer('1.1', 'm6', 2)]);
  });
});

describe('work at the end', () => {
  const CLOSED = { closed: true, endsAt: Date.now() - 10 * CLASS_LIMITS.graceMs };
  const ago = (ms: number, n: number, question = '1.1') => ({ ...answer(question, 'm6', n), ago: ms });

  test('what was written in time by a page that was away at the end is taken, what was not is told so', async () => {
    const { teacher, code } = await network.opened(CLOSED);
    const { page } = await network.joined(code, 'Nesta Quill');
    page.say(work(ago(20 * CLASS_LIMITS.graceMs, 1), ago(1000, 2, '1.2')));
    expect((await teacher.next('work'))['answers']).toEqual([answer('1.1', 'm6', 1)]);
    expect(await page.next('late')).toEqual({ type: 'late', n: 2, questions: ['1.2'] });
  });

  test('a page that was there at the end says nothing of before', async () => {
    const { teacher, code } = await network.opened();
    const { page } = await network.joined(code, 'Nesta Quill');
    teacher.say({ type: 'clock', closed: true, endsAt: Date.now() - 2 * CLASS_LIMITS.graceMs });
    await teacher.heard();
    // It was connected before that: the end is moved back behind its coming.
    teacher.say({ type: 'clock', closed: true, endsAt: Date.now() + 1 });
    await teacher.heard();
    await new Promise((later) => setTimeout(later, CLASS_LIMITS.graceMs + 50));
    page.say(work(ago(60_000, 1)));
    expect((await page.next('late'))['questions']).toEqual(['1.1']);
    expect(teacher.told.some(({ type }) => type === 'work')).toBe(false);
  });

  test('who comes back is told the highest number that has come, so that none is taken for a repeat', async () => {
    const { teacher, code } = await network.opened();
    const first = await network.joined(code, 'Nesta Quill');
    expect(first.joined['n']).toBe(0);
    first.page.say(work(answer('1.1', 'm', 7)));
    const { pupil } = (await teacher.next('work')) as unknown as { pupil: string };
    first.page.leave();
    const back = await network.joined(code, 'Nesta Quill', first.key);
    expect(back.joined['n']).toBe(7);
    // Also where only the teacher's page knows it, after the server was started again.
    await network.stop();
    await network.start();
    const known = { id: pupil, name: 'Nesta Quill', version: 0, done: false, n: 9 };
    const again = await network.opened({ code, pupils: [known] });
    expect((await network.joined(again.code, 'Nesta Quill', first.key)).joined['n']).toBe(9);
  });
});

describe('names', () => {
  test.each([
    'Nesta Quill',
    'Zoë',
    'Đặng Thị Ánh',
    'علی\u200cرضا',
    'नेहा',
    '李小龍',
    'Łukasz',
    'O’Hara-Smith',
    '👩\u200d🎤 Una',
  ])('%s is a name', async (name) => {
    expect(nameProblem(name)).toBeNull();
    const { teacher, code } = await network.opened();
    await network.joined(code, name, 'the-key-of-this-name-01');
    expect((await teacher.next('pupil'))['name']).toBe(tidyName(name));
  });

  test.each([
    ['Jose\u0301', 'José'],
    ['Una\u00a0Weir', 'una  weir'],
    ['Una\ufe0f Weir', 'Una Weir'],
    ['Una\u200b Weir', 'Una Weir'],
    ['Ｕｎａ', 'Una'],
    ['José', 'jose'],
    ['Søren Łuk', 'Soren Luk'],
  ])('%s and %s are one', (one, other) => {
    expect(nameKey(one)).toBe(nameKey(other));
  });

  test('what is none is told in words', () => {
    expect(nameProblem('Odo\u202eMarr')).toMatch(/cannot be seen/);
    expect(nameProblem('\u200b \ufe0f')).toMatch(/Write your name/);
    expect(nameProblem('x'.repeat(81))).toMatch(/at most 80/);
    expect(nameKey('Una')).not.toBe(nameKey('Ina'));
    expect(nameKey('นา')).not.toBe(nameKey('น้า'));
  });
});
