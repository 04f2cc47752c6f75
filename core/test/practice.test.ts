/**
 * Drills round the keys. Scales and chords are compared with tonal; fingers of C major and the order of the circle are
 * common practice.
 */
import { Chord, Key as TonalKey, Note as TonalNote, Scale } from 'tonal';
import {
  checkMoment,
  drillId,
  DRILLS,
  drillNotes,
  HANDS,
  keysInOrder,
  KEY_ORDERS,
  midiNumber,
  mistakeName,
  drillMoments,
  parseDrill,
  parseKey,
  printNote,
  SCALE_FORMS,
  type Drill,
  type Note,
} from '../src';

const ALL_KEYS = keysInOrder('circle', 'both', 6);
const names = (notes: readonly Note[]) => notes.map((note) => printNote(note).replace(/-?\d$/, ''));
const right = (drill: Drill, key: string, form?: 'natural' | 'harmonic' | 'melodic') =>
  drillNotes(drill, parseKey(key), form).right;

test.each(ALL_KEYS)('every drill in %s keeps both hands on the staff, a finger for every note', (key) => {
  for (const drill of DRILLS) {
    const notes = drillNotes(drill, parseKey(key));
    expect(notes.left).toHaveLength(notes.right.length);
    for (const hand of [notes.right, notes.left])
      for (const { notes: own, fingers } of hand) {
        expect(fingers).toHaveLength(own.length);
        expect(fingers.every((finger) => finger >= 1 && finger <= 5)).toBe(true);
        expect(new Set(fingers).size).toBe(fingers.length);
      }
    notes.right.forEach((moment, at) => {
      const low = notes.left[at]!.notes.map(midiNumber);
      expect(moment.notes.map((note) => midiNumber(note) - 12)).toEqual(low);
    });
    const heights = notes.right.flatMap((moment) => moment.notes.map(midiNumber));
    expect(Math.min(...heights)).toBeGreaterThanOrEqual(52);
    expect(Math.max(...heights)).toBeLessThanOrEqual(88);
  }
});

test('scales of all keys are those of tonal', () => {
  for (const key of ALL_KEYS) {
    const [tonic, mode] = key.split(' ');
    for (const form of SCALE_FORMS) {
      const own = names(right('scale', key, form).flatMap(({ notes }) => notes));
      const known =
        mode === 'major' ? Scale.get(`${tonic} major`).notes : TonalKey.minorKey(tonic!)[form].scale.slice();
      expect(own.slice(0, 7)).toEqual(known);
      expect(own[7]).toBe(tonic);
    }
  }
});

test('triads and dominant sevenths stand in every inversion, as tonal names them', () => {
  for (const key of ALL_KEYS) {
    const [tonic, mode] = key.split(' ');
    const triad = Chord.get(`${tonic}${mode === 'major' ? 'M' : 'm'}`).notes;
    const turned = right('triads', key).map(({ notes }) => names(notes));
    expect(turned).toEqual([0, 1, 2, 0].map((at) => [...triad.slice(at), ...triad.slice(0, at)]));
    const seventh = Chord.get(`${TonalNote.transpose(tonic!, '5P')}7`).notes;
    const sevenths = right('sevenths', key).map(({ notes }) => names(notes));
    expect(sevenths).toEqual([0, 1, 2, 3, 0].map((at) => [...seventh.slice(at), ...seventh.slice(0, at)]));
    expect(right('arpeggio', key).flatMap(({ notes }) => names(notes))).toEqual([...triad, tonic]);
  }
});

test('C major has the fingers that every pupil learns', () => {
  const fingers = (drill: Drill, hand: 'right' | 'left') =>
    drillNotes(drill, parseKey('C major'))[hand].map((moment) => moment.fingers.join('-'));
  expect(fingers('scale', 'right').join('')).toBe('12312345');
  expect(fingers('scale', 'left').join('')).toBe('54321321');
  expect(fingers('triads', 'right')).toEqual(['1-3-5', '1-2-5', '1-3-5', '1-3-5']);
  expect(fingers('triads', 'left')).toEqual(['5-3-1', '5-3-1', '5-2-1', '5-3-1']);
  expect(fingers('arpeggio', 'right').join('')).toBe('1235');
});

test('hands apart, then both, the left below', () => {
  const notes = drillNotes('scale', parseKey('G major'));
  const [first] = HANDS.map(
    (hands) => drillMoments(notes, hands).map((own) => own.map(printNote).join(' '))[0],
  );
  expect(HANDS.map((hands) => drillMoments(notes, hands)[0]!.map(printNote).join(' '))).toEqual([
    first,
    'G2',
    'G2 G3',
    'G2 G3',
  ]);
  expect(first).toBe('G3');
});

describe('the order of the keys', () => {
  test('round the circle, sharps and flats by turns, flats first, sharps first', () => {
    expect(keysInOrder('circle', 'major', 2)).toEqual(
      ['C', 'G', 'F', 'D', 'Bb'].map((one) => `${one} major`),
    );
    expect(keysInOrder('flats', 'major', 2)).toEqual(['C', 'F', 'Bb', 'G', 'D'].map((one) => `${one} major`));
    expect(keysInOrder('sharps', 'minor', 1)).toEqual(['A minor', 'E minor', 'D minor']);
    expect(keysInOrder('circle', 'both', 0)).toEqual(['C major', 'A minor']);
  });

  test.each(KEY_ORDERS)('%s meets every place of the keyboard once', (order) => {
    const keys = keysInOrder(order, 'major', 6);
    const places = keys.map((key) => TonalNote.chroma(key.split(' ')[0]!));
    expect(keys).toHaveLength(12);
    expect(new Set(places).size).toBe(12);
  });
});

describe('what was played', () => {
  const check = (wanted: string[], struck: string[], key: string) => {
    const notes = wanted.map((text) => ({ ...noteOf(text) }));
    return checkMoment(
      notes,
      struck.map((text) => TonalNote.midi(text)!),
      parseKey(key),
    );
  };
  const noteOf = (text: string): Note => {
    const key = parseKey(`${text.replace(/-?\d$/, '')} major`);
    return { ...key.tonic, octave: Number(/-?\d$/.exec(text)![0]) };
  };

  test('the right keys are right in any order, twice or not', () => {
    expect(check(['C4', 'E4'], ['E4', 'C4', 'C4'], 'C major').right).toBe(true);
  });

  test.each([
    ['F#4', 'F4', 'G major', 'signature-forgotten'],
    ['Bb4', 'B4', 'F major', 'signature-forgotten'],
    ['G#4', 'G4', 'A minor', 'leading-note-not-raised'],
    ['E4', 'E5', 'C major', 'octave-off'],
    ['E4', 'F4', 'C major', 'step-off'],
    ['E4', 'A4', 'C major', undefined],
  ])('%s played as %s in %s: %s', (wanted, struck, key, cause) => {
    const { right, missing, wrong, causes } = check([wanted], [struck], key);
    expect(right).toBe(false);
    expect(missing.map(printNote)).toEqual([wanted]);
    expect(wrong).toEqual([TonalNote.midi(struck)]);
    expect(causes[0]).toBe(cause);
    // Causes are those of marking, which have their sentences.
    if (cause) expect(mistakeName(cause)).not.toBe(cause);
  });

  test('a key too many is wrong, a note left out is missing', () => {
    expect(check(['C4'], ['C4', 'D4'], 'C major')).toMatchObject({ right: false, missing: [], wrong: [62] });
    expect(check(['C4', 'E4'], ['C4'], 'C major').missing.map(printNote)).toEqual(['E4']);
  });
});

test('items keep their names', () => {
  for (const text of ['scale C major', 'scale A minor melodic', 'arpeggio Gb major', 'sevenths F# minor'])
    expect(drillId(parseDrill(text))).toBe(text);
  expect(parseDrill('scale C major melodic')).toEqual({ drill: 'scale', key: 'C major' });
});

test.each(['dance C major', 'scale', 'scale C', 'scale C major sideways', 'scale H major'])(
  '“%s” is no item',
  (text) => {
    expect(() => parseDrill(text)).toThrow();
  },
);

test('church modes are not drilled', () => {
  expect(() => drillNotes('scale', parseKey('D dorian'))).toThrow('major and minor');
});
