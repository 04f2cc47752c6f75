/**
 * Questions of every kind: the same for a seed, within their material, without repeats, and their answers against
 * tonal 6.4.3 (a general-purpose library from the registry) and against ways of working of their own.
 */
import {
  Chord as TonalChord,
  Interval as TonalInterval,
  Key as TonalKey,
  Note as TonalNote,
  Scale,
} from 'tonal';
import {
  answerWords,
  ASKING,
  askQuestions,
  kindsOut,
  kindWords,
  makeSheet,
  sayStep,
  sentenceText,
  sheetCode,
  askingOf,
  type MaterialText,
  type Question,
} from '../src';

const ask = (kind: string, material: MaterialText = {}, count = 200, seed = 11) =>
  askQuestions({ kind, seed, count, material });
const text = (question: Question, field: string) => String(question.given[field]);
const texts = (question: Question, field: string) => question.given[field] as string[];
const only = <Answer>(question: Question) => question.answers[0] as Answer;
const nameOnly = (note: string) => note.replace(/-?\d$/, '');

const KINDS = ASKING.map(({ id }) => id);
/** All fifteen major keys, so that a thousand questions have room. */
const ALL_KEYS = ['C', 'G', 'D', 'A', 'E', 'B', 'F#', 'C#', 'F', 'Bb', 'Eb', 'Ab', 'Db', 'Gb', 'Cb'].map(
  (tonic) => `${tonic} major`,
);

describe.each(KINDS)('%s', (kind) => {
  const { questions } = ask(kind, {}, 60);

  test('is the same for the same seed, and another for another', () => {
    expect(ask(kind, {}, 60).questions).toEqual(questions);
    expect(ask(kind, {}, 60, 12).questions.map(({ given }) => given)).not.toEqual(
      questions.map(({ given }) => given),
    );
  });

  test('has an answer, a difficulty with its parts, and a working in sentences', () => {
    for (const { answers, difficulty, given, id } of questions) {
      expect(answers.length).toBeGreaterThan(0);
      const sum = Object.values(difficulty.parts).reduce((all, part) => all + part, 0);
      expect(difficulty.total).toBeCloseTo(sum, 5);
      expect(difficulty.total).toBeGreaterThan(0);
      expect(id.startsWith(`${kind}-11A-`)).toBe(true);
      const said = askingOf(kind)
        .steps(given)
        .map((step) => sentenceText(sayStep(step)));
      expect(said.length).toBeGreaterThan(0);
      expect(said.join(' ')).not.toMatch(/undefined|NaN|\[object/);
      expect(answerWords(kind, answers[0])).not.toMatch(/undefined|NaN|\[object/);
    }
    expect(kindWords(kind).instruction).toMatch(/\.$/);
  });

  test('versions are as hard one by one, and no question comes twice among them', () => {
    // Fourteen keys are few for three versions of a signature.
    const count = kind.startsWith('signature') ? 2 : 4;
    const versions = [0, 1, 2].map((version) => askQuestions({ kind, seed: 5, count, version }).questions);
    versions[0]!.forEach(({ difficulty }, at) => {
      for (const other of versions.slice(1))
        expect(Math.abs(other[at]!.difficulty.total - difficulty.total)).toBeLessThanOrEqual(0.51);
    });
    const all = versions.flat().map(({ given }) => JSON.stringify(given));
    expect(new Set(all).size).toBe(all.length);
  });
});

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
      const built = askingOf('numeral-build').answers({ key: given['key'], numeral: answers[0] });
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

describe('material', () => {
  test('nothing is asked outside it', () => {
    const { questions } = ask(
      'interval-name',
      {
        clefs: ['bass'],
        keys: ['D major'],
        intervals: ['m2', 'A4'],
        accidentals: 'signature',
        ledgerLines: 0,
      },
      12,
    );
    for (const question of questions) {
      expect(['m2', 'A4']).toContain(only(question));
      expect([text(question, 'clef'), text(question, 'key')]).toEqual(['bass', 'D major']);
      for (const field of ['from', 'to'])
        expect(['D', 'E', 'F#', 'G', 'A', 'B', 'C#']).toContain(nameOnly(text(question, field)));
    }
  });

  test('no F♭ and no double sharp under a signature of none, unless double ones are asked for', () => {
    for (const kind of ['interval-name', 'triad-build', 'seventh-name', 'extended-build']) {
      const said = JSON.stringify(
        ask(kind, { keys: ['C major', 'A minor'] }, 300).questions.map(({ given, answers }) => [
          given,
          answers,
        ]),
      );
      expect(said).not.toMatch(/"[A-G](?:##|bb)\d?"|"[FC]b\d?"|"[EB]#\d?"/);
    }
    const far = JSON.stringify(ask('interval-name', { accidentals: 'double' }, 300).questions);
    expect(far).toMatch(/"[A-G]##\d"/);
  });

  test('what the class has not been taught is not asked, and told', () => {
    const { questions, remarks } = ask('numeral-build', { untaught: ['iii', 'viio'], keys: ['C major'] }, 20);
    expect(questions.map(only).length).toBe(20);
    for (const question of questions) expect(text(question, 'numeral')).not.toMatch(/^(?:iii|vii)/);
    expect(remarks).toContain('iii has not been taught to this class, and is not asked.');
  });

  test('material that is used up comes again, and that is told; what a kind does not take is told too', () => {
    const { questions, remarks } = ask(
      'signature-write',
      { keys: ['C major', 'G major'], inversions: [1] },
      5,
    );
    expect(questions).toHaveLength(5);
    expect(remarks).toEqual([
      'The material has only 2 different questions: some come again.',
      'signature-write takes no “inversions”: it changes nothing.',
    ]);
  });

  test.each([
    ['interval-names', {}, '“interval-names”: there is no such kind of exercise.'],
    ['interval-name', { intervalls: ['m2'] }, '“intervalls”: there is no such material.'],
    ['interval-name', { clefs: ['soprano'] }, '“clefs: soprano”: there is none of this name.'],
    ['interval-name', { keys: ['H major'] }, '“H major”'],
    ['interval-name', { keys: [] }, '“keys”: the list is empty.'],
    ['interval-name', { ledgerLines: 9 }, '“ledgerLines: 9”: this cannot be.'],
    ['interval-name', { compound: 'yes' }, '“compound”: this is not true or false.'],
    [
      'triad-name',
      { qualities: ['dominant-seventh'] },
      '“qualities: dominant-seventh”: there is none of this name.',
    ],
    ['triad-name', { inversions: [7] }, '“inversions”: these are no inversions.'],
    [
      'interval-name',
      { intervals: ['A4'], accidentals: 'none', keys: ['Gb major'] },
      'it admits no question.',
    ],
    ['numeral-build', { numerals: ['ii'], untaught: ['ii'] }, 'it admits no question.'],
  ])('%s of %j is refused in words', (kind, material, message) => {
    expect(() => ask(kind, material as MaterialText, 3)).toThrow(message);
  });

  test('numbers that cannot be are refused', () => {
    expect(() => ask('note-name', {}, 10_000)).toThrow(
      '“count: 10000”: one to 1000 questions are asked at once.',
    );
    expect(() => ask('note-name', {}, 3, 0.5)).toThrow('“seed: 0.5”');
    expect(() => askQuestions({ kind: 'note-name', seed: 1, count: 1, version: 26 })).toThrow(
      '“version: 26”',
    );
  });

  test('every kind says what it takes', () => {
    for (const { kind, material } of kindsOut()) {
      expect(KINDS).toContain(kind);
      for (const { values, usual } of Object.values(material)) {
        expect(values.length).toBeGreaterThan(0);
        expect(usual).toBeDefined();
      }
    }
  });
});

describe('sheets', () => {
  const spec = {
    title: 'Harbour lights',
    seed: 3,
    sections: [
      { kind: 'interval-name', count: 6, marks: 2 },
      { kind: 'triad-name', count: 4, marks: 3, material: { clefs: ['bass'] } },
    ],
  };

  test('are the same for the same spec, count their marks, and have a code for each version', () => {
    const [a, b] = [makeSheet(spec), makeSheet(spec, 1)];
    expect(makeSheet(spec)).toEqual(a);
    expect(a.marks).toBe(24);
    expect([a.version, b.version]).toEqual(['A', 'B']);
    expect(a.code.slice(0, -1)).toBe(b.code.slice(0, -1));
    expect(a.code).toBe(`${sheetCode(spec)}-A`);
    expect(sheetCode({ ...spec, seed: 4 })).not.toBe(sheetCode(spec));
  });

  test.each([
    [{ sections: [] }, '“sections”: a sheet has 1 to 30 sections.'],
    [{ sections: [{ kind: 'note-name', count: 0 }] }, '“section 1, note-name: count: 0”'],
    [{ sections: [{ kind: 'nothing', count: 1 }] }, '“section 1, nothing: nothing”: there is no such kind'],
    [{ sections: [{ kind: 'note-name', count: 2, marks: -1 }] }, '“section 1, note-name: marks: -1”'],
    [
      { sections: [{ kind: 'note-name', count: 2, material: { clefs: 'bass' } }] },
      '“section 1, note-name: clefs”',
    ],
    [{ seed: 1.5 }, '“seed: 1.5”'],
  ])('%j is refused in words', (wrong, message) => {
    expect(() => makeSheet({ ...spec, ...wrong } as typeof spec)).toThrow(message);
  });
});
