import { midiNumber, sameNote, type Note } from '../../pitch/note';
import { printNote } from '../../pitch/print';
import { wrong } from './edited';
import type { WrittenNote } from '../model/score';
import { chordOf, sameVoice } from '../model/voicePlace';

/** A note without one of its marks. */
export function withoutMark(one: WrittenNote, mark: 'fermata' | 'tieStart' | 'tieEnd' | 'sign'): WrittenNote {
  const rest = { ...one };
  delete rest[mark];
  return rest;
}

/** The note of the same pitch that it is tied to, or tied from; −1 where there is none. */
export function tiedWith(notes: readonly WrittenNote[], place: number, way: 'on' | 'back'): number {
  const one = notes[place]!;
  if (!one.note) return -1;
  return notes.findIndex(
    (other) =>
      other.part === one.part &&
      other.kind === 'note' &&
      other.note !== null &&
      midiNumber(other.note) === midiNumber(one.note!) &&
      (way === 'on'
        ? other.onset === one.onset + one.ticks && other.tieEnd
        : other.onset + other.ticks === one.onset && other.tieStart),
  );
}

export function repitched(notes: WrittenNote[], place: number, note: Note): WrittenNote[] {
  const chain = [place];
  for (let at = place; notes[at]!.tieStart && (at = tiedWith(notes, at, 'on')) >= 0;) chain.push(at);
  for (let at = place; notes[at]!.tieEnd && (at = tiedWith(notes, at, 'back')) >= 0;) chain.push(at);
  const one = notes[place]!;
  const twin = chordOf(notes, place).some(
    (at) => at !== place && notes[at]!.note !== null && sameNote(notes[at]!.note!, note),
  );
  if (one.kind !== 'grace' && twin)
    throw wrong(printNote(note), 'it stands in this chord already.', 'Choose another pitch.');
  for (const at of chain)
    // The sign that a file wrote belonged to the old pitch.
    notes[at] = withoutMark(
      { ...notes[at]!, note, ...(one.kind === 'rest' ? { kind: 'note' as const } : {}) },
      'sign',
    );
  return notes;
}

/** Takes the ties of a note to its neighbours away. */
export function untied(notes: WrittenNote[], place: number): void {
  const [on, back] = [tiedWith(notes, place, 'on'), tiedWith(notes, place, 'back')];
  if (notes[place]!.tieStart && on >= 0) notes[on] = withoutMark(notes[on]!, 'tieEnd');
  if (notes[place]!.tieEnd && back >= 0) notes[back] = withoutMark(notes[back]!, 'tieStart');
}

export function tied(notes: WrittenNote[], place: number): WrittenNote[] {
  const one = notes[place]!;
  if (!one.note) throw wrong('a rest', 'only notes are tied.', 'Select a note.');
  if (one.tieStart) {
    untied(notes, place);
    const back = one.tieEnd ? tiedWith(notes, place, 'back') : -1;
    if (back >= 0) notes[back] = { ...notes[back]!, tieStart: true };
    notes[place] = withoutMark(one, 'tieStart');
    return notes;
  }
  const on = notes.findIndex(
    (other) =>
      sameVoice(other, one) &&
      other.kind === 'note' &&
      other.onset === one.onset + one.ticks &&
      other.note !== null &&
      midiNumber(other.note) === midiNumber(one.note!),
  );
  if (on < 0)
    throw wrong(
      printNote(one.note),
      'no note of the same pitch follows it in its voice.',
      'A tie joins two notes of one pitch; put the second one first.',
    );
  notes[place] = { ...one, tieStart: true };
  notes[on] = { ...notes[on]!, tieEnd: true, note: one.note };
  return notes;
}
