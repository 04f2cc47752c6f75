/** What stands on a bench becomes questions of a sheet, whole, and what does not is told. */
import {
  kindOf,
  makeSheet,
  markAnswer,
  parseKey,
  parseNote,
  parseSymbol,
  promptWords,
  questionOf,
  questionsFromChord,
  questionsFromIntervals,
  questionsFromLine,
  questionsFromMap,
  questionsFromPassage,
  questionWorking,
  type BenchQuestions,
} from '@diatonix/core';
import { checkBody } from '../src/documents/checks/check';
import { bringToSheet } from '../src/documents/kinds/sheet/addQuestions';
import { specOf } from '../src/documents/kinds/sheet/spec';
import { documentsOf } from '../src/documents/store/select';
import { useDocuments } from '../src/documents/store/store';
import { showEmpty } from './demo';

beforeEach(showEmpty);

describe('what stands on a bench goes to a sheet', () => {
  const key = parseKey('D major');
  const note = (text: string) => parseNote(text);
  const made = (brought: BenchQuestions) => {
    bringToSheet(brought);
    const sheets = documentsOf(useDocuments.getState().documents, 'sheet');
    expect(checkBody('sheet', sheets[0]!.body)).toEqual([]);
    const { sections } = makeSheet(specOf(sheets[0]!.body, null));
    return sections.at(-1)!;
  };
  const answers = (brought: BenchQuestions) => made(brought).questions.map(({ answers: all }) => all[0]);

  test('intervals with their names, upper notes or inversions blank', () => {
    const pairs = [
      [note('D4'), note('B4')],
      [note('C#5'), note('A4')],
      [note('D4'), note('E5')],
    ] as const;
    expect(answers(questionsFromIntervals(pairs, 'treble', key, 'name'))).toEqual(['M6', 'M3', 'M9']);
    expect(answers(questionsFromIntervals(pairs, 'treble', key, 'note'))).toEqual(['B4', 'C#5', 'E5']);
    expect(answers(questionsFromIntervals(pairs, 'treble', key, 'inversion'))).toEqual(['m3', 'm6']);
  });

  test('a chord to be named or built; an unusual one is told', () => {
    const chord = parseSymbol('Em7/G');
    expect(answers(questionsFromChord(chord, 'bass', key, 'name'))).toEqual([
      { root: 'E', quality: 'minor-seventh', inversion: 1 },
    ]);
    expect(answers(questionsFromChord(chord, 'bass', key, 'notes'))).toEqual([['G', 'B', 'D', 'E']]);
    expect(() => questionsFromChord(parseSymbol('C7#5b9#11'), 'bass', key, 'name')).toThrow(
      'sheets ask for triads',
    );
  });

  test('a line to be labelled keeps its labels as the answer; its chords are built once each', () => {
    const line = ['I', 'V7/V', 'V', 'I'];
    const inKey = line.map((numeral) => ({ key, numeral }));
    expect(answers(questionsFromLine(inKey, 'labels'))).toEqual([line]);
    expect(answers(questionsFromLine(inKey, 'notes'))).toEqual([
      ['D', 'F#', 'A'],
      ['E', 'G#', 'B', 'D'],
      ['A', 'C#', 'E'],
    ]);
    expect(() => questionsFromLine([], 'labels')).toThrow('there are no chords to ask for');
  });

  test('a line that changes key goes whole, each label in its key', () => {
    const [home, away] = [key, parseKey('A major')];
    const line = [
      ...['I', 'IV', 'V', 'vi'].map((numeral) => ({ key: home, numeral })),
      ...['ii', 'V7', 'I'].map((numeral) => ({ key: away, numeral })),
    ];
    const { questions, marks } = made(questionsFromLine(line, 'labels'));
    expect(marks).toBe(7);
    expect(questions).toHaveLength(1);
    const [question] = questions;
    expect(question!.answers).toEqual([['I', 'IV', 'V', 'vi', 'ii', 'V7', 'I']]);
    expect(promptWords(question!)).toBe('D major, from chord 5 on A major');
    const given = question!.given as { chords: string[][]; keys: string[] };
    expect(given.keys.slice(3, 5)).toEqual(['D major', 'A major']);
    // E7 is V7 of A major, and what it would be in D major is wrong.
    expect(markAnswer(question!, 'I IV V vi ii V7 I').verdict).toBe('right');
    expect(markAnswer(question!, 'I IV V vi vi V7/V V').verdict).toBe('wrong');
    expect(questionWorking(question!)[4]).toMatch(
      /^From chord 5 on the key is A major\. Chord 5: .* is ii\.$/,
    );
    // Without its answers it is worked out in the same keys.
    const { kind, given: plain } = question!;
    expect(questionOf(kindOf(kind), plain, 'x').answers[0]).toEqual(['I', 'IV', 'V', 'vi', 'ii', 'V7', 'I']);
  });

  test('a long line stands in questions of nearly one length, and what is not taken is told', () => {
    const long = Array.from({ length: 23 }, (_, at) => ({ key, numeral: at % 2 ? 'V' : 'I' }));
    const brought = questionsFromLine([...long, { key, numeral: 'H' }], 'labels');
    const lengths = brought.questions.map(({ given }) => (given as { chords: unknown[] }).chords.length);
    expect(lengths).toEqual([8, 8, 7]);
    expect(brought.left).toEqual(['“H”']);
    bringToSheet(brought);
    expect(useDocuments.getState().told).toMatch(/3 questions, on .* Left out: “H”\.$/);
    expect(questionsFromLine(long, 'notes').left).toEqual(['21 that come again']);
  });

  test('an interval without an inversion is told', () => {
    const wide = [[note('D4'), note('E5')]] as const;
    bringToSheet(questionsFromIntervals(wide, 'treble', key, 'inversion'));
    expect(useDocuments.getState().told).toMatch(
      /^Nothing was put on a sheet\. Left out: D4–E5, which has no inversion/,
    );
  });

  test('the map of a key, and the chords of a piece', () => {
    expect(answers(questionsFromMap(key, 5, ['numerals']))).toEqual([
      { numerals: ['I', 'ii', 'iii', 'IV', 'V', 'vi', 'viio'] },
    ]);
    const chords = [
      { notes: [note('D3'), note('A4'), note('F#4')], label: 'I', key },
      { notes: [note('C#3'), note('G4')], label: 'viio', key },
    ];
    expect(answers(questionsFromPassage(chords))).toEqual([['I', 'viio']]);
  });

  test('the second lot stands on the sheet that was made first', () => {
    made(questionsFromMap(key, 7, ['notes']));
    made(questionsFromMap(key, 5, ['notes']));
    expect(documentsOf(useDocuments.getState().documents, 'sheet')).toHaveLength(1);
  });
});
