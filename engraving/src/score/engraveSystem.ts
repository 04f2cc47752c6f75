import { barAt, printMetre } from '@diatonix/core';
import { inPieces, SIGNATURES, TOP_LINE, type VexFlow } from '../index';
import { BarGroups } from './barGroups';
import { voicesOfBar } from './barVoices';
import { headsOf, type DrawnHead } from './heads';
import { clefAt, type StaffPlan } from './plan';
import { signMarks } from './signMarks';
import { curvesOf } from './slurs';
import { barNumber, connectorsOf, names, tiesOf, words } from './systemMarks';
import { fifthsAt, writtenFifths, type Made, type SystemOptions } from './systemOptions';

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
  readonly heads: readonly DrawnHead[];
}

const NAME_ROOM = 78;
const BRACE_ROOM = 14;

/** Room before the notes of a system: names, brace, clef, signature and metre. */
export function headRoom(plan: StaffPlan, fifths: number, first: boolean, metre: boolean): number {
  return indentOf(plan, first) + 46 + Math.abs(fifths) * 10 + (metre ? 24 : 0);
}

function indentOf(plan: StaffPlan, first: boolean): number {
  return (plan.named && first ? NAME_ROOM : 0) + (plan.braces.length > 0 ? BRACE_ROOM : 2);
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
  const { context, take, markup } = inPieces(vexflow);
  const groups = new BarGroups(score);
  const isFirst = from === 0;
  const indent = indentOf(plan, isFirst);
  const rooms = roomsOf(options, indent);
  const xs = new Map<number, number>();
  const edges: number[] = [];
  const made: Made[] = [];
  let x = indent;
  let start = 0;
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
    const voices = voicesOfBar(vexflow, options, bar, made);
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
    staves.forEach((stave, staff) => {
      stave.setContext(context).draw();
      groups.add(bar, plan.staves[staff]!.index, take());
    });
    connectorsOf(
      vexflow,
      plan,
      staves,
      bar === from,
      score.bars[bar]!,
      bar === score.bars.length - 1,
    ).forEach((one) => one.setContext(context).draw());
    // What joins staves stands in no bar.
    groups.join(take());
    for (const { voice, beams, tuplets, staff } of voices) {
      voice.draw(context, staves[staff]);
      const { index } = plan.staves[staff]!;
      groups.add(bar, index, take());
      for (const [name, all] of [
        ['beam', beams],
        ['tuplet', tuplets],
      ] as const)
        for (const one of all) {
          one.setContext(context).draw();
          groups.add(bar, index, take(), name);
        }
    }
    x += barWidth;
  }
  edges.push(x);
  if (plan.staves.length > 1)
    new StaveConnector(
      new Stave(indent, plan.staves[0]!.top - TOP_LINE, 10),
      new Stave(indent, plan.staves[plan.staves.length - 1]!.top - TOP_LINE, 10),
    )
      .setType('singleLeft')
      .setContext(context)
      .draw();
  groups.join(take());
  const own = score.bars.slice(from, to);
  const barOf = (time: number) => from + own.indexOf(barAt(own, time) ?? own[0]!);
  for (const { tie, at } of tiesOf(vexflow, score, made)) {
    tie.setContext(context).draw();
    groups.add(barOf(at.piece.onset), at.staff.index, take(), 'tie');
  }
  for (const { note, piece } of made) {
    const middle = note.getAbsoluteX() + note.getMetrics().notePx / 2;
    if (piece.first && piece.rest === null)
      xs.set(piece.onset, Math.min(xs.get(piece.onset) ?? Infinity, middle));
  }
  for (const { curve, at } of curvesOf(vexflow, score, made)) {
    curve.setContext(context).draw();
    groups.add(barOf(at.piece.onset), at.staff.index, take(), 'slur');
  }
  const places = { xs, bars: edges, start };
  const extras = [
    signMarks(options, made, places),
    barNumber(options, indent),
    words(options, made),
    isFirst && plan.named ? names(plan) : '',
  ].join('');
  const heads = headsOf(made);
  return {
    markup: groups.markup() + markup() + extras,
    width,
    height: plan.height,
    ...places,
    heads,
  };
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
