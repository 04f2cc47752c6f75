import { LETTERS, modulo, noteName, type Note } from '../../pitch/note';
import type { Beam, ClefAt, ClefName, WrittenNote } from '../../score/model/score';
import type { NoteMark } from '../../score/model/noteMarks';
import { lyricOf } from '../../score/model/verses';
import type { ScoreSign } from '../../score/model/scoreSign';
import type { Ending } from '../../time/bars';
import { TICKS_A_QUARTER } from '../../time/length';
import type { Metre } from '../../time/metre';
import { marksOf, signOf, slursOf } from './decorations';
import { list, number, record, text } from './loose';
import type { Parsed } from './parsed';

const WHOLE = 4 * TICKS_A_QUARTER;
/** Longer a note or a rest never is: a slip of the pen. */
const LONGEST = 64 * WHOLE;
const ALTERATIONS: Readonly<Record<string, number>> = {
  ...{ natural: 0, sharp: 1, flat: -1, dblsharp: 2, dblflat: -2 },
};
const CLEFS: Readonly<Record<string, ClefName>> = {
  ...{
    treble: 'treble',
    bass: 'bass',
    alto: 'alto',
    tenor: 'tenor',
    'treble-8': 'treble-8',
    perc: 'percussion',
  },
};

/** A barline, and what stands at it. */
export interface AbcBarline {
  readonly at: number;
  readonly repeatStart: boolean;
  readonly repeatEnd: boolean;
  readonly isDouble: boolean;
  readonly isHeavy: boolean;
  readonly ending: Ending | null;
  readonly endingEnds: boolean;
}

/** Sharps of a key, flats below zero. */
const fifthsOf = (key: Parsed): number =>
  list(key['accidentals'])
    .map((one) => ALTERATIONS[text(record(one)['acc'])] ?? 0)
    .reduce((sum, one) => sum + Math.sign(one), 0);

const clefOf = (clef: Parsed): ClefName => CLEFS[text(clef['type'])] ?? 'treble';

const marked = (marks: readonly NoteMark[]) => (marks.length > 0 ? { marks } : {});

/** One voice of a tune, read element by element; times in ticks from its beginning. */
export class AbcVoice {
  readonly notes: WrittenNote[] = [];
  readonly symbols: { readonly at: number; readonly name: string }[] = [];
  readonly barlines: AbcBarline[] = [];
  readonly metres: { readonly at: number; readonly metre: Metre }[] = [];
  readonly signatures: { readonly at: number; readonly fifths: number }[] = [];
  readonly clefs: ClefAt[] = [];
  readonly signs: ScoreSign[] = [];
  private now = 0;
  /** What the signature alters, and what signs in this bar do, by letter and by place on the staff. */
  private signature = new Map<number, number>();
  private altered = new Map<number, number>();
  private tuplet: { readonly over: number; readonly under: number } | null = null;
  private beaming = false;
  /** Pitches that are tied on from the note before. */
  private tied = new Set<number>();

  constructor(
    private readonly part: number,
    readonly name: string,
  ) {}

  /** The end of what was read, in ticks. */
  get end(): number {
    return this.now;
  }

  /** A line of music says its key, metre and clef anew where they have changed. */
  lineBegins(staff: Parsed): void {
    if (staff['key'] !== undefined) this.readKey(record(staff['key']));
    if (staff['meter'] !== undefined) this.readMetre(record(staff['meter']));
    if (staff['clef'] !== undefined) this.readClef(record(staff['clef']));
  }

  read(element: Parsed): void {
    switch (element['el_type']) {
      case 'note':
        return this.readNote(element);
      case 'bar':
        return this.readBarline(element);
      case 'key':
      case 'keySignature':
        return this.readKey(element);
      case 'meter':
      case 'timeSignature':
        return this.readMetre(element);
      case 'clef':
        return this.readClef(element);
    }
  }

  private readKey(key: Parsed): void {
    const accidentals = list(key['accidentals']).map(record);
    this.signature = new Map(
      accidentals.map((one) => [
        Math.max(0, LETTERS.indexOf(text(one['note']).toUpperCase())),
        ALTERATIONS[text(one['acc'])] ?? 0,
      ]),
    );
    const fifths = fifthsOf(key);
    const last = this.signatures[this.signatures.length - 1];
    if (last?.at === this.now) this.signatures.pop();
    if (last === undefined || last.at === this.now || last.fifths !== fifths)
      this.signatures.push({ at: this.now, fifths });
  }

  private readMetre(meter: Parsed): void {
    const [first] = list(meter['value']).map(record);
    const kind = text(meter['type']);
    const told = first && { over: Number(first['num']), under: Number(first['den']) };
    const usual = kind === 'cut_time' ? { over: 2, under: 2 } : { over: 4, under: 4 };
    const metre = told && told.over > 0 && told.under > 0 ? told : usual;
    const last = this.metres[this.metres.length - 1]?.metre;
    if (last && last.over === metre.over && last.under === metre.under) return;
    this.metres.push({ at: this.now, metre });
  }

  private readClef(clef: Parsed): void {
    const name = clefOf(clef);
    if (this.clefs[this.clefs.length - 1]?.clef !== name)
      this.clefs.push({ staff: 1, at: this.now, clef: name });
  }

  private readBarline(element: Parsed): void {
    this.altered = new Map();
    const kind = text(element['type']);
    const ending = text(element['startEnding']).match(/^[12]/)?.[0] as Ending | undefined;
    this.barlines.push({
      at: this.now,
      repeatStart: kind === 'bar_left_repeat' || kind === 'bar_dbl_repeat',
      repeatEnd: kind === 'bar_right_repeat' || kind === 'bar_dbl_repeat',
      isDouble: kind === 'bar_thin_thin',
      isHeavy: kind !== 'bar_thin' && kind !== 'bar_invisible',
      ending: ending ?? null,
      endingEnds: element['endEnding'] === true,
    });
  }

  private readNote(element: Parsed): void {
    const over = number(element['startTriplet']);
    if (over !== null) {
      const share = number(element['tripletMultiplier']) ?? 2 / 3;
      this.tuplet = { over, under: Math.max(1, Math.round(over * share)) };
    }
    const written = Math.min(LONGEST, Math.max(0, (number(element['duration']) ?? 0) * WHOLE));
    const sounding = this.tuplet ? (written * this.tuplet.under) / this.tuplet.over : written;
    const ticks = Math.round(sounding);
    for (const symbol of list(element['chord']).map(record))
      if (symbol['position'] === 'default') this.symbols.push({ at: this.now, name: text(symbol['name']) });
    const rest = element['rest'] === undefined ? null : text(record(element['rest'])['type']);
    if (rest === 'multimeasure') return this.skipBars(number(record(element['rest'])['text']) ?? 1);
    for (const grace of list(element['gracenotes']).map(record)) this.put(grace, { ticks: 0, kind: 'grace' });
    if (rest === 'rest' || rest === 'whole') this.write({ ticks, note: null, kind: 'rest' });
    const tied = this.tied;
    this.tied = new Set();
    const lyric = this.wordsOf(element);
    const decorations = list(element['decoration']).map(text);
    const held = decorations.includes('fermata') ? { fermata: true as const } : {};
    const played = marksOf(decorations);
    for (const decoration of decorations) {
      const sign = signOf(decoration);
      if (sign) this.signs.push({ part: this.part, staff: 1, at: this.now, to: this.now, ...sign });
    }
    list(element['pitches'])
      .map(record)
      .forEach((pitch, at) => {
        const place = number(pitch['pitch']) ?? 0;
        this.put(pitch, {
          ...{ ticks, kind: 'note' as const },
          ...(tied.has(place) || pitch['endTie'] === true ? { tieEnd: true as const } : {}),
          ...(pitch['startTie'] !== undefined ? { tieStart: true as const } : {}),
          ...(at === 0 ? { ...lyric, ...held, ...this.beamOf(element) } : {}),
          ...marked([...(at === 0 ? [...played, ...slursOf(element)] : []), ...slursOf(pitch)]),
        });
        if (pitch['startTie'] !== undefined) this.tied.add(place);
      });
    this.now += ticks;
    if (element['endTriplet'] === true) this.tuplet = null;
  }

  /** A rest of several bars. */
  private skipBars(count: number): void {
    const metre = this.metres[this.metres.length - 1]?.metre ?? { over: 4, under: 4 };
    const bar = (WHOLE * metre.over) / metre.under;
    for (let at = 0; at < Math.min(200, count); at++) {
      if (at > 0) this.readBarline({ type: 'bar_thin' });
      this.write({ ticks: bar, note: null, kind: 'rest' });
      this.now += bar;
    }
  }

  private put(pitch: Parsed, rest: Pick<WrittenNote, 'ticks' | 'kind'> & Partial<WrittenNote>): void {
    const place = number(pitch['pitch']) ?? 0;
    const step = modulo(place, 7);
    const sign = ALTERATIONS[text(pitch['accidental'])];
    if (sign !== undefined) this.altered.set(place, sign);
    const alteration = this.altered.get(place) ?? this.signature.get(step) ?? 0;
    const note: Note = { ...noteName(step, alteration), octave: 4 + Math.floor(place / 7) };
    this.write({ ...rest, note, ...(sign === undefined ? {} : { sign: true as const }) });
  }

  private write(one: Pick<WrittenNote, 'ticks' | 'note' | 'kind'> & Partial<WrittenNote>): void {
    const tuplet = this.tuplet ? { tuplet: [this.tuplet.over, this.tuplet.under] as const } : {};
    this.notes.push({ part: this.part, staff: 1, voice: '1', onset: this.now, ...tuplet, ...one });
  }

  private wordsOf(element: Parsed): { readonly lyric?: string } {
    const verses = list(element['lyric'])
      .map(record)
      .map(({ syllable, divider }) => {
        const word = text(syllable).slice(0, 40);
        return word !== '' && text(divider) === '-' ? `${word}-` : word;
      });
    const lyric = lyricOf(verses);
    return lyric === undefined ? {} : { lyric };
  }

  private beamOf(element: Parsed): { readonly beam?: Beam } {
    if (element['startBeam'] === true) {
      this.beaming = true;
      return { beam: 'begin' };
    }
    if (element['endBeam'] === true) {
      this.beaming = false;
      return { beam: 'end' };
    }
    return this.beaming ? { beam: 'continue' } : {};
  }
}
