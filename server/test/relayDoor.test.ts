/** What the class relay drops: hostile, too large, too fast, or before its time. */
import { CLASS_LIMITS } from '../src/class/limits';
import { answer, onNetwork, work, type ClassNetwork } from './classPages';

let network: ClassNetwork;
onNetwork((started) => (network = started));

describe('what is dropped', () => {
  const HOSTILE = [
    'no JSON',
    '[]',
    'null',
    '{"type":"__proto__"}',
    '{"type":"open","room":"room-of-the-evening-class","sheets":[],"pupils":[],"closed":false,"endsAt":null}',
    '{"type":"end"}',
    '{"type":"work","answers":[{"question":"1.1","text":"m6","n":1,"pupil":"another"}]}',
    '{"type":"work","answers":[{"question":"<b>","text":"m6","n":1}]}',
    '{"type":"work","answers":[{"question":"1.1","text":"m6","n":1.5}]}',
    '{"type":"work","answers":{"length":3}}',
    `{"type":"work","answers":[{"question":"1.1","text":"${'x'.repeat(301)}","n":1}]}`,
    '['.repeat(20_000),
  ];

  test('a hostile pupil changes nothing; the log has a line for each, without what was in it', async () => {
    const { teacher, code } = await network.opened();
    const { page } = await network.joined(code, 'Nesta Quill');
    await teacher.next('pupil');
    const before = network.log.length;
    for (const text of HOSTILE) page.say(text);
    page.socket.send(Buffer.from('{"type":"end"}'));
    await page.heard();
    expect(network.log.length - before).toBe(HOSTILE.length + 1);
    expect(network.log.join()).not.toMatch(/m6|Nesta|__proto__|x{9}/);
    expect(teacher.told.filter(({ type }) => type !== 'opened' && type !== 'pupil')).toEqual([]);
    expect(network.relay.open).toBe(1);
  });

  test('whoever goes on sending nonsense is shut out', async () => {
    const page = await network.pupil();
    for (let at = 0; at <= CLASS_LIMITS.dropped; at++) page.say('nonsense');
    await page.closed();
    expect(network.log).toHaveLength(CLASS_LIMITS.dropped + 1);
  });

  test('a message that is too large ends the connection, and a flood is shut out', async () => {
    const { teacher, code } = await network.opened();
    const large = await network.joined(code, 'Nesta Quill');
    large.page.say('x'.repeat(CLASS_LIMITS.pupilMessage + 1));
    await large.page.closed();
    const flood = await network.joined(code, 'Odo Marr');
    for (let n = 1; n <= CLASS_LIMITS.burst + 100; n++) flood.page.say(work(answer(`1.${n}`, 'm6', n)));
    await flood.page.closed();
    await teacher.heard();
    const came = teacher.told.filter(({ type }) => type === 'work');
    const through = came.flatMap(({ answers }) => answers as object[]).length;
    expect(through).toBeGreaterThan(CLASS_LIMITS.burst / 2);
    expect(through).toBeLessThanOrEqual(CLASS_LIMITS.burst + CLASS_LIMITS.perSecond);
    const back = await network.joined(code, 'Nesta Quill');
    expect(back.joined['version']).toBe(0);
  });

  test('where there is no sheet nothing is answered', async () => {
    const { teacher, code } = await network.opened({ sheets: [] });
    const { page } = await network.joined(code, 'Nesta Quill');
    page.say(work(answer('1.1', 'm6', 1)));
    await page.heard();
    await teacher.heard();
    expect(teacher.told.some(({ type }) => type === 'work')).toBe(false);
  });

  test('before a class is open the teacher’s page says nothing to anybody', async () => {
    const { teacher, code } = await network.opened();
    const { page } = await network.joined(code, 'Nesta Quill');
    const other = await network.teacher();
    other.say({ type: 'marks', pupil: (await teacher.next('pupil'))['id'], slip: 'none' });
    other.say({ type: 'end' });
    other.say('nonsense');
    await other.heard();
    await page.heard();
    expect(page.told.map(({ type }) => type)).toEqual(['joined', 'pong']);
  });
});
