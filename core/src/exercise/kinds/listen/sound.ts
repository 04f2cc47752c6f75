import { TheoryError } from '../../../errors';
import type { Note } from '../../../pitch/note';
import { parseNote } from '../../../pitch/parse';
import { rising } from '../../ask/onStaff';
import type { Given } from '../../ask/question';

/** What is played, moment by moment. Throws TheoryError `request`. */
export function soundIn(given: Given): Note[][] {
  const sound = given['sound'];
  const isMoment = (one: unknown) => Array.isArray(one) && one.every((text) => typeof text === 'string');
  if (!Array.isArray(sound) || sound.length === 0 || !sound.every(isMoment))
    throw new TheoryError(
      'request',
      'sound',
      'the question has no such field.',
      'Give the question as it was asked.',
    );
  return (sound as string[][]).map((notes) => rising(notes.map((text) => parseNote(text))));
}
