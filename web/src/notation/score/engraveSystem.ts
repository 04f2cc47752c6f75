import {
  accidentalsInBar,
  LETTERS,
  printMetre,
  signatureAlteration,
  type Note,
  type Score,
} from '@diatonix/core';
import type { StaveNote, StemmableNote } from 'vexflow/bravura';
import { clean, CODES, drawingContext, SIGNATURES, TOP_LINE } from '../markup';
import type { VexFlow } from '../vexflow';
import type { BarSystem } from './barWidths';
import { clefAt, writtenPitch, type DrawnStaff, type StaffPlan } from './plan';
import { piecesOf, type Piece } from './pieces';

/** A system as it was drawn: markup, and where each moment and each bar stands, in staff units. */
export interface DrawnSystem {
  readonly markup: string;
  readonly width: number;
  readonly height: number;
  readonly xs: ReadonlyMap<number, number>;
  /** Left edges of the bars, and the right edge of the last. */
  readonly bars: readonly number[];
  /** Where the notes of the first bar begin. */
  readonly start: number;
}

export interface SystemOptions {
  readonly score: Score;
  readonly plan: StaffPlan;
  readonly bars: BarSystem;
  /** How wide each bar wants to be. */
  readonly widths: readonly number[];
  readonly width: number;
  /** Whether the last system is not drawn out to the whole width. */
  readonly loose: boolean;
  /** Notes outside their chords, as places in the score: bracketed and lighter. */
  readonly bracketed: ReadonlySet<number>;
  /** Places of notes by bar, from placesByBar. */
  readonly inBars: readonly (readonly number[])[];
}

const NAME_ROOM = 78;
const BRACE_ROOM = 14;
/** Lyrics stand so far under the staff. */
const LYRIC = 72;
const LIGHT = 'var(--soft)';

/** For each bar the notes that begin in it. */
export function placesByBar({ bars, notes }: Score): number[][] {
  const found: number[][] = bars.map(() => []);
  const order = notes.map((_, at) => at).sort((a, b) => notes[a]!.onset - notes[b]!.onset);
  let bar = 0;
  for (const place of order) {
    while (bars[bar + 1] && bars[bar + 1]!.from <= notes[place]!.onset) bar++;
    found[bar]?.push(place);
  }
  return found;
}

/** Room before the notes of a system: names, brace, clef, signature and metre. */
export function headRoom(plan: StaffPlan, fifths: number, first: boolean, metre: boolean): number {
  return indentOf(plan, first) + 46 + Math.abs(fifths) * 10 + (metre ? 24 : 0);
}

function indentOf(plan: StaffPlan, first: boolean): number {
  return (plan.named && first ? NAME_ROOM : 0) + (plan.braces.length > 0 ? BRACE_ROOM : 2);
}

interface Made {
  readonly note: StaveNote;
  readonly piece: Piece;
  readonly staff: DrawnStaff;
}

/** Draws the bars of a system. Takes a few milliseconds for each bar. */
export function engraveSystem(vexflow: VexFlow, options: SystemOptions): DrawnSystem {
  const {
    score,
    plan,
    bars: [from, to],
    width,
  } = options;
  const { Stave, Formatter, StaveConnector, Barline } = vexflow;
  const { context, element } = drawingContext(vexflow, width + 20, plan.height);
  const isFirst = from === 0;
  const indent = indentOf(plan, isFirst);
  const rooms = roomsOf(options, indent);
  const xs = new Map<number, number>();
  const edges: number[] = [];
  const made: Made[] = [];
  let x = indent;
  let start = 0;
  context.openGroup();
  for (let bar = from; bar < to; bar++) {
    const { from: begins, metre, repeatStart, repeatEnd, double } = score.bars[bar]!;
    const before = score.bars[bar - 1];
    const [fifths, old] = [fifthsAt(score, begins), before ? fifthsAt(score, before.from) : null];
    const newMetre = !before || printMetre(before.metre) !== printMetre(metre);
    const barWidth = rooms[bar - from]!;
    edges.push(x);
    const staves = plan.staves.map((staff) => {
      const stave = new Stave(x, staff.top - TOP_LINE, barWidth);
      const written = writtenFifths(fifths, staff);
      const clef = clefAt(staff, begins);
      if (bar === from)
        stave.addClef(
          clef === 'treble-8' ? 'treble' : clef,
          'default',
          clef === 'treble-8' ? '8vb' : undefined,
        );
      else if (clef !== clefAt(staff, begins - 1))
        stave.addClef(clef === 'treble-8' ? 'treble' : clef, 'small');
      const changed = old !== null && old !== fifths;
      if (clef !== 'percussion' && (bar === from || changed) && (written !== 0 || changed))
        stave.addKeySignature(
          SIGNATURES[written + 7]!,
          changed ? SIGNATURES[writtenFifths(old, staff) + 7]! : undefined,
        );
      if (newMetre && metre.over < 100) stave.addTimeSignature(printMetre(metre));
      if (repeatStart) stave.setBegBarType(Barline.type.REPEAT_BEGIN);
      else if (bar > from) stave.setBegBarType(Barline.type.NONE);
      if (repeatEnd) stave.setEndBarType(Barline.type.REPEAT_END);
      else if (bar === score.bars.length - 1) stave.setEndBarType(Barline.type.END);
      else if (double) stave.setEndBarType(Barline.type.DOUBLE);
      return stave;
    });
    const noteStart = Math.max(...staves.map((stave) => stave.getNoteStartX()));
    for (const stave of staves) stave.setNoteStartX(noteStart);
    if (bar === from) start = noteStart;
    const voices = voicesOf(vexflow, options, bar, made);
    if (voices.length > 0) {
      const formatter = new Formatter();
      plan.staves.forEach((_, at) => {
        const own = voices.filter(({ staff }) => staff === at).map(({ voice }) => voice);
        if (own.length > 0) formatter.joinVoices(own);
      });
      voices.forEach(({ voice, staff }) => voice.setStave(staves[staff]!));
      formatter.format(
        voices.map(({ voice }) => voice),
        Math.max(20, x + barWidth - noteStart - 14),
      );
    }
    for (const stave of staves) stave.setContext(context).draw();
    connect(vexflow, plan, staves, bar === from, score.bars[bar]!, bar === score.bars.length - 1).forEach(
      (one) => one.setContext(context).draw(),
    );
    for (const { voice, beams, tuplets, staff } of voices) {
      voice.draw(context, staves[staff]);
      for (const beam of beams) beam.setContext(context).draw();
      for (const tuplet of tuplets) tuplet.setContext(context).draw();
    }
    x += barWidth;
  }
  edges.push(x);
  if (plan.staves.length > 1)
    new StaveConnector(
      new Stave(indent, plan.staves[0]!.top - TOP_LINE, 10),
      new Stave(indent, plan.staves[plan.staves.length - 1]!.top - TOP_LINE, 10),
    ).setType('singleLeft').setContext(context).draw(); // prettier-ignore
  drawTies(vexflow, score, made).forEach((tie) => tie.setContext(context).draw());
  context.closeGroup();
  for (const { note, piece } of made) {
    const middle = note.getAbsoluteX() + note.getMetrics().notePx / 2;
    if (piece.first) xs.set(piece.onset, Math.min(xs.get(piece.onset) ?? Infinity, middle));
  }
  const extras = `${words(options, made)}${isFirst && plan.named ? names(plan) : ''}`;
  return { markup: clean(element) + extras, width, height: plan.height, xs, bars: edges, start };
}

/** Widths of the bars of a system, drawn out to its whole width. */
function roomsOf(
  { score, plan, bars: [from, to], widths, width, loose }: SystemOptions,
  indent: number,
): number[] {
  const own = widths.slice(from, to).map((one, at) => {
    const bar = score.bars[from + at]!;
    const fifths = fifthsAt(score, bar.from);
    const changed = at > 0 && fifthsAt(score, score.bars[from + at - 1]!.from) !== fifths;
    return one + (at === 0 ? headRoom(plan, fifths, from === 0, from === 0) - indent : changed ? 60 : 0);
  });
  const sum = own.reduce((all, one) => all + one, 0);
  const stretch = (width - indent) / sum;
  const factor = loose ? Math.min(stretch, 1.35) : stretch;
  return own.map((one) => one * factor);
}

export function fifthsAt({ signatures }: Score, time: number): number {
  let fifths = signatures[0]?.fifths ?? 0;
  for (const one of signatures) if (one.at <= time) fifths = one.fifths;
  return fifths;
}

/** The signature that a transposing part has on its staff. */
function writtenFifths(fifths: number, { transposition }: DrawnStaff): number {
  if (!transposition) return fifths;
  const moved = (((fifths - transposition.halfSteps * 7 + 6) % 12) + 12) % 12;
  return moved - 6;
}

interface MadeVoice {
  readonly staff: number;
  readonly voice: InstanceType<VexFlow['Voice']>;
  readonly beams: readonly InstanceType<VexFlow['Beam']>[];
  readonly tuplets: readonly InstanceType<VexFlow['Tuplet']>[];
}

/** The voices of one bar on all staves, with their accidentals, beams and tuplets. */
function voicesOf(vexflow: VexFlow, options: SystemOptions, bar: number, made: Made[]): MadeVoice[] {
  const { score, plan, inBars } = options;
  const { from, to, metre } = score.bars[bar]!;
  const fifths = fifthsAt(score, from);
  return plan.staves.flatMap((staff, at) => {
    const byVoice = new Map<string, number[]>();
    for (const place of inBars[bar]!) {
      const { part, staff: own, voice } = score.notes[place]!;
      if (!staff.holds.includes(`${part} ${own}`)) continue;
      const id = `${part} ${voice}`;
      byVoice.set(id, [...(byVoice.get(id) ?? []), place]);
    }
    const voices = [...byVoice.values()].map((places) => ({
      part: score.notes[places[0]!]!.part,
      pieces: piecesOf(score.notes, places, from, to),
    }));
    const signs = signsOf(
      voices.flatMap(({ pieces }) => pieces),
      score,
      staff,
      writtenFifths(fifths, staff),
    );
    return voices.flatMap(({ part, pieces }, index): MadeVoice[] => {
      if (pieces.length === 0) return [];
      const stem = staff.stems.get(part) ?? (voices.length > 1 ? (index % 2 === 0 ? 1 : -1) : 0);
      const notes = pieces.map((piece) => tickable(vexflow, options, staff, piece, stem, signs, made));
      const voice = new vexflow.Voice({ numBeats: metre.over, beatValue: metre.under }).setStrict(false);
      const tuplets = tupletsOf(vexflow, pieces, notes);
      voice.addTickables(notes);
      const beamed = notes.filter((note): note is StaveNote => note instanceof vexflow.StaveNote);
      const beams = vexflow.Beam.generateBeams(beamed, {
        groups: vexflow.Beam.getDefaultBeamGroups(printMetre(metre)),
        ...(stem === 0 ? {} : { stemDirection: stem }),
      });
      return [{ staff: at, voice, beams, tuplets }];
    });
  });
}

/** Which notes of a staff carry an accidental in a bar, by place in the score. */
function signsOf(
  pieces: readonly Piece[],
  score: Score,
  staff: DrawnStaff,
  fifths: number,
): ReadonlySet<number> {
  const order = [...pieces]
    .filter(({ first, kind }) => first && kind === 'note')
    .sort((a, b) => a.onset - b.onset);
  const pitch = (note: Note | null) => (note ? writtenPitch(note, staff) : null);
  const groups = order.map(({ places, notes }) => places.flatMap((place, at) => {
    const own = pitch(notes[at]!);
    return own && !score.notes[place]!.tieEnd ? [{ place, own }] : [];
  })); // prettier-ignore
  const signs = accidentalsInBar(groups.map((group) => group.map(({ own }) => own)), (step) => signatureAlteration(fifths, step)); // prettier-ignore
  return new Set(
    groups.flatMap((group, at) => group.flatMap(({ place }, index) => (signs[at]![index] ? [place] : []))),
  );
}

function keyText(note: Note): string {
  return `${LETTERS[note.step]!.toLowerCase()}/${note.octave}`;
}

function tickable(
  vexflow: VexFlow,
  { score, bracketed }: SystemOptions,
  staff: DrawnStaff,
  piece: Piece,
  stem: 0 | 1 | -1,
  signs: ReadonlySet<number>,
  made: Made[],
): StemmableNote {
  const { StaveNote, GhostNote, Accidental, Dot, Articulation, Parenthesis, GraceNote, GraceNoteGroup } =
    vexflow;
  const { code, dots } = piece.value;
  if (piece.kind === 'gap') return new GhostNote({ duration: code, dots });
  const clef = clefAt(staff, piece.onset);
  const vexClef = clef === 'treble-8' ? 'treble' : clef;
  const shift = clef === 'treble-8' ? 1 : 0;
  if (piece.notes.length === 0) {
    const key = { treble: 'b/4', bass: 'd/3', alto: 'c/4', tenor: 'a/3', percussion: 'b/4' }[vexClef];
    const rest = new StaveNote({ clef: vexClef, keys: [key], duration: `${code}r`, dots });
    if (dots > 0) for (let dot = 0; dot < dots; dot++) Dot.buildAndAttach([rest], { all: true });
    return rest;
  }
  const pitches = piece.notes.map((note) => (note ? writtenPitch(note, staff) : null));
  const note = new StaveNote({
    clef: vexClef,
    keys: pitches.map((pitch) => (pitch ? keyText({ ...pitch, octave: pitch.octave + shift }) : 'b/4/x2')),
    duration: code,
    dots,
    ...(stem !== 0 ? { stemDirection: stem } : { autoStem: true }),
  });
  piece.places.forEach((place, index) => {
    const pitch = pitches[index];
    if (pitch && piece.first && signs.has(place))
      note.addModifier(new Accidental(CODES[pitch.alteration]!), index);
    if (!bracketed.has(place)) return;
    note.setKeyStyle(index, { fillStyle: LIGHT, strokeStyle: LIGHT });
    note.addModifier(new Parenthesis(vexflow.ModifierPosition.LEFT), index);
    note.addModifier(new Parenthesis(vexflow.ModifierPosition.RIGHT), index);
  });
  for (let dot = 0; dot < dots; dot++) Dot.buildAndAttach([note], { all: true });
  if (piece.fermata) {
    const over = stem >= 0;
    note.addModifier(new Articulation(over ? 'a@a' : 'a@u').setPosition(over ? vexflow.ModifierPosition.ABOVE : vexflow.ModifierPosition.BELOW)); // prettier-ignore
  }
  const graces = piece.graces.flatMap((place) => {
    const own = score.notes[place]!.note;
    return own ? [new GraceNote({ keys: [keyText(writtenPitch(own, staff))], duration: '8', slash: true, clef: vexClef })] : []; // prettier-ignore
  });
  if (graces.length > 0) note.addModifier(new GraceNoteGroup(graces, false), 0);
  made.push({ note, piece, staff });
  return note;
}

/** Notes of one tuplet stand together until they fill the time of its plain notes. */
function tupletsOf(vexflow: VexFlow, pieces: readonly Piece[], notes: readonly StemmableNote[]) {
  const tuplets: InstanceType<VexFlow['Tuplet']>[] = [];
  let open: { notes: StemmableNote[]; ticks: number; unit: number; of: readonly [number, number] } | null =
    null;
  const close = () => {
    if (open && open.notes.length > 1)
      tuplets.push(new vexflow.Tuplet(open.notes, { numNotes: open.of[0], notesOccupied: open.of[1] }));
    else if (open) new vexflow.Tuplet(open.notes, { numNotes: open.of[0], notesOccupied: open.of[1] });
    open = null;
  };
  pieces.forEach((piece, at) => {
    if (!piece.tuplet) return close();
    if (open && (open.of[0] !== piece.tuplet[0] || open.of[1] !== piece.tuplet[1])) close();
    open ??= { notes: [], ticks: 0, unit: piece.value.ticks, of: piece.tuplet };
    open.notes.push(notes[at]!);
    open.ticks += piece.value.ticks;
    open.unit = Math.min(open.unit, piece.value.ticks);
    if (open.ticks >= open.unit * open.of[0]) close();
  });
  close();
  return tuplets;
}

function drawTies({ StaveTie }: VexFlow, score: Score, made: readonly Made[]) {
  const ends = new Map<string, { note: StaveNote; index: number }>();
  const ties: InstanceType<VexFlow['StaveTie']>[] = [];
  const tie = (
    firstNote: StaveNote | undefined,
    first: number,
    lastNote: StaveNote | undefined,
    last: number,
  ) => ties.push(new StaveTie({ firstNote, lastNote, firstIndexes: [first], lastIndexes: [last] } as never));
  for (const { note, piece } of [...made].sort((a, b) => a.piece.onset - b.piece.onset))
    piece.places.forEach((place, index) => {
      const own = score.notes[place]!;
      if (!own.note) return;
      const id = `${own.part} ${own.note.step} ${own.note.alteration} ${own.note.octave}`;
      const before = ends.get(id);
      if (!piece.first || own.tieEnd) {
        if (before) tie(before.note, before.index, note, index);
        else tie(undefined, index, note, index);
      }
      ends.delete(id);
      if (!piece.last || own.tieStart) ends.set(id, { note, index });
    });
  for (const { note, index } of ends.values()) tie(note, index, undefined, index);
  return ties;
}

function connect(
  vexflow: VexFlow,
  plan: StaffPlan,
  staves: readonly InstanceType<VexFlow['Stave']>[],
  heads: boolean,
  bar: Score['bars'][number],
  last: boolean,
) {
  const { StaveConnector } = vexflow;
  return plan.braces.flatMap(([first, end]) => {
    const right = last ? 'boldDoubleRight' : bar.repeatEnd ? 'boldDoubleRight' : bar.double ? 'thinDouble' : 'singleRight'; // prettier-ignore
    const own = [new StaveConnector(staves[first]!, staves[end]!).setType(right)];
    if (heads) own.push(new StaveConnector(staves[first]!, staves[end]!).setType('brace'));
    return own;
  });
}

/** The words under the notes. */
function words({ score }: SystemOptions, made: readonly Made[]): string {
  return made
    .flatMap(({ note, piece, staff }) => {
      const lyric = piece.first
        ? piece.places.map((place) => score.notes[place]!.lyric).find(Boolean)
        : undefined;
      if (!lyric) return [];
      const x = note.getAbsoluteX() + note.getMetrics().notePx / 2;
      return [
        `<text class="lyric" x="${x.toFixed(1)}" y="${staff.top + LYRIC}" text-anchor="middle">${escaped(lyric)}</text>`,
      ];
    })
    .join('');
}

function names({ staves }: StaffPlan): string {
  return staves
    .filter(({ name }) => name !== '')
    .map(
      ({ name, top }) =>
        `<text class="part-name" x="0" y="${top + 25}">${escaped(name.length > 12 ? `${name.slice(0, 11)}…` : name)}</text>`,
    )
    .join('');
}

function escaped(text: string): string {
  return text.replace(
    /[&<>"]/g,
    (sign) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[sign]!,
  );
}
