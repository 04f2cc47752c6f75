import { sameNote, type Note } from '../../pitch/note';
import { printNote } from '../../pitch/print';
import { barTicks } from '../../time/metre';
import { barAt } from '../model/beats';
import { placed, rest, withNotes, wrong, type EditedScore } from './edited';
import { repitched, tied, untied, withoutMark } from './editTies';
import { joinedRests, lengthened, moved } from './editTime';
import type { Score, WrittenBar, WrittenNote } from '../model/score';
import { chordOf, type VoicePlace } from '../model/voicePlace';

/** What is done to one note of a score. */
export type NoteEdit =
  /** Its sounding pitch; a rest becomes a note. Tied notes change together. */
  | { readonly kind: 'pitch'; readonly note: Note }
  /** Its length in ticks and that of the chord it stands in: what it leaves becomes a rest, what it takes goes. */
  | { readonly kind: 'length'; readonly ticks: number }
  /** A note more that begins and ends with it. */
  | { readonly kind: 'add'; readonly note: Note }
  /** Takes it away; a rest stands where nothing else does. */
  | { readonly kind: 'remove' }
  /** Ties it to the note of its pitch that follows, or takes the tie away. */
  | { readonly kind: 'tie' }
  | { readonly kind: 'fermata' }
  /** Moves it to another voice, which has a rest there, nothing, or a chord of the same length. */
  | { readonly kind: 'voice'; readonly to: VoicePlace };

const MOST_BARS = 2000;

/**
 * Changes one note, by its place in `score.notes`. The times of everything else stay. Throws TheoryError `request`
 * where that cannot be, saying why.
 */
export function editNote(score: Score, place: number, edit: NoteEdit): EditedScore {
  const one = score.notes[place];
  if (!one) throw wrong('no note', 'no note is selected.', 'Select one on the staff.');
  if (one.kind === 'percussion' || one.kind === 'cue')
    throw wrong(
      one.kind === 'cue' ? 'a cue note' : 'percussion',
      'only notes with a pitch that sounds can be changed.',
      'Select another note.',
    );
  if (one.kind === 'grace' && edit.kind !== 'pitch' && edit.kind !== 'remove')
    throw wrong('a grace note', 'it takes no time.', 'Change its pitch or take it away.');
  const notes = [...score.notes];
  switch (edit.kind) {
    case 'pitch':
      return withNotes(score, repitched(notes, place, edit.note), place);
    case 'length':
      return lengthened(score, notes, place, edit.ticks);
    case 'add':
      return added(score, notes, place, edit.note);
    case 'remove':
      return removed(score, notes, place);
    case 'tie':
      return withNotes(score, tied(notes, place), place);
    case 'fermata':
      for (const at of chordOf(notes, place))
        notes[at] = one.fermata ? withoutMark(notes[at]!, 'fermata') : { ...notes[at]!, fermata: true };
      return withNotes(score, notes, place);
    case 'voice':
      return moved(score, notes, place, edit.to);
  }
}

/** A bar more at the end, of the metre of the last, with a rest in the first voice of every staff. */
export function addBar(score: Score): EditedScore {
  const last = score.bars[score.bars.length - 1]!;
  if (score.bars.length >= MOST_BARS)
    throw wrong(`${MOST_BARS} bars`, 'no more are added by hand.', 'Open a file.');
  const [from, number] = [last.to, last.number + 1];
  const bar: WrittenBar = {
    number,
    label: String(number),
    from,
    to: from + barTicks(last.metre),
    metre: last.metre,
  };
  const rests = score.parts.flatMap(({ staves }, part) =>
    Array.from({ length: staves }, (_, at): WrittenNote => {
      const voice =
        score.notes.find((one) => one.part === part && one.staff === at + 1)?.voice ?? `${at + 1}`;
      return rest({ part, staff: at + 1, voice }, from, bar.to);
    }),
  );
  const notes = [...score.notes, ...rests];
  return { score: { ...score, bars: [...score.bars, bar], notes }, place: score.notes.length };
}

/** All voices of a score, those of each staff in their order, and one more that is free in each staff. */
export function voicePlaces({ parts, notes }: Score): VoicePlace[] {
  const byStaff = parts.map(({ staves }) => Array.from({ length: staves + 1 }, () => new Set<string>()));
  for (const { part, staff, voice } of notes) byStaff[part]?.[staff]?.add(voice);
  return byStaff.flatMap(([, ...staves], part) => {
    const taken = new Set(staves.flatMap((own) => [...own]));
    return staves.flatMap((own, at) => {
      let free = 1;
      while (taken.has(String(free))) free++;
      taken.add(String(free));
      return [...own, String(free)].map((voice): VoicePlace => ({ part, staff: at + 1, voice }));
    });
  });
}

function added(score: Score, notes: WrittenNote[], place: number, note: Note): EditedScore {
  const one = notes[place]!;
  if (one.kind === 'rest') return withNotes(score, repitched(notes, place, note), place);
  if (chordOf(notes, place).some((at) => notes[at]!.note && sameNote(notes[at]!.note!, note)))
    throw wrong(printNote(note), 'it stands in this chord already.', 'Choose another pitch.');
  const { part, staff, voice, onset, ticks, tuplet } = one;
  const more: WrittenNote = {
    ...{ part, staff, voice, onset, ticks, note, kind: 'note' },
    ...(tuplet ? { tuplet } : {}),
  };
  return placed(score, [...notes.slice(0, place + 1), more, ...notes.slice(place + 1)], more);
}

function removed(score: Score, notes: WrittenNote[], place: number): EditedScore {
  const one = notes[place]!;
  if (one.kind === 'rest')
    throw wrong(
      'a rest',
      'it holds the time of its voice.',
      'Put a note on it, or lengthen the note before.',
    );
  untied(notes, place);
  const chord = chordOf(notes, place);
  if (one.kind === 'grace' || chord.length > 1) {
    const beside = chord.find((at) => at !== place) ?? Math.max(0, place - 1);
    notes.splice(place, 1);
    return withNotes(score, notes, beside > place ? beside - 1 : beside);
  }
  const { part, staff, voice, onset, ticks, tuplet } = one;
  const silent: WrittenNote = {
    ...rest({ part, staff, voice }, onset, onset + ticks),
    ...(tuplet ? { tuplet } : {}),
  };
  notes[place] = silent;
  return placed(score, joinedRests(notes, one, barAt(score.bars, onset)!), silent);
}
