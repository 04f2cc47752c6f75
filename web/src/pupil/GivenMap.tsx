import { DEFAULT_LABEL_STYLE, type Question } from '@diatonix/core';
import { MapTable } from '../questions/MapTable';
import type { PupilQuestion } from './work';

/** The rows of a map that are given. */
export default function GivenMap({ question: { kind, id, given } }: { readonly question: PupilQuestion }) {
  const question = { kind, id, given, answers: [] } as unknown as Question;
  return <MapTable question={question} school={DEFAULT_LABEL_STYLE} answers={false} />;
}
