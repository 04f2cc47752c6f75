/** Single notes heard in synthetic tones: which note, in which octave, and how soon; 20 dB over noise, with vibrato. */
import { NoteTracker, type HeardNote } from '../src/midi/microphone/tracker';

const RATE = 48_000;
const BLOCK = 128;
const SILENCE = 0.12;
/** Strengths of the partials of four timbres: a flute, a voice, a bowed string, a clarinet (odd partials). */
const TIMBRES: Readonly<Record<string, readonly number[]>> = {
  flute: [1, 0.2, 0.05],
  voice: [1, 0.7, 0.5, 0.3, 0.2, 0.1],
  string: Array.from({ length: 10 }, (_, at) => 1 / (at + 1)),
  clarinet: [1, 0, 0.75, 0, 0.5, 0, 0.25],
};
const C2 = 36;
const C7 = 96;
const frequencyOf = (key: number) => 440 * 2 ** ((key - 69) / 12);

/** Numbers that are the same in every run. */
function seeded(seed: number): () => number {
  let state = seed;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 4294967296;
  };
}

/** A tone of so many seconds with a little vibrato and noise, and silence with noise after it. */
function tone(key: number, partials: readonly number[], seconds: number, cents = 30): Float32Array {
  const random = seeded(key * 131 + partials.length);
  const samples = new Float32Array(Math.round(RATE * (seconds + SILENCE)));
  const strength = Math.sqrt(partials.reduce((sum, one) => sum + (one * one) / 2, 0));
  const noise = 0.25 * strength * 10 ** (-20 / 20) * Math.sqrt(3);
  let phase = 0;
  for (let at = 0; at < samples.length; at++) {
    const time = at / RATE;
    const bent = frequencyOf(key) * 2 ** ((cents * Math.sin(2 * Math.PI * 5.5 * time)) / 1200);
    phase += (2 * Math.PI * bent) / RATE;
    const swell = Math.min(1, time / 0.015) * (time < seconds ? 1 : 0);
    const sound = partials.reduce(
      (sum, one, place) => ((place + 1) * bent > RATE / 2 ? sum : sum + one * Math.sin((place + 1) * phase)),
      0,
    );
    samples[at] = 0.25 * swell * sound + noise * (2 * random() - 1);
  }
  return samples;
}

interface Told {
  readonly heard: HeardNote;
  readonly seconds: number;
}

function listen(samples: Float32Array, tuning = 440): Told[] {
  const tracker = new NoteTracker({ rate: RATE, tuning });
  const told: Told[] = [];
  for (let at = 0; at < samples.length; at += BLOCK)
    for (const heard of tracker.push(samples.subarray(at, at + BLOCK)))
      told.push({ heard, seconds: (at + BLOCK) / RATE });
  return told;
}

test('from C2 to C7, in four timbres: the right note, no other octave, and soon', () => {
  let [notes, right, octaves] = [0, 0, 0];
  const delays: number[] = [];
  for (const partials of Object.values(TIMBRES))
    for (let key = C2; key <= C7; key++) {
      const on = listen(tone(key, partials, 0.2)).filter(({ heard }) => heard.kind === 'on');
      notes++;
      if (on.length === 1 && on[0]!.heard.key === key) right++;
      if (on.some(({ heard }) => heard.key !== key && (heard.key - key) % 12 === 0)) octaves++;
      if (on[0]) delays.push(on[0].seconds);
    }
  expect(notes).toBe(244);
  expect(right / notes).toBeGreaterThanOrEqual(0.99);
  expect(1 - octaves / notes).toBeGreaterThanOrEqual(0.98);
  delays.sort((a, b) => a - b);
  // Times of the tone, not of this machine.
  expect(delays[Math.floor(0.95 * delays.length)]).toBeLessThanOrEqual(0.09);
});

test('a note ends, the same note struck again is told again, and silence tells nothing', () => {
  const twice = new Float32Array([...tone(60, TIMBRES['voice']!, 0.3), ...tone(60, TIMBRES['voice']!, 0.3)]);
  expect(listen(twice).map(({ heard }) => `${heard.kind} ${heard.key}`)).toEqual([
    'on 60',
    'off 60',
    'on 60',
    'off 60',
  ]);
  expect(listen(new Float32Array(RATE))).toEqual([]);
});

test('how far it is from its place is told in cents, and another tuning is another place', () => {
  const flat = tone(69, TIMBRES['flute']!, 0.3, 0);
  const [heard] = listen(flat);
  expect(Math.abs((heard!.heard as { cents: number }).cents)).toBeLessThan(5);
  const [lower] = listen(flat, 445);
  expect((lower!.heard as { cents: number }).cents).toBeLessThan(-15);
});

test('blocks of any size come to the same', () => {
  const samples = tone(64, TIMBRES['string']!, 0.3);
  const tracker = new NoteTracker({ rate: RATE, tuning: 440 });
  expect(tracker.push(samples)).toEqual(listen(samples).map(({ heard }) => heard));
});
