import { createHash, randomBytes, timingSafeEqual } from 'node:crypto';
import { chmodSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { homedir } from 'node:os';
import { join } from 'node:path';

const SHAPE = /^[A-Za-z0-9_-]{43}$/;

/** Where this machine keeps its token: `DIATONIX_STATE`, or the user's folder for such things. */
export function stateFolder(env: NodeJS.ProcessEnv = process.env): string {
  return (
    env['DIATONIX_STATE'] ?? join(env['XDG_STATE_HOME'] ?? join(homedir(), '.local', 'state'), 'diatonix')
  );
}

/**
 * The token of this machine, made when it is first needed. It is the one thing of the class network that is on the
 * disk, readable for its owner alone, so that the teacher's page finds its class again after the server was started
 * anew. Where nothing can be written it lasts as long as the server.
 */
export function machineToken(folder = stateFolder()): string {
  const path = join(folder, 'class-token');
  try {
    const kept = readFileSync(path, 'utf8').trim();
    if (SHAPE.test(kept)) return kept;
  } catch {
    // There is none yet.
  }
  const token = randomBytes(32).toString('base64url');
  try {
    mkdirSync(folder, { recursive: true, mode: 0o700 });
    writeFileSync(path, `${token}\n`, { mode: 0o600 });
    chmodSync(path, 0o600);
  } catch (error) {
    console.error(
      `The token cannot be kept in ${folder} (${(error as Error).message}): after a restart open the address anew.`,
    );
  }
  return token;
}

/** Whether a token is the machine's, in a time that tells nothing about it. */
export function isToken(given: string | undefined, token: string): boolean {
  const digest = (text: string) => createHash('sha256').update(text).digest();
  return given !== undefined && timingSafeEqual(digest(given), digest(token));
}
