import {
  LIMITS,
  attempt,
  compareLabels,
  labelsOfLine,
  parseTypedLabels,
  type Comparison,
  type ScoreReading,
  type ScoreToRead,
  type TheirLabel,
} from '@diatonix/core';
import { fetchScript } from '../../fetchScript';

/** Labels of a file that lie over the open piece. */
export interface Theirs {
  readonly name: string;
  readonly labels: readonly TheirLabel[];
}

/** Reads labels in RomanText to lie over a piece; a message where there are none. */
export async function readTheirs(file: File, score: ScoreToRead): Promise<Theirs | string> {
  if (file.size > LIMITS.labelsFile) return `“${file.name}”: the labels are larger than 2 MB.`;
  const text = await file.text();
  const { readRomanText } = await fetchScript(() => import('@diatonix/core/files'));
  const read = attempt(() => readRomanText(text));
  if (!read.ok) return `“${file.name}”: ${read.error.message}`;
  const labels = labelsOfLine(read.value.value, score);
  if (labels.length === 0) return `“${file.name}” holds no numeral. Write labels as RomanText: m1 I b3 V6.`;
  return { name: file.name, labels };
}

/** Labels that were typed; a message where they cannot be read. */
export async function typedTheirs(
  text: string,
  score: ScoreToRead,
  reading: ScoreReading,
): Promise<Theirs | string> {
  const name = 'Typed labels';
  if (/^\s*(?:m\d|[A-Z][a-z]+:)/m.test(text)) return readTheirs(new File([text], name), score);
  const read = attempt(() => parseTypedLabels(text, score, reading));
  return read.ok ? { name, labels: read.value } : read.error.message;
}

export interface Compared extends Theirs {
  readonly comparison: Comparison;
}

export function compared(theirs: Theirs, reading: ScoreReading): Compared {
  return { ...theirs, comparison: compareLabels(theirs.labels, reading) };
}
