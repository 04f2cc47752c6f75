/** What the application writes it always reads again, whatever was typed. */
import fc from 'fast-check';
import { MOST_COLUMNS } from '@diatonix/core';
import { typeIntervals } from '../src/benches/intervals/state';
import { addEntry, renameProgression, decide, typeLine, typeMelody } from '../src/benches/progressions/state';
import { progressionNow } from '../src/benches/progressions/desk';
import { workbookToFile } from '../src/documents/files/file';
import { workbookFromFile } from '../src/documents/files/importFile';
import type { Document } from '../src/documents/store/document';
import { documentsNow, showEmpty } from './demo';

beforeEach(() => {
  showEmpty();
  addEntry({ kind: 'numeral', text: 'I' });
});

/** The open workbook as a file, read again. */
async function again() {
  const read = await workbookFromFile(workbookToFile('Own', documentsNow()), 'own.json');
  if (!read.ok) throw new Error(read.message);
  return read.value;
}

const without = ({ id, kind, body }: Document) => ({ id, kind, body });

const PIECES = [
  'I', 'V65/ii', 'Dm7b5/Ab', '(C4 E4 G4)', '|', '|:', ':|', '4/4', '3/8', 'ii:3/2', 'I:827/5040', 'V:300', '%', 'N.C.',
  '[? ?]>', '|1.', ':|2.', 'zz', 'I'.repeat(500), `V${'[add9]'.repeat(80)}`, 'V7/V/V/V/V/V',
  '(C4 C5 C6 E4 E5 E6 G2 G3 G4 G5 G6)',
  '-', '{}', '\u0000', '😀',
]; // prettier-ignore

test('a line of any pieces, long ones too, with words, melody and title comes back as it was', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(fc.oneof(fc.constantFrom(...PIECES), fc.string({ maxLength: 12 })), { maxLength: 30 }),
      fc.string({ maxLength: 300 }),
      async (pieces, text) => {
        typeLine(pieces.join(' '));
        typeMelody(`${'C5 D5 E5 '.repeat(12)}| ${text}`);
        typeIntervals(`C4 E4, ${text}`);
        renameProgression(text.slice(0, 200));
        const [first] = progressionNow()!.body.columns;
        if (first) decide(first.id, { words: text.slice(0, 200) });
        const read = await again();
        expect(read.aside).toEqual([]);
        const now = documentsNow();
        for (const { id, kind, body } of read.documents)
          expect({ id, kind, body }).toEqual(without(now[id]!));
        expect(read.documents).toHaveLength(Object.keys(now).length);
      },
    ),
    { numRuns: 60 },
  );
});

test('a line longer than the longest keeps everything, the rest as one piece that is not read', async () => {
  typeLine('I '.repeat(MOST_COLUMNS + 500));
  const { columns } = progressionNow()!.body;
  expect(columns).toHaveLength(MOST_COLUMNS);
  const last = columns[MOST_COLUMNS - 1]!;
  expect('unread' in last && last.unread.split(' ')).toHaveLength(501);
  expect((await again()).aside).toEqual([]);
});
