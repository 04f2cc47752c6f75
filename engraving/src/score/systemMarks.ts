import { versesOf, type Score } from '@diatonix/core';
import type { VexFlow } from '../index';
import { WORDS, type StaffPlan } from './plan';
import type { Made, SystemOptions } from './systemOptions';

/** A head of a note from which a tie goes, or to which one comes. */
interface TieEnd {
  readonly at: Made;
  readonly index: number;
  readonly voice: string;
}

/** Ties within the system, and those that come in and go out of it. */
export function tiesOf({ StaveTie }: VexFlow, score: Score, made: readonly Made[]) {
  const ends = new Map<string, TieEnd[]>();
  const ties: { readonly tie: InstanceType<VexFlow['StaveTie']>; readonly at: Made }[] = [];
  const join = (first: TieEnd | undefined, last: TieEnd | undefined) => {
    const [firstNote, lastNote] = [first?.at.note, last?.at.note];
    const [firstIndex, lastIndex] = [first ?? last, last ?? first].map((end) => end!.index);
    const tie = new StaveTie({
      ...{ firstNote, lastNote, firstIndexes: [firstIndex], lastIndexes: [lastIndex] },
    } as never);
    ties.push({ tie, at: (first ?? last)!.at });
  };
  for (const at of [...made].sort((a, b) => a.piece.onset - b.piece.onset)) {
    const { piece } = at;
    piece.places.forEach((place, index) => {
      const own = score.notes[place]!;
      if (!own.note) return;
      const id = `${own.part} ${own.note.step} ${own.note.alteration} ${own.note.octave}`;
      const open = ends.get(id) ?? [];
      // Where two voices have the note, each is tied within its own.
      const before = open.find(({ voice }) => voice === own.voice) ?? open[0];
      if (!piece.first || own.tieEnd) {
        join(before, { at, index, voice: own.voice });
        if (before) open.splice(open.indexOf(before), 1);
      }
      if (!piece.last || own.tieStart) open.push({ at, index, voice: own.voice });
      ends.set(id, open);
    });
  }
  for (const end of [...ends.values()].flat()) join(end, undefined);
  return ties;
}

/** Barlines through the staves of a brace, and the brace itself. */
export function connectorsOf(
  vexflow: VexFlow,
  plan: StaffPlan,
  staves: readonly InstanceType<VexFlow['Stave']>[],
  heads: boolean,
  bar: Score['bars'][number],
  last: boolean,
) {
  const { StaveConnector } = vexflow;
  return plan.braces.flatMap(([first, end]) => {
    const right = last
      ? 'boldDoubleRight'
      : bar.repeatEnd
        ? 'boldDoubleRight'
        : bar.double
          ? 'thinDouble'
          : 'singleRight';
    const own = [new StaveConnector(staves[first]!, staves[end]!).setType(right)];
    if (heads) own.push(new StaveConnector(staves[first]!, staves[end]!).setType('brace'));
    return own;
  });
}

/** The words under the notes. */
export function words({ score }: SystemOptions, made: readonly Made[]): string {
  return made
    .flatMap(({ note, piece, staff }) => {
      const lyric = piece.first
        ? piece.places.map((place) => score.notes[place]!.lyric).find(Boolean)
        : undefined;
      const x = note.getAbsoluteX() + note.getMetrics().notePx / 2;
      return versesOf(lyric).map((verse, at) =>
        verse === ''
          ? ''
          : `<text class="lyric" x="${x.toFixed(1)}" y="${staff.top + staff.words + at * WORDS}" ` +
            `text-anchor="middle">${escaped(verse)}</text>`,
      );
    })
    .join('');
}

/** The number of the first bar over its system, from the second system on. */
export function barNumber({ score, plan, bars: [from] }: SystemOptions, indent: number): string {
  if (from === 0) return '';
  return `<text class="bar-number" x="${indent}" y="${plan.staves[0]!.top - 12}">${score.bars[from]!.number}</text>`;
}

/** The names of the parts before the first system. */
export function names({ staves }: StaffPlan): string {
  return staves
    .filter(({ name }) => name !== '')
    .map(
      ({ name, top }) =>
        `<text class="part-name" x="0" y="${top + 25}">` +
        `${escaped(name.length > 12 ? `${name.slice(0, 11)}…` : name)}</text>`,
    )
    .join('');
}

export function escaped(text: string): string {
  return text.replace(
    /[&<>"]/g,
    (sign) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[sign]!,
  );
}
