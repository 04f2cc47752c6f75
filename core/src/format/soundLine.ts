import { LONGEST_TICKS, parseLength, printLength } from '../time/length';
import { attempt } from '../errors';
import type { LineColumn } from '../line/column';
import { counted, type Carried, type LineFile } from './lineFile';

const LONGEST_TITLE = 200;
const LONGEST_WORDS = 200;
const MOST_MELODY_NOTES = 128;

/** A line that was read, within what a line can hold; what had to be cut is told. */
export function soundLine({ value, remarks }: Carried<LineFile>): Carried<LineFile> {
  const told: string[] = [];
  let long = 0;
  let crowded = 0;
  const columns = value.columns.map((column): LineColumn => {
    const { length, words, melody } = column;
    const held = length === undefined || attempt(() => parseLength(length)).ok;
    if (!held) long++;
    if (melody && melody.length > MOST_MELODY_NOTES) crowded++;
    return {
      ...column,
      ...(held ? {} : { length: printLength(LONGEST_TICKS) }),
      ...(words === undefined ? {} : { words: words.slice(0, LONGEST_WORDS) }),
      ...(melody === undefined ? {} : { melody: melody.slice(0, MOST_MELODY_NOTES) }),
    };
  });
  if (long > 0)
    told.push(
      `${counted(long, 'chord lasts', 'chords last')} longer than a line can hold ` +
        `and ${long === 1 ? 'was' : 'were'} cut short.`,
    );
  if (crowded > 0)
    told.push(
      `The melody over ${counted(crowded, 'chord', 'chords')} was cut after ${MOST_MELODY_NOTES} notes.`,
    );
  return {
    value: {
      ...value,
      title: value.title.slice(0, LONGEST_TITLE),
      source: value.source.slice(0, LONGEST_TITLE),
      columns,
    },
    remarks: [...remarks, ...told],
  };
}
