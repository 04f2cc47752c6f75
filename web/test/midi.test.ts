/**
 * MIDI messages as the MIDI 1.0 specification writes them, the simulated keyboard, and the search for real
 * ones.
 */
import { readMessage, writeMessage } from '../src/midi/message';
import { PIANO_KEYS, pianoKeyOf, simulatedKeyboard } from '../src/midi/simulated';
import { findDevices } from '../src/midi/sources';

test.each([
  [[0x90, 60, 100], { kind: 'on', key: 60 }],
  [[0x9f, 127, 1], { kind: 'on', key: 127 }],
  [[0x90, 60, 0], { kind: 'off', key: 60 }],
  [[0x80, 60, 64], { kind: 'off', key: 60 }],
  [[0x8a, 0, 0], { kind: 'off', key: 0 }],
  [[0xf8], null],
  [[0xb0, 64, 127], null],
  [[0xe0, 0, 64], null],
  [[0x90, 60], null],
  [[0x90, 200, 3], null],
  [[], null],
])('the bytes %j are read as %j', (bytes, message) => {
  expect(readMessage(bytes)).toEqual(message);
});

test('what is written is read back', () => {
  for (const kind of ['on', 'off'] as const)
    for (const key of [0, 21, 60, 108, 127])
      expect(readMessage(writeMessage({ kind, key }))).toEqual({ kind, key });
});

test('the simulated keyboard sends the bytes that a real one would, to whoever listens', () => {
  const keyboard = simulatedKeyboard();
  const heard: unknown[] = [];
  keyboard.press(60);
  const stop = keyboard.listen((data) => heard.push(readMessage(data)));
  keyboard.press(60);
  keyboard.release(60);
  stop();
  keyboard.press(62);
  expect(heard).toEqual([
    { kind: 'on', key: 60 },
    { kind: 'off', key: 60 },
  ]);
});

test('two rows of the computer keyboard are a piano from C4', () => {
  expect(PIANO_KEYS.map((key) => pianoKeyOf(key))).toEqual(PIANO_KEYS.map((_, at) => 60 + at));
  expect(pianoKeyOf('W')).toBe(61);
  expect(pianoKeyOf('Enter')).toBeNull();
});

describe('devices', () => {
  const withMidi = (request: unknown) =>
    Object.defineProperty(globalThis, 'navigator', {
      value: request === undefined ? {} : { requestMIDIAccess: request },
      configurable: true,
    });

  test('a browser without MIDI, a refusal and an empty desk each say what to do', async () => {
    withMidi(undefined);
    expect(await findDevices()).toMatchObject({
      ok: false,
      message: expect.stringMatching(/This browser has no MIDI/) as string,
    });
    withMidi(() => Promise.reject(new Error('denied')));
    expect(await findDevices()).toMatchObject({
      ok: false,
      message: expect.stringMatching(/not allowed for this page/) as string,
    });
    withMidi(() => Promise.resolve({ inputs: new Map() }));
    expect(await findDevices()).toMatchObject({
      ok: false,
      message: expect.stringMatching(/No MIDI keyboard was found/) as string,
    });
  });

  test('a keyboard that is plugged in is listened to until it is left', async () => {
    const input = Object.assign(new EventTarget(), { id: 'desk', name: null });
    withMidi(() => Promise.resolve({ inputs: new Map([['desk', input]]) }));
    const found = await findDevices();
    if (!found.ok) throw new Error(found.message);
    expect(found.sources.map(({ id, name }) => [id, name])).toEqual([['desk', 'MIDI keyboard']]);
    const heard: unknown[] = [];
    const stop = found.sources[0]!.listen((data) => heard.push([...data]));
    const send = (...bytes: number[]) =>
      input.dispatchEvent(Object.assign(new Event('midimessage'), { data: new Uint8Array(bytes) }));
    send(0x90, 64, 80);
    stop();
    send(0x80, 64, 0);
    expect(heard).toEqual([[0x90, 64, 80]]);
  });
});
