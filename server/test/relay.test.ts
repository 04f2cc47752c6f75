/** The class relay over real connections: who comes in, what is passed on, what is dropped, what is left at the end. */
import { answer, onNetwork, ROOM, work, type ClassNetwork, type Page } from './classPages';
import { CLASS_LIMITS } from '../src/class/limits';
import { PROTOCOL, PUPIL_SOCKET, TEACHER_SOCKET } from '../src/class/protocol';

let network: ClassNetwork;
onNetwork((started) => (network = started));

describe('who comes in', () => {
  test('a pupil joins with the code and a name, gets a version and its sheet; the teacher hears of it', async () => {
    const { teacher, code } = await network.opened();
    expect(code).toMatch(/^[A-Z]{6}$/);
    const first = await network.joined(code, 'Nesta Quill');
    expect(first.joined).toMatchObject({
      room: ROOM,
      version: 0,
      sheet: 'sheet A',
      closed: false,
      quick: null,
    });
    expect(await teacher.next('pupil')).toMatchObject({
      name: 'Nesta Quill',
      version: 0,
      here: true,
      done: false,
    });
    // Neighbours have different versions; a code is read without case and spaces.
    const second = await network.joined(`${code.slice(0, 3)} ${code.slice(3)}`.toLowerCase(), 'Odo  Marr');
    expect(second.joined).toMatchObject({ version: 1, sheet: 'sheet B' });
    expect((await teacher.next('pupil'))['name']).toBe('Odo Marr');
  });

  test('nobody without the code, under a name that is taken, or without the token', async () => {
    const { code } = await network.opened();
    await network.joined(code, 'Nesta Quill');
    const page = await network.pupil();
    page.say({ type: 'join', code: 'QQQQQQ', name: 'Odo Marr', key: 'another-key-123456' });
    expect(await page.next('refused')).toEqual({ type: 'refused', why: 'code' });
    page.say({ type: 'join', code, name: 'nesta  quill', key: 'another-key-123456' });
    expect(await page.next('refused')).toEqual({ type: 'refused', why: 'name' });
    page.say({ type: 'join', code, name: 'Odo Marr', key: 'another-key-123456' });
    expect((await page.next('joined'))['version']).toBe(1);
    await expect(network.teacher('b'.repeat(43))).rejects.toThrow('401');
    await expect(network.connect(TEACHER_SOCKET, [PROTOCOL])).rejects.toThrow('401');
  });

  test('no page of another origin, no host that only points here, no other protocol or address', async () => {
    const refused = (path: string, protocols: string[], headers = {}) =>
      network.connect(path, protocols, headers).then(
        () => 'let in',
        (error: Error) => error.message,
      );
    expect(await refused(PUPIL_SOCKET, [PROTOCOL], { origin: 'http://elsewhere.example' })).toBe('403');
    expect(await refused(PUPIL_SOCKET, [PROTOCOL], { origin: 'null' })).toBe('403');
    const rebound = { host: 'elsewhere.example:80', origin: 'http://elsewhere.example:80' };
    expect(await refused(PUPIL_SOCKET, [PROTOCOL], rebound)).toBe('403');
    expect(await refused(PUPIL_SOCKET, ['other'])).toBe('400');
    expect(await refused('/class/other', [PROTOCOL])).toBe('404');
  });

  test('who guesses codes is soon not answered any more, not even with the right one', async () => {
    const { code } = await network.opened();
    const page = await network.pupil();
    const guess = async (given: string) => {
      page.say({ type: 'join', code: given, name: 'Odo Marr', key: 'another-key-123456' });
      return (await page.next('refused'))['why'];
    };
    for (let at = 0; at < CLASS_LIMITS.guesses; at++)
      expect(await guess(`QQQQQ${'ABCDEFGHIJ'[at]}`)).toBe('code');
    expect(await guess('QQQQQX')).toBe('wait');
    expect(await guess(code)).toBe('wait');
  });

  test('rooms are limited, and names and keys have their shapes', async () => {
    for (let at = 0; at < CLASS_LIMITS.rooms; at++)
      await network.opened({ room: `room-number-${at}-abcdefgh` });
    const teacher = await network.teacher();
    const open = { room: 'room-one-too-many', sheets: [], pupils: [], closed: false, endsAt: null };
    teacher.say({ type: 'open', ...open });
    expect(await teacher.next('refused')).toEqual({ type: 'refused', why: 'full' });
    const page = await network.pupil();
    const before = network.log.length;
    for (const [name, key] of [
      ['', 'a-key-1234567890'],
      ['   ', 'a-key-1234567890'],
      ['x'.repeat(81), 'a-key-1234567890'],
      ['Odo\u202eMarr', 'a-key-1234567890'],
      ['Odo\nMarr', 'a-key-1234567890'],
      ['Odo', 'short'],
    ])
      page.say({ type: 'join', code: 'ABCDEF', name, key });
    await page.heard();
    expect(network.log.length - before).toBe(6);
    expect(page.told.filter(({ type }) => type !== 'pong')).toEqual([]);
  });
});

describe('what is passed on', () => {
  test('an answer goes to the teacher alone, and word comes back when it is kept', async () => {
    const { teacher, code } = await network.opened();
    const nesta = await network.joined(code, 'Nesta Quill');
    const odo = await network.joined(code, 'Odo Marr');
    nesta.page.say(work(answer('1.1', 'm6', 1), answer('1.2', 'P5', 2)));
    const told = await teacher.next('work');
    expect(told['answers']).toEqual([answer('1.1', 'm6', 1), answer('1.2', 'P5', 2)]);
    const pupil = told['pupil'];
    teacher.say({ type: 'kept', pupil, n: 2 });
    expect(await nesta.page.next('kept')).toEqual({ type: 'kept', n: 2 });
    nesta.page.say({ type: 'at', question: '1.3' });
    nesta.page.say({ type: 'done', done: true });
    await nesta.page.heard();
    expect(teacher.told.at(-1)).toMatchObject({ id: pupil, at: '1.3', done: true });
    await odo.page.heard();
    expect(odo.page.told.map(({ type }) => type)).toEqual(['joined', 'pong']);
  });

  test('what is answered while the teacher’s page is away waits for it, the last of a question only', async () => {
    const { teacher, code } = await network.opened();
    const { page } = await network.joined(code, 'Nesta Quill');
    teacher.leave();
    await teacher.closed();
    page.say(work(answer('1.1', 'm', 1)));
    page.say(work(answer('1.1', 'm6', 2), answer('1.2', 'P5', 3)));
    await page.heard();
    const again = await network.opened();
    expect(again.code).toBe(code);
    expect((await again.teacher.next('pupil'))['name']).toBe('Nesta Quill');
    expect((await again.teacher.next('work'))['answers']).toEqual([
      answer('1.1', 'm6', 2),
      answer('1.2', 'P5', 3),
    ]);
  });

  test('a pupil drops out and comes back as the same one; an answer that was sent twice arrives once', async () => {
    const { teacher, code } = await network.opened();
    const { page, key } = await network.joined(code, 'Nesta Quill');
    const id = (await teacher.next('pupil'))['id'];
    page.say(work(answer('1.1', 'm6', 1)));
    await teacher.next('work');
    teacher.say({ type: 'kept', pupil: id, n: 1 });
    await teacher.heard();
    page.leave();
    expect(await teacher.next('pupil')).toMatchObject({ id, here: false });
    const back = await network.pupil();
    back.say({ type: 'join', code: '', name: 'Nesta Quill', key, room: ROOM });
    expect(await back.next('joined')).toMatchObject({ version: 0, room: ROOM });
    expect(await teacher.next('pupil')).toMatchObject({ id, here: true });
    back.say(work(answer('1.1', 'm6', 1)));
    back.say(work(answer('1.2', 'P5', 2)));
    expect((await teacher.next('work'))['answers']).toEqual([answer('1.2', 'P5', 2)]);
    expect(await back.next('kept')).toEqual({ type: 'kept', n: 1 });
  });

  test('a server that is started again knows nobody until the teacher’s page is back, then everyone', async () => {
    const { teacher, code } = await network.opened();
    const { key } = await network.joined(code, 'Nesta Quill');
    const odo = await network.joined(code, 'Odo Marr');
    const [first, second] = [await teacher.next('pupil'), await teacher.next('pupil')];
    await network.stop();
    await network.start();
    const page = await network.pupil();
    page.say({ type: 'join', code, name: 'Odo Marr', key: odo.key, room: ROOM });
    expect(await page.next('refused')).toEqual({ type: 'refused', why: 'away' });
    const pupils = [first, second].map(({ id, name, version, done }) => ({ id, name, version, done }));
    const again = await network.opened({ code, pupils });
    expect(again.code).toBe(code);
    page.say({ type: 'join', code, name: 'Odo Marr', key: odo.key, room: ROOM });
    expect(await page.next('joined')).toMatchObject({ version: 1, sheet: 'sheet B' });
    // The name is held for the one who had it.
    const stranger = await network.pupil();
    stranger.say({ type: 'join', code, name: 'Nesta Quill', key: 'another-key-123456' });
    expect(await stranger.next('refused')).toEqual({ type: 'refused', why: 'name' });
    const nesta = await network.joined(code, 'Nesta Quill', key);
    expect(nesta.joined['version']).toBe(0);
  });

  test('time, a question to all and what is handed back reach the pupils, also one who was away', async () => {
    const { teacher, code } = await network.opened();
    const nesta = await network.joined(code, 'Nesta Quill');
    const odo = await network.joined(code, 'Odo Marr');
    const nestaId = (await teacher.next('pupil'))['id'];
    const odoId = (await teacher.next('pupil'))['id'];
    teacher.say({ type: 'clock', closed: false, endsAt: 1_800_000_000_000 });
    expect(await nesta.page.next('clock')).toMatchObject({ endsAt: 1_800_000_000_000 });
    teacher.say({ type: 'quick', id: 'q1', sheet: 'one question' });
    expect(await odo.page.next('quick')).toMatchObject({ id: 'q1', sheet: 'one question' });
    odo.page.say({ type: 'quick', id: 'q1', text: 'V7' });
    odo.page.say({ type: 'quick', id: 'q0', text: 'of another' });
    expect(await teacher.next('quick')).toEqual({ type: 'quick', pupil: odoId, id: 'q1', text: 'V7' });
    teacher.say({ type: 'quick-end', id: 'q1' });
    await nesta.page.next('quick-end');
    odo.page.say({ type: 'quick', id: 'q1', text: 'too late' });
    await odo.page.heard();
    odo.page.leave();
    await teacher.next('pupil');
    teacher.say({ type: 'marks', pupil: nestaId, slip: 'slip of Nesta' });
    teacher.say({ type: 'marks', pupil: odoId, slip: 'slip of Odo' });
    expect(await nesta.page.next('marks')).toMatchObject({ slip: 'slip of Nesta' });
    const back = await network.joined(code, 'Odo Marr');
    expect(await back.page.next('marks')).toMatchObject({ slip: 'slip of Odo' });
    expect(teacher.told.filter(({ type }) => type === 'quick')).toHaveLength(1);
    expect(JSON.stringify(nesta.page.told)).not.toContain('Odo');
  });

  test('after the end nothing is taken, with more time it is', async () => {
    const { teacher, code } = await network.opened();
    const { page } = await network.joined(code, 'Nesta Quill');
    const now = Date.now();
    const clock = jest.spyOn(Date, 'now').mockReturnValue(now);
    teacher.say({ type: 'clock', closed: true, endsAt: null });
    await page.next('clock');
    page.say(work(answer('1.1', 'in the pen', 1)));
    expect((await teacher.next('work'))['answers']).toEqual([answer('1.1', 'in the pen', 1)]);
    clock.mockReturnValue(now + CLASS_LIMITS.graceMs + 1);
    page.say(work(answer('1.2', 'late', 2)));
    await page.heard();
    teacher.say({ type: 'clock', closed: false, endsAt: null });
    await page.next('clock');
    page.say(work(answer('1.3', 'in time', 3)));
    expect((await teacher.next('work'))['answers']).toEqual([answer('1.3', 'in time', 3)]);
    // A time that was said ends it too, whether or not the teacher's page is there to say so.
    teacher.say({ type: 'clock', closed: false, endsAt: now + CLASS_LIMITS.graceMs + 1000 });
    await page.next('clock');
    clock.mockReturnValue(now + 2 * CLASS_LIMITS.graceMs + 1001);
    page.say(work(answer('1.4', 'after the end', 4)));
    await page.heard();
    await teacher.heard();
    expect(JSON.stringify(teacher.told)).not.toContain('after the end');
    clock.mockRestore();
  });

  test('the same pupil in another tab: the first one is told, and the other goes on', async () => {
    const { teacher, code } = await network.opened();
    const { page, key } = await network.joined(code, 'Nesta Quill');
    const second = await network.joined(code, 'Nesta Quill', key);
    await page.next('taken');
    await page.closed();
    second.page.say(work(answer('1.1', 'm6', 1)));
    await teacher.next('work');
    await second.page.heard();
    expect(teacher.told.filter(({ type }) => type === 'pupil').at(-1)).toMatchObject({ here: true });
  });

  test('a second page of the teacher takes the class over, and the first is told', async () => {
    const { teacher, code } = await network.opened();
    const second = await network.opened();
    await teacher.next('taken');
    await teacher.closed();
    const { page } = await network.joined(code, 'Nesta Quill');
    page.say(work(answer('1.1', 'm6', 1)));
    await second.teacher.next('work');
    expect(teacher.told.filter(({ type }) => type === 'work')).toEqual([]);
  });

  test('the teacher lets a name go, and its pupil may come in from another device', async () => {
    const { teacher, code } = await network.opened();
    const { page } = await network.joined(code, 'Nesta Quill');
    teacher.say({ type: 'release', pupil: (await teacher.next('pupil'))['id'] });
    await page.next('moved');
    const other = await network.joined(code, 'Odo Marr');
    expect(other.joined['version']).toBe(1);
    const again = await network.joined(code, 'Nesta Quill', 'the-key-of-another-device');
    expect(again.joined).toMatchObject({ room: ROOM, version: 0, sheet: 'sheet A' });
    // The old device is told why it is not in the class any more, also when it was away.
    const old = await network.pupil();
    old.say({ type: 'join', code, name: 'Nesta Quill', key: 'key-of-nesta-quill-12345', room: ROOM });
    expect(await old.next('refused')).toEqual({ type: 'refused', why: 'moved' });
    // What was answered before goes to the new device alone.
    const told = teacher.told.filter(({ name, here }) => name === 'Nesta Quill' && here === true).at(-1)!;
    teacher.say({ type: 'answers', pupil: told['id'], answers: [{ question: '1.1', text: 'm6' }] });
    expect((await again.page.next('answers'))['answers']).toEqual([{ question: '1.1', text: 'm6' }]);
    await other.page.heard();
    expect(other.page.told.some(({ type }) => type === 'answers')).toBe(false);
  });
});

test('when the class ends everyone is told, and of the room nothing is left', async () => {
  const { teacher, code } = await network.opened();
  const pages: Page[] = [];
  for (const name of ['Nesta Quill', 'Odo Marr']) pages.push((await network.joined(code, name)).page);
  pages[0]!.say(work(answer('1.1', 'm6', 1)));
  await teacher.next('work');
  teacher.say({ type: 'end' });
  for (const page of pages) {
    await page.next('over');
    await page.closed();
  }
  expect(network.relay.open).toBe(0);
  const page = await network.pupil();
  page.say({ type: 'join', code, name: 'Nesta Quill', key: 'a-key-1234567890' });
  expect(await page.next('refused')).toEqual({ type: 'refused', why: 'code' });
  page.say({ type: 'join', code, name: 'Nesta Quill', key: 'a-key-1234567890', room: ROOM });
  expect(await page.next('refused')).toEqual({ type: 'refused', why: 'away' });
  // The next class has another code.
  expect(network.relay.nextCode).not.toBe(code);
});
