import { createHash, randomInt } from 'node:crypto';

/** Letters that are not easily misread for one another. */
const LETTERS = 'ACDEFHJKLMNPRTWXY';
const LENGTH = 6;

/** A join code: one of 24 million, by the machine's own chance. */
export function newCode(): string {
  return Array.from({ length: LENGTH }, () => LETTERS[randomInt(LETTERS.length)]).join('');
}

/** A code as it was typed, without case, spaces and hyphens. */
export const plainCode = (typed: string): string => typed.toUpperCase().replace(/[^A-Z]/g, '');

/** A pupil's id in a room. It is made from the pupil's secret, so that a server that was started again knows it too. */
export function pupilId(room: string, key: string): string {
  return createHash('sha256').update(`${room} ${key}`).digest('base64url').slice(0, 16);
}
