/** Whatever a line holds, it is answered by one line, and the command goes on. */
import { readFileSync } from 'node:fs';
import { answerLine } from '../src/lines';
import { oddLine, seeded, SOUND_REQUESTS } from './oddRequests';

const LINES = 6000;
const MANUAL = readFileSync('docs/command.md', 'utf8');
/** Names in the manner of a program that a message has, outside quotes, and that nobody can look up. */
const strangeNames = (message: string) =>
  (message.replace(/“[^”]*”|"[^"]*"/g, '').match(/\b[a-z]{2,}[A-Z][a-z]\w*/g) ?? []).filter(
    (name) => !MANUAL.includes(name),
  );

test('every sound request has an answer', () => {
  for (const request of SOUND_REQUESTS)
    expect(JSON.parse(answerLine(JSON.stringify(request)))).not.toHaveProperty('error');
});

test('requests with their fields turned about are answered or refused in words', () => {
  const random = seeded(20261126);
  let refused = 0;
  for (let at = 0; at < LINES; at++) {
    const line = oddLine(random);
    const text = answerLine(line);
    expect(text).not.toContain('\n');
    const { error } = JSON.parse(text) as { error?: { code: string; message: string } };
    if (!error) continue;
    refused++;
    if (error.code === 'internal') throw new Error(`${line.slice(0, 300)}\n${error.message}`);
    expect(error.message.length).toBeGreaterThan(20);
    expect(error.message.length).toBeLessThan(2000);
    expect(strangeNames(error.message)).toEqual([]);
  }
  expect(refused).toBeGreaterThan(LINES / 4);
});
