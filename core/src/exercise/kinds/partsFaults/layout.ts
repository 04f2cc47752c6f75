import { type QuestionLayout, onStaves } from '../../layout/questionLayout';
import { NO_STAFF, voicesOnStaff } from '../../layout/staffLayout';
import type { PartsFaultsGiven } from './given';

/** The voices on a grand staff. */
export const layoutPartsFaults = ({ clef, key, voices }: PartsFaultsGiven): QuestionLayout =>
  onStaves(
    clef === undefined ? NO_STAFF : voicesOnStaff(key, voices),
    key === undefined ? null : { say: 'key', key },
  );
