/**
 * The answers of questions against tonal 6.4.3 (a general-purpose library from the registry), and against ways of
 * working of their own.
 */
import {
  Chord as TonalChord,
  Interval as TonalInterval,
  Key as TonalKey,
  Note as TonalNote,
  Scale,
} from 'tonal';
import { kindOf, askQuestions, type MaterialText, type Question } from '../src';

const ask = (kind: string, material: MaterialText = {}, count = 200, seed = 11) =>
  askQuestions({ kind, seed, count, material });
const text = (question: Question, field: string) => String(question.given[field]);
const texts = (question: Question, field: string) => question.given[field] as string[];
const only = <Answer>(question: Question) => question.answers[0] as Answer;
const nameOnly = (note: string) => note.replace(/-?\d$/, '');

/** All fifteen major keys, so that a thousand questions have room. */
const ALL_KEYS = ['C', 'G', 'D', 'A', 'E', 'B', 'F#', 'C#', 'F', 'Bb', 'Eb', 'Ab', 'Db', 'Gb', 'Cb'].map(
  (tonic) => `${tonic} major`,
);

describe('answers against tonal', () => {
  test('a thousand intervals, simple and compound, under all signatures', () => {
    const material = {
      keys: ALL_KEYS,
      clefs: ['treble', 'bass', 'alto', 'tenor'],
      intervals: [
        'm2',
        'M2',
        'A2',
        'm3',
        'M3',
        'd4',
        'P4',
        'A4',
        'd5',
        'P5',
        'A5',
        'm6',
        'M6',
        'd7',
        'm7',
        'M7',
        'P8',
      ],
      compound: true,
      accidentals: 'double',
    };
    const { questions, remarks } = ask('interval-name', material, 1000);
    expect(remarks).toEqual([]);
    for (const question of questions) {
      const distance = TonalInterval.distance(text(question, 'from'), text(question, 'to'));
      const { num, q } = TonalInterval.get(distance);
      expect(`${q}${num}`).toBe(only(question));
    }
    expect(
      new Set(questions.map(({ given }) => `${String(given['from'])} ${String(given['to'])}`)).size,
    ).toBe(1000);
  });

  test('built intervals, above and below', () => {
    const { questions } = ask('interval-build', { accidentals: 'double', keys: ALL_KEYS }, 600);
    for (const question of questions) {
      const name = text(question, 'name');
      const by =
        question.given['below'] === true ? `-${name.slice(1)}${name[0]!}` : `${name.slice(1)}${name[0]!}`;
      expect(TonalNote.transpose(text(question, 'from'), by)).toBe(only(question));
    }
    expect(questions.some(({ given }) => given['below'] === true)).toBe(true);
  });

  test('inversions of intervals', () => {
    for (const question of ask('interval-invert', { keys: ALL_KEYS }, 300).questions) {
      const name = text(question, 'name');
      const { q, num } = TonalInterval.get(TonalInterval.invert(`${name.slice(1)}${name[0]!}`));
      expect(`${q}${num}`).toBe(only(question));
    }
  });

  test('scales and signatures of all keys', () => {
    const keys = [...ALL_KEYS, 'A minor', 'E minor', 'F# minor', 'C minor', 'Ab minor', 'A# minor'];
    for (const question of ask('scale-write', { keys }, 40).questions) {
      const [tonic, mode] = text(question, 'key').split(' ');
      const form = { natural: mode!, harmonic: 'harmonic minor', melodic: 'melodic minor' }[
        text(question, 'form')
      ]!;
      expect(Scale.get(`${tonic} ${form}`).notes).toEqual(only(question));
    }
    for (const question of ask('signature-write', { keys: ALL_KEYS }, 15).questions) {
      const { alteration } = TonalKey.majorKey(text(question, 'key').split(' ')[0]!);
      const signs = only<string[]>(question);
      expect(signs).toHaveLength(Math.abs(alteration));
      expect(signs.every((sign) => sign.endsWith(alteration > 0 ? '#' : 'b'))).toBe(true);
    }
    for (const question of ask('signature-name', { keys: ALL_KEYS }, 15).questions) {
      const { alteration } = TonalKey.majorKey(only<string>(question).split(' ')[0]!);
      const signs = texts(question, 'signature');
      expect(signs.length * (signs[0]?.endsWith('b') ? -1 : 1) || 0).toBe(alteration);
    }
  });

  const TONAL: Readonly<Record<string, string>> = {
    major: 'M',
    minor: 'm',
    diminished: 'dim',
    augmented: 'aug',
    'dominant-seventh': '7',
    'major-seventh': 'maj7',
    'minor-seventh': 'm7',
    'half-diminished-seventh': 'm7b5',
    'diminished-seventh': 'dim7',
    'minor-major-seventh': 'mMaj7',
    'augmented-major-seventh': 'maj7#5',
    'major-sixth': '6',
    'minor-sixth': 'm6',
    'dominant-ninth': '9',
    'major-ninth': 'maj9',
    'minor-ninth': 'm9',
    'minor-11th': 'm11',
  };
  type Named = { readonly root: string; readonly quality: string; readonly inversion: number };

  test.each(['triad', 'seventh', 'extended'])(
    'every name of a %s has its notes, and its lowest',
    (family) => {
      const { questions } = ask(`${family}-name`, { accidentals: 'double', keys: ALL_KEYS }, 300);
      let compared = 0;
      for (const question of questions)
        for (const { root, quality, inversion } of question.answers as Named[]) {
          const type = TONAL[quality];
          if (type === undefined) continue;
          compared++;
          const { notes } = TonalChord.getChord(type, root);
          const given = texts(question, 'notes').map(nameOnly);
          expect([...new Set(given)].sort()).toEqual([...notes].sort());
          expect(notes[inversion]).toBe(given[0]);
        }
      expect(compared).toBeGreaterThan(200);
      for (const question of ask(`${family}-build`, { accidentals: 'double', keys: ALL_KEYS }, 300)
        .questions) {
        const { root, quality, inversion } = question.given as Named & Record<string, unknown>;
        const type = TONAL[quality];
        if (type === undefined) continue;
        const { notes } = TonalChord.getChord(type, root);
        expect(only(question)).toEqual([...notes.slice(inversion), ...notes.slice(0, inversion)]);
      }
    },
  );

  test('lines that are transposed', () => {
    for (const question of ask('transpose', { keys: ALL_KEYS, length: 6 }, 200).questions) {
      const name = text(question, 'by');
      const by = `${question.given['below'] === true ? '-' : ''}${name.slice(1)}${name[0]!}`;
      expect(texts(question, 'notes').map((note) => TonalNote.transpose(note, by))).toEqual(only(question));
    }
  });

  test('notes over a figured bass are counted in letters under the signature', () => {
    for (const question of ask('figures-name', { keys: ALL_KEYS }, 300).questions) {
      const scale = TonalKey.majorKey(text(question, 'key').split(' ')[0]!).scale;
      const bass = nameOnly(text(question, 'bass'));
      const own = texts(question, 'figures');
      // What the figures leave out (common practice).
      const full = {
        '': [5, 3],
        6: [6, 3],
        '6 4': [6, 4],
        7: [7, 5, 3],
        '6 5': [6, 5, 3],
        '4 3': [6, 4, 3],
        '4 2': [6, 4, 2],
        2: [6, 4, 2],
      }[own.join(' ')];
      expect(full).toBeDefined();
      const at = scale.indexOf(bass);
      const over = full!.map((figure) => scale[(at + figure - 1) % 7]!);
      const { notes } = only<{ readonly notes: string[] }>(question);
      expect(notes[0]).toBe(bass);
      expect([...notes].sort()).toEqual([bass, ...over].sort());
    }
  });

  test('a numeral that is named is built of the notes that were given, and the other way round', () => {
    const numerals = ['I', 'ii6', 'IV', 'V65', 'V7/V', 'vi', 'viio6', 'V42', 'viio7/ii', 'I64'];
    const material = { keys: ALL_KEYS, numerals };
    for (const { given, answers } of ask('numeral-label', material, 200).questions) {
      const built = kindOf('numeral-build').solve({ key: given['key'], numeral: answers[0] });
      expect(built[0]).toEqual((given['notes'] as string[]).map(nameOnly));
    }
    // The notes of plain triads, by the scale.
    for (const question of ask('numeral-build', { keys: ALL_KEYS, inversions: [0] }, 100).questions) {
      const { scale } = TonalKey.majorKey(text(question, 'key').split(' ')[0]!);
      const degree = ['i', 'ii', 'iii', 'iv', 'v', 'vi', 'vii'].indexOf(
        text(question, 'numeral').toLowerCase().replace(/[^iv]/g, ''),
      );
      const notes = only<string[]>(question);
      expect(notes).toEqual(notes.map((_, third) => scale[(degree + 2 * third) % 7]));
    }
  });
});
