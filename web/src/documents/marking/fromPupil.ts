/**
 * An answer as a pupil wrote it. A plus or a minus by itself is the teacher's own sign on a pile, for right or wrong
 * without more: a pupil who hands one in has not given it to oneself.
 */
export const fromPupil = (text: string): string =>
  /^[+-]$/.test(text.trim()) ? `“${text.trim()}”` : text.trim();
