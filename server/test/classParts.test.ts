/** Parts of the class network by themselves: guesses and rates by a clock, the token, hosts, a class that was left. */
import { mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { isOwnHost } from '../src/class/addresses';
import { newCode, plainCode } from '../src/class/codes';
import { Guesses, Rate } from '../src/class/guesses';
import { CLASS_LIMITS } from '../src/class/limits';
import { Room } from '../src/class/room';
import { isToken, machineToken, stateFolder } from '../src/class/token';

test('wrong codes block an address for a minute, and many of them from anywhere slow everybody down', () => {
  let now = 0;
  const guesses = new Guesses(() => now);
  for (let at = 0; at < CLASS_LIMITS.guesses; at++) {
    expect(guesses.blocked('a')).toBe(false);
    guesses.wrong('a');
  }
  expect([guesses.blocked('a'), guesses.blocked('b'), guesses.late()]).toEqual([true, false, false]);
  for (let at = CLASS_LIMITS.guesses; at < CLASS_LIMITS.allGuesses; at++) guesses.wrong(`other ${at}`);
  expect(guesses.late()).toBe(true);
  now = 60_001;
  expect([guesses.blocked('a'), guesses.late()]).toEqual([false, false]);
});

test('a page may say so much at once, and so much a second after that', () => {
  let now = 0;
  const rate = new Rate(() => now);
  const passed = (tries: number) => Array.from({ length: tries }, () => rate.passes()).filter(Boolean).length;
  expect(passed(CLASS_LIMITS.burst + 20)).toBe(CLASS_LIMITS.burst);
  now = 1000;
  expect(passed(100)).toBe(CLASS_LIMITS.perSecond);
  now = 1_000_000;
  expect(passed(100)).toBe(CLASS_LIMITS.burst);
});

test('the token is made once, for its owner alone; one that cannot be read is made anew', () => {
  const folder = mkdtempSync(join(tmpdir(), 'diatonix-token-'));
  const path = join(folder, 'deep', 'class-token');
  const token = machineToken(join(folder, 'deep'));
  expect(token).toMatch(/^[A-Za-z0-9_-]{43}$/);
  expect(readFileSync(path, 'utf8')).toBe(`${token}\n`);
  expect(statSync(path).mode & 0o077).toBe(0);
  expect(machineToken(join(folder, 'deep'))).toBe(token);
  writeFileSync(path, 'short');
  expect(machineToken(join(folder, 'deep'))).not.toBe(token);
  // Where nothing can be written there is one all the same, and it is told.
  const told = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  expect(machineToken(join(path, 'no folder'))).toHaveLength(43);
  expect(told.mock.calls.join()).toContain('cannot be kept');
  told.mockRestore();
  rmSync(folder, { recursive: true });
  expect([isToken(token, token), isToken(`${token}x`, token), isToken(undefined, token)]).toEqual([
    true,
    false,
    false,
  ]);
  expect(stateFolder({ DIATONIX_STATE: '/here' })).toBe('/here');
  expect(stateFolder({ XDG_STATE_HOME: '/state' })).toBe('/state/diatonix');
});

test('codes have letters of their own kind and are read as they are typed; hosts are ours with our port', () => {
  for (let at = 0; at < 200; at++) expect(newCode()).toMatch(/^[ACDEFHJKLMNPRTWXY]{6}$/);
  expect(plainCode(' kyh-ced ')).toBe('KYHCED');
  expect(isOwnHost('localhost:4180', 4180, [])).toBe(true);
  expect(isOwnHost('localhost:4181', 4180, [])).toBe(false);
  expect(isOwnHost('localhost', 80, [])).toBe(true);
  expect(isOwnHost('elsewhere.example:4180', 4180, [])).toBe(false);
  expect(isOwnHost('harbour.local:4180', 4180, ['harbour.local'])).toBe(true);
});

test('a class has been left when its teacher has been away for hours, and not before, nor when there is one', () => {
  const now = Date.now();
  const clock = jest.spyOn(Date, 'now').mockReturnValue(now);
  const room = new Room('room-0123456789abcdef', 'KYHCED');
  const link = { send: jest.fn(), sendThen: jest.fn(), close: jest.fn() };
  const open = { type: 'open' as const, room: room.id, sheets: [], pupils: [], closed: false, endsAt: null };
  room.open(open, link, 'http://127.0.0.1/pupil');
  clock.mockReturnValue(now + 2 * CLASS_LIMITS.leftMs);
  expect(room.isLeft).toBe(false);
  room.left(link);
  clock.mockReturnValue(now + 3 * CLASS_LIMITS.leftMs);
  expect(room.isLeft).toBe(false);
  clock.mockReturnValue(now + 3 * CLASS_LIMITS.leftMs + 1);
  expect(room.isLeft).toBe(true);
  room.open(open, link, 'http://127.0.0.1/pupil');
  expect(room.isLeft).toBe(false);
  clock.mockRestore();
});
