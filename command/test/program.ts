/** The command as tests ask it: as a program, or a request of its lines in this process. */
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { answerLine } from '../src/lines';

export const BIN = join(__dirname, '..', 'bin', 'diatonix.mjs');

/** Runs the command; gives what it printed and its exit status. */
export function diatonix(args: readonly string[], input = '') {
  const { stdout, stderr, status } = spawnSync(process.execPath, [BIN, ...args], { encoding: 'utf8', input });
  return { stdout, stderr, status };
}

/** The answer to one request. */
export const json = (request: unknown) =>
  JSON.parse(answerLine(JSON.stringify(request))) as Record<string, unknown>;
