import type { Chord } from '../chord/chord';
import { type Key, signatureFifths } from '../key/key';
import { signatureAlteration } from '../key/scale';
import {
  expandFigures,
  figureNote,
  fullFigures,
  printFigure,
  shortFigures,
  type Figure,
} from '../label/figures';
import type { NoteName } from '../pitch/note';
import type { WorkingStep } from './step';

/** The working for reading figures over a bass: fill them up, then count each in letters from the bass. */
export function readFiguresWorking(bass: NoteName, figures: readonly Figure[], key: Key): WorkingStep[] {
  const full = expandFigures(figures);
  return [
    { step: 'full-figures', written: figures, full, signed: signsOf(bass, full, key) },
    ...full.map((figure) => figureStep(bass, figure, key)),
  ];
}

/** What figures put over one bass note of a line, counted from 1, in one step: from the third up. */
export function overBassStep(at: number, bass: NoteName, figures: readonly Figure[], key: Key): WorkingStep {
  const full = expandFigures(figures);
  const signed = new Set(signsOf(bass, full, key).map(({ number }) => number));
  const notes = full
    .map((figure) => ({
      number: figure.number,
      note: figureNote(bass, figure, key),
      changed: signed.has(figure.number),
    }))
    .sort((a, b) => a.number - b.number);
  return { step: 'over-bass', at, bass, notes };
}

/** The figures whose sign changes what the signature has. */
function signsOf(bass: NoteName, full: readonly Figure[], key: Key) {
  return full.flatMap((figure) => {
    const note = figureNote(bass, figure, key);
    const plain = figureNote(bass, { ...figure, sign: null, raise: false }, key);
    return plain.alteration === note.alteration ? [] : [{ number: figure.number, plain, note }];
  });
}

function figureStep(bass: NoteName, figure: Figure, key: Key): WorkingStep {
  const note = figureNote(bass, figure, key);
  const changed = note.alteration !== signatureAlteration(signatureFifths(key), note.step);
  return { step: 'figure', figure, bass, note, changed };
}

/** The working for writing a chord's figures: count every upper note, then leave out what is understood. */
export function writeFiguresWorking(chord: Chord, key: Key): WorkingStep[] {
  const full = fullFigures(chord, key);
  const steps = full.map((figure) => figureStep(chord.bass, figure, key));
  return [
    ...steps,
    { step: 'short-figures', full: full.map(printFigure), short: shortFigures(chord, key).map(printFigure) },
  ];
}
