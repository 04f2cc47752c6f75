import { type QuestionLayout, inLine } from '../../layout/questionLayout';
import { NO_STAFF, voicesOnStaff } from '../../layout/staffLayout';
import type { PartsCompleteGiven } from './given';

/** The voices that are given on a grand staff with their numerals under them; the others are written there. */
export const layoutPartsComplete = ({ clef, key, voices, numerals }: PartsCompleteGiven): QuestionLayout =>
  inLine(clef === undefined ? NO_STAFF : voicesOnStaff(key, voices, true), { say: 'key', key }, numerals);
