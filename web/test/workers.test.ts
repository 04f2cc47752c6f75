/** What the worker is asked and what it answers, all as plain text: four voices, harmonising. */
import { checkVoicing, parseKey, parseNote, RULES, type FourNotes } from '@diatonix/core';
import { harmoniseLine } from '../src/workers/harmoniseLine';
import { setVoices, type VoicesRequest } from '../src/workers/setVoices';

const FREE = [null, null, null, null];
const line = (key: string, numerals: string, over: Partial<VoicesRequest> = {}): VoicesRequest => ({
  columns: numerals.split(' ').map((numeral) => ({ key, numeral, locks: null })),
  weights: {},
  skip: 0,
  ...over,
});
const notes = (voices: readonly (readonly string[])[]) =>
  voices.map((own) => own.map(parseNote) as unknown as FourNotes);

describe('four voices', () => {
  test('the best setting is legal, and the next ones cost as much or more', () => {
    const costs: number[] = [];
    const seen = new Set<string>();
    for (const skip of [0, 1, 2, 3]) {
      const answer = setVoices(line('A major', 'I IV V7 I', { skip }));
      if (answer.kind !== 'found') throw new Error(answer.kind);
      expect(checkVoicing(notes(answer.voices), parseKey('A major'))).toEqual([]);
      costs.push(answer.cost);
      seen.add(JSON.stringify(answer.voices));
    }
    expect([...costs].sort((a, b) => a - b)).toEqual(costs);
    expect(seen.size).toBe(4);
  });

  test('locked notes stay, with an octave or as a name', () => {
    const asked = line('C major', 'I V I');
    const columns = asked.columns.map((column, at) => ({
      ...column,
      locks: at === 1 ? ['D5', null, null, 'G2'] : FREE,
    }));
    const answer = setVoices({ ...asked, columns });
    if (answer.kind !== 'found') throw new Error(answer.kind);
    expect([answer.voices[1]![0], answer.voices[1]![3]]).toEqual(['D5', 'G2']);
  });

  test('a chord counted in another key is set in it', () => {
    const asked = line('C major', 'I V7 I');
    const columns = asked.columns.map((column, at) => (at === 0 ? column : { ...column, key: 'G major' }));
    const answer = setVoices({ ...asked, columns });
    if (answer.kind !== 'found') throw new Error(answer.kind);
    expect(answer.voices[1]!.some((note) => note.startsWith('F#'))).toBe(true);
  });

  test('where none is legal the place, the rule and the nearest setting are given', () => {
    const asked = line('C major', 'IV V I');
    const outer = [
      ['F4', null, null, 'F3'],
      ['G4', null, null, 'G3'],
      [null, null, null, null],
    ];
    const columns = asked.columns.map((column, at) => ({ ...column, locks: outer[at]! }));
    const answer = setVoices({ ...asked, columns });
    expect(answer).toMatchObject({ kind: 'blocked', at: 1, rule: 'parallel-octaves' });
    if (answer.kind !== 'blocked') throw new Error(answer.kind);
    const faults = checkVoicing(notes(answer.voices!), parseKey('C major'));
    expect(faults.map(({ at, rule }) => `${at} ${rule}`)).toContain('1 parallel-octaves');
    // Nothing is broken that need not be.
    expect(faults.filter(({ rule }) => rule === 'range' || rule === 'spacing')).toEqual([]);
    // Lifted, as the message says, the rule lets the search go on.
    expect(setVoices({ ...asked, columns, weights: { 'parallel-octaves': 0 } }).kind).toBe('found');
  });

  test('a locked note outside its chord cannot be set at all', () => {
    const asked = line('C major', 'I');
    const columns = [{ ...asked.columns[0]!, locks: ['F4', null, null, null] }];
    expect(setVoices({ ...asked, columns })).toEqual({
      kind: 'blocked',
      at: 0,
      rule: 'not-in-chord',
      voices: null,
    });
  });

  test('after the last setting there is none, and what cannot be read is told', () => {
    const asked = line('C major', 'I');
    const columns = [{ ...asked.columns[0]!, locks: ['E4', 'C4', 'G3', 'C3'] }];
    expect(setVoices({ ...asked, columns }).kind).toBe('found');
    expect(setVoices({ ...asked, columns, skip: 1 })).toEqual({ kind: 'no-more' });
    const broken = setVoices(line('C major', 'I Vxyz'));
    expect(broken.kind).toBe('failed');
    expect(broken.kind === 'failed' && broken.message).toContain('xyz');
  });

  test('with every rule off anything goes', () => {
    const weights = Object.fromEntries(RULES.map((rule) => [rule, 0]));
    expect(setVoices(line('E minor', 'i iv V i', { weights })).kind).toBe('found');
  });
});

describe('harmonising', () => {
  const request = {
    key: 'G major',
    voice: 'melody' as const,
    text: 'B4 A4 G4',
    numerals: ['I', 'IV', 'V7'],
    letters: 'english' as const,
    metre: '4/4',
  };

  test('a melody is harmonised with the chords that are allowed, each note in its chord', () => {
    const answer = harmoniseLine(request);
    if (!answer.ok) throw new Error(answer.message);
    expect(answer.found.length).toBeGreaterThan(0);
    for (const { numerals, voices } of answer.found) {
      expect(numerals.every((numeral) => /^(?:I|IV|V)(?:\d|$)/.test(numeral))).toBe(true);
      if (voices) expect(voices.map(([soprano]) => soprano)).toEqual(['B4', 'A4', 'G4']);
    }
    expect(answer.found.some(({ voices }) => voices !== null)).toBe(true);
  });

  test('notes are read in the letters of the school', () => {
    const german = harmoniseLine({ ...request, text: 'H4 A4 G4', letters: 'german' });
    expect(german).toEqual(harmoniseLine(request));
  });

  test('with lengths the metre counts: between the beats a note rather passes', () => {
    const text = 'E4:1 F4:1/2 G4:1/2 E4:2';
    const answer = harmoniseLine({ ...request, key: 'C major', text, numerals: ['I', 'IV', 'V', 'ii'] });
    if (!answer.ok) throw new Error(answer.message);
    expect(answer.found[0]!.lengths).toEqual(['1', '1/2', '1/2', '2']);
    expect(answer.found[0]!.reasons[1]).toMatch(/F passes by step/);
    expect(harmoniseLine({ ...request, text: 'B4:1 A4 G4:x' }).ok).toBe(false);
    const unsaid = harmoniseLine(request);
    expect(unsaid.ok && unsaid.found[0]!.lengths).toBeNull();
  });

  test('a note that is not one says so', () => {
    const answer = harmoniseLine({ ...request, text: 'B4 X4' });
    expect(answer.ok).toBe(false);
    expect(!answer.ok && answer.message).toContain('X4');
  });
});
