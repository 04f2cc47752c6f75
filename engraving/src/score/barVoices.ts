import {
  accidentalsInBar,
  LETTERS,
  printMetre,
  signatureAlteration,
  type Note,
  type Score,
} from '@diatonix/core';
import type { StaveNote, StemmableNote } from 'vexflow/bravura';
import { CODES } from '../index';
import type { VexFlow } from '../index';
import { addMarks } from './noteMarks';
import { clefAt, writtenPitch, type DrawnStaff } from './plan';
import { piecesOf, type NotationPiece } from './pieces';
import { tellsBeams, toldBeams } from './toldBeams';
import { fifthsAt, writtenFifths, type Made, type SystemOptions } from './systemOptions';

/** Notes outside their chords. */
const LIGHT = 'var(--soft)';

export interface MadeVoice {
  readonly staff: number;
  readonly voice: InstanceType<VexFlow['Voice']>;
  readonly beams: readonly InstanceType<VexFlow['Beam']>[];
  readonly tuplets: readonly InstanceType<VexFlow['Tuplet']>[];
}

/** The voices of one bar on all staves, with their accidentals, beams and tuplets. */
export function voicesOfBar(
  vexflow: VexFlow,
  options: SystemOptions,
  bar: number,
  made: Made[],
): MadeVoice[] {
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
      // Of two parts that hold together only the outer one carries the sign.
      const others = voices.filter((other) => other.part !== part).flatMap((other) => other.pieces);
      const isHeldOutside = ({ onset }: NotationPiece) =>
        staff.outer !== 0 && stem !== staff.outer && others.some((one) => one.fermata && one.onset === onset);
      const notes = pieces.map((piece) =>
        tickable(
          vexflow,
          options,
          staff,
          isHeldOutside(piece) ? { ...piece, fermata: false } : piece,
          stem,
          signs,
          made,
        ),
      );
      const voice = new vexflow.Voice({ numBeats: metre.over, beatValue: metre.under }).setStrict(false);
      const tuplets = tupletsOf(vexflow, pieces, notes);
      voice.addTickables(notes);
      const told = tellsBeams(score) ? toldBeams(pieces, notes) : null;
      const beams = told
        ? told.map((group) => new vexflow.Beam(group, stem === 0))
        : vexflow.Beam.generateBeams(
            notes.filter(
              (note): note is StaveNote =>
                note instanceof vexflow.StaveNote && !(note instanceof vexflow.GraceNote),
            ),
            {
              groups: vexflow.Beam.getDefaultBeamGroups(printMetre(metre)),
              ...(stem === 0 ? {} : { stemDirection: stem }),
            },
          );
      return [{ staff: at, voice, beams, tuplets }];
    });
  });
}

/** Which notes of a staff carry an accidental in a bar, by place in the score. */
function signsOf(
  pieces: readonly NotationPiece[],
  score: Score,
  staff: DrawnStaff,
  fifths: number,
): ReadonlySet<number> {
  const order = [...pieces]
    .filter(({ first, kind }) => first && kind === 'note')
    .sort((a, b) => a.onset - b.onset);
  const groups = order.map(({ places, notes, onset }) =>
    places.flatMap((place, at) => {
      const note = notes[at];
      const own = note ? writtenPitch(note, staff, onset) : null;
      return own && !score.notes[place]!.tieEnd ? [{ place, own }] : [];
    }),
  );
  const signs = accidentalsInBar(
    groups.map((group) => group.map(({ own }) => own)),
    (step) => signatureAlteration(fifths, step),
  );
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
  piece: NotationPiece,
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
    made.push({ note: rest, piece, staff });
    return rest;
  }
  const pitches = piece.notes.map((note) => (note ? writtenPitch(note, staff, piece.onset) : null));
  if (piece.kind === 'grace') {
    const keys = pitches.flatMap((pitch) =>
      pitch ? [keyText({ ...pitch, octave: pitch.octave + shift })] : [],
    );
    return new GraceNote({ keys: keys.length > 0 ? keys : ['b/4'], duration: code, clef: vexClef });
  }
  const note = new StaveNote({
    clef: vexClef,
    keys: pitches.map((pitch) => (pitch ? keyText({ ...pitch, octave: pitch.octave + shift }) : 'b/4/x2')),
    duration: code,
    dots,
    ...(stem !== 0 ? { stemDirection: stem } : { autoStem: true }),
  });
  piece.places.forEach((place, index) => {
    const pitch = pitches[index];
    if (pitch && piece.first && (signs.has(place) || score.notes[place]!.sign))
      note.addModifier(new Accidental(CODES[pitch.alteration]!), index);
    if (!bracketed.has(place)) return;
    note.setKeyStyle(index, { fillStyle: LIGHT, strokeStyle: LIGHT });
    note.addModifier(new Parenthesis(vexflow.ModifierPosition.LEFT), index);
    note.addModifier(new Parenthesis(vexflow.ModifierPosition.RIGHT), index);
  });
  for (let dot = 0; dot < dots; dot++) Dot.buildAndAttach([note], { all: true });
  if (piece.fermata) {
    const over = stem >= 0;
    note.addModifier(
      new Articulation(over ? 'a@a' : 'a@u').setPosition(
        over ? vexflow.ModifierPosition.ABOVE : vexflow.ModifierPosition.BELOW,
      ),
    );
  }
  addMarks(vexflow, note, score, piece);
  const graces = piece.graces.flatMap((place) => {
    const own = score.notes[place]!.note;
    return own
      ? [
          new GraceNote({
            keys: [keyText(writtenPitch(own, staff, piece.onset))],
            duration: '8',
            slash: true,
            clef: vexClef,
          }),
        ]
      : [];
  });
  if (graces.length > 0) note.addModifier(new GraceNoteGroup(graces, false), 0);
  made.push({ note, piece, staff });
  return note;
}

/** Notes of one tuplet stand together until they fill the time of its plain notes. */
function tupletsOf(vexflow: VexFlow, pieces: readonly NotationPiece[], notes: readonly StemmableNote[]) {
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
