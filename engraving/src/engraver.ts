import { copyLightly } from './copyLightly';
import { accidentalsInBar, LETTERS, signatureAlteration, type Clef, type Note } from '@diatonix/core';
import { BRACE_ROOM, CODES, SIGNATURES, TOP_LINE } from './signs';
import type { Surface, VexFlow } from './surface';
import type { StaffDrawing, StaffFrame } from './types';
import type { ColumnNotes, Value } from './columnNotes';
import { keyOfStaff } from './staffKey';

const CACHE_LIMIT = 4000;
/** The page's correction ink. */
const FAULTY = 'var(--correction)';
/** Room between the two notes of a pair, and for each step of a longer row. */
const PAIR_WIDTH = 36;
const STEP_WIDTH = 26;
/** Least room between a note and the signs of the next. */
const STEP_GAP = 8;
/** Room between a signature within the line and the notes after it. */
const SIGNATURE_GAP = 6;

/**
 * Draws columns and staff heads with the notation package, as markup around
 * x = 0 in the current colour. Drawings are kept, so that a column is engraved
 * once for its notes, clefs and signature.
 */
export class Engraver {
  private readonly columns = new Map<string, StaffDrawing>();
  private readonly heads = new Map<string, { markup: string; width: number }>();

  constructor(
    readonly vexflow: VexFlow,
    private readonly surface: Surface,
  ) {
    copyLightly(vexflow);
  }

  /** A column of whole or half notes, one voice a staff, accidentals only where they leave the signature. */
  column(staves: readonly ColumnNotes[], frame: StaffFrame, fifths: number, duration: Value): StaffDrawing {
    const key = `${fifths} ${duration} ${frame.staves.join()} ${staves.map(keyOfStaff).join('/')}`;
    const known = this.columns.get(key);
    if (known) return known;
    if (this.columns.size > CACHE_LIMIT) this.columns.clear();
    const drawing = this.draw(staves, frame, fifths, duration);
    this.columns.set(key, drawing);
    return drawing;
  }

  private draw(
    staves: readonly ColumnNotes[],
    frame: StaffFrame,
    fifths: number,
    duration: Value,
  ): StaffDrawing {
    const { Stave, StaveNote, Accidental, Voice, Formatter, Dot, Beam } = this.vexflow;
    const { context, markup } = this.surface(this.vexflow, 400, 420);
    // Whole notes have no stem; taken as stem-up, a second stands to the right and accidentals stay near
    // their notes.
    const chord = (
      notes: readonly Note[],
      { clef, value: usual = duration }: ColumnNotes,
      signs: readonly boolean[],
      stem: 0 | 1 | -1 = 0,
      faulty: readonly number[] = [],
      own: Value | undefined = undefined,
    ) => {
      const value = own ?? usual;
      const [kind, dots] = [value.replace('d', ''), value.endsWith('d') ? 1 : 0];
      if (notes.length === 0)
        return new StaveNote({ clef, keys: [clef === 'bass' ? 'd/3' : 'b/4'], duration: `${kind}r`, dots });
      const note = new StaveNote({
        clef,
        keys: notes.map((n) => `${LETTERS[n.step]!.toLowerCase()}/${n.octave}`),
        duration: kind,
        dots,
        ...(kind === 'w' ? { stemDirection: 1 } : stem !== 0 ? { stemDirection: stem } : { autoStem: true }),
      });
      notes.forEach((n, i) => {
        if (signs[i]) note.addModifier(new Accidental(CODES[n.alteration]!), i);
      });
      if (dots > 0) Dot.buildAndAttach([note], { all: true });
      for (const i of faulty) note.setKeyStyle(i, { fillStyle: FAULTY, strokeStyle: FAULTY });
      return note;
    };
    const voices = staves.flatMap((staff, index) => {
      const { notes, then = [], signs, below, faulty } = staff;
      if (notes.length === 0 && then.length === 0 && !staff.rest) return [];
      const stave = new Stave(0, frame.staves[index]! - TOP_LINE, 400);
      stave.setNoteStartX(0);
      const carried =
        signs ?? accidentalsInBar([notes, ...then], (step) => signatureAlteration(fifths, step));
      const parts =
        below && below.length > 0
          ? [
              [chord(notes, staff, carried[0]!, 1, faulty?.[0])],
              [chord(below, staff, signs?.[1] ?? signsOf(below, fifths), -1, faulty?.[1])],
            ]
          : [
              [
                chord(notes, staff, carried[0]!, 0, faulty?.[0], staff.values?.[0]),
                ...then.map((step, at) =>
                  chord(step, staff, carried[at + 1]!, 0, [], staff.values?.[at + 1]),
                ),
              ],
            ];
      return parts.map((chords) => {
        const voice = new Voice({ numBeats: 4, beatValue: 4 }).setStrict(false).addTickables(chords);
        voice.setStave(stave);
        for (const note of chords) note.setStave(stave);
        const value = staff.value ?? duration;
        const beams =
          then.length > 0 && (staff.values ?? [value]).every((one) => /^(?:8|16)/.test(one))
            ? Beam.generateBeams(chords, { groups: [new this.vexflow.Fraction(1, 1)] })
            : [];
        return { voice, chords, beams, staff: index };
      });
    });
    if (voices.length === 0) return { markup: '', left: 0, right: 0 };
    const steps = Math.max(...staves.map(({ then }) => (then?.length ?? 0) + 1));
    const uneven = staves.some(({ values }) => values !== undefined);
    const formatter = new Formatter();
    for (const staff of new Set(voices.map((one) => one.staff)))
      formatter.joinVoices(voices.filter((one) => one.staff === staff).map(({ voice }) => voice));
    const usual = Math.max(PAIR_WIDTH, STEP_WIDTH * (steps - 1)) + (uneven ? STEP_WIDTH : 0);
    formatter.format(
      voices.map(({ voice }) => voice),
      steps > 1 ? usual : 0,
    );
    if (steps > 1) parted(formatter);
    const edges = voices.flatMap(({ chords }) =>
      chords.map((note) => {
        const { notePx, modLeftPx, leftDisplacedHeadPx, rightDisplacedHeadPx } = note.getMetrics();
        const middle = note.getAbsoluteX() + leftDisplacedHeadPx + notePx / 2;
        return {
          middle,
          from: middle - notePx / 2 - leftDisplacedHeadPx - modLeftPx,
          to: middle + notePx / 2 + rightDisplacedHeadPx,
        };
      }),
    );
    const paired = steps > 1;
    const from = Math.min(...edges.map((edge) => edge.from));
    const to = Math.max(...edges.map((edge) => edge.to));
    // One chord stands with its heads over the middle of the column, a pair with its whole width.
    const centre = paired ? (from + to) / 2 : edges[0]!.middle;
    const [left, right] = [centre - from, to - centre];
    context.openGroup();
    for (const { voice } of voices) voice.draw(context);
    for (const { beams } of voices) for (const beam of beams) beam.setContext(context).draw();
    context.closeGroup();
    return {
      markup: `<g transform="translate(${-round(centre)} 0)">${markup()}</g>`,
      left: round(left),
      right: round(right),
    };
  }

  /**
   * Clefs, signature, metre where there is one and, where two staves belong together, brace and opening line;
   * `width` in staff units.
   */
  head(
    clefs: readonly Clef[],
    frame: StaffFrame,
    fifths: number,
    braced: boolean,
    metre: string | null = null,
  ): { markup: string; width: number } {
    const key = `${clefs.join()} ${fifths} ${frame.staves.join()} ${braced} ${metre}`;
    const known = this.heads.get(key);
    if (known) return known;
    const { Stave, StaveConnector } = this.vexflow;
    const { context, markup } = this.surface(this.vexflow, 400, 420);
    const indent = braced ? BRACE_ROOM : 0;
    const staves = clefs.map((clef, index) => {
      const stave = new Stave(indent, frame.staves[index]! - TOP_LINE, 300, {
        leftBar: true,
        rightBar: false,
      });
      stave.setConfigForLines([0, 1, 2, 3, 4].map(() => ({ visible: false })));
      stave.addClef(clef);
      if (fifths !== 0) stave.addKeySignature(SIGNATURES[fifths + 7]!);
      if (metre) stave.addTimeSignature(metre);
      stave.setContext(context).draw();
      return stave;
    });
    if (braced) {
      for (const type of ['brace', 'singleLeft'] as const) {
        new StaveConnector(staves.at(-2)!, staves.at(-1)!).setType(type).setContext(context).draw();
      }
    }
    const width = Math.max(...staves.map((stave) => stave.getNoteStartX())) + 6;
    const head = { markup: markup(), width: Math.ceil(width) };
    this.heads.set(key, head);
    return head;
  }

  /**
   * What changes within the line: the signature, the old one cancelled where it must be, and the metre; `width`
   * in staff units.
   */
  change(
    clefs: readonly Clef[],
    frame: StaffFrame,
    fifths: readonly [before: number, now: number] | null,
    metre: string | null,
  ): { readonly markup: string; readonly width: number } {
    const key = `${clefs.join()} ${fifths?.join('>')} ${metre} ${frame.staves.join()}`;
    const known = this.heads.get(key);
    if (known) return known;
    const { Stave } = this.vexflow;
    const { context, markup } = this.surface(this.vexflow, 400, 420);
    const width = Math.max(
      ...clefs.map((clef, index) => {
        const stave = new Stave(0, frame.staves[index]! - TOP_LINE, 300, { leftBar: false, rightBar: false });
        stave.setConfigForLines([0, 1, 2, 3, 4].map(() => ({ visible: false })));
        // The package places a signature by the clef of its staff, which is not drawn again here.
        (stave as unknown as { clef: Clef }).clef = clef;
        if (fifths) stave.addKeySignature(SIGNATURES[fifths[1] + 7]!, SIGNATURES[fifths[0] + 7]!);
        if (metre) stave.addTimeSignature(metre);
        stave.setContext(context).draw();
        return stave.getNoteStartX();
      }),
    );
    const drawn = { markup: markup(), width: Math.ceil(width) + SIGNATURE_GAP };
    this.heads.set(key, drawn);
    return drawn;
  }
}

function signsOf(notes: readonly Note[], fifths: number): readonly boolean[] {
  return accidentalsInBar([notes], (step) => signatureAlteration(fifths, step))[0]!;
}

function round(value: number): number {
  return Math.round(value * 100) / 100;
}

/** Moves moments apart that touch: signs before a later note take room of their own. */
function parted(formatter: InstanceType<VexFlow['Formatter']>): void {
  const contexts = formatter.getTickContexts();
  if (!contexts) return;
  const { list, map } = contexts;
  let shift = 0;
  for (const [at, tick] of list.entries()) {
    const now = map[tick]!;
    const before = at > 0 ? map[list[at - 1]!]! : null;
    now.setX(now.getX() + shift);
    if (!before) continue;
    const [was, is] = [before.getMetrics(), now.getMetrics()];
    const free = before.getX() + was.notePx + was.rightDisplacedHeadPx + STEP_GAP;
    const wanting = free + is.modLeftPx + is.leftDisplacedHeadPx - now.getX();
    if (wanting <= 0) continue;
    now.setX(now.getX() + wanting);
    shift += wanting;
  }
}
