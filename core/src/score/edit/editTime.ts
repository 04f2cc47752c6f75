import { printNote } from '../../pitch/print';
import { printLength, TICKS_A_QUARTER } from '../../time/length';
import { barAt } from '../model/beats';
import { placed, rest, withNotes, wrong, type EditedScore } from './edited';
import { tiedWith, untied, withoutMark } from './editTies';
import type { Score, WrittenBar, WrittenNote } from '../model/score';
import { chordOf, sameVoice, takesTime, type VoicePlace } from '../model/voicePlace';

/** The shortest note that can be put: a sixty-fourth. */
const SHORTEST = TICKS_A_QUARTER / 16;

export function lengthened(score: Score, notes: WrittenNote[], place: number, ticks: number): EditedScore {
  const one = notes[place]!;
  const bar = barAt(score.bars, one.onset)!;
  const most = bar.to - one.onset;
  if (one.tuplet)
    throw wrong(
      'a note of a tuplet',
      'its length hangs on the others.',
      'Take it away and put the notes anew.',
    );
  if (ticks < SHORTEST)
    throw wrong(printLength(ticks), 'it is shorter than a sixty-fourth note.', 'Choose a longer one.');
  if (ticks > most)
    throw wrong(
      `${printLength(ticks)} quarters`,
      `the bar has room for ${printLength(most)} from here.`,
      'Choose a shorter length, and tie it into the next bar.',
    );
  const [end, old] = [one.onset + ticks, one.onset + one.ticks];
  const chord = new Set(chordOf(notes, place));
  const next = notes.flatMap((other, at): WrittenNote[] => {
    if (chord.has(at)) {
      if (other.ticks === ticks) return [other];
      return [withoutMark({ ...other, ticks }, 'tieStart')];
    }
    if (other.tieEnd && other.onset === old && [...chord].some((own) => tiedWith(notes, own, 'on') === at))
      return [withoutMark(other, 'tieEnd')];
    return [other];
  });
  const cut = end > old ? cleared(next, one, old, end, one.onset) : next;
  // What was left becomes a rest, together with one that follows it.
  if (end < old) cut.push(rest(one, end, old));
  return placed(score, joinedRests(cut, one, bar), next[place]!);
}

/** Notes of a voice between two times go; what reaches over the end stays as a rest from there on. */
function cleared(
  notes: readonly WrittenNote[],
  voice: VoicePlace,
  begin: number,
  end: number,
  after = -1,
): WrittenNote[] {
  const left: WrittenNote[] = [];
  const kept = notes.flatMap((other): WrittenNote[] => {
    if (!takesTime(other) || !sameVoice(other, voice) || other.onset <= after) return [other];
    const over = other.onset + other.ticks;
    if (over <= begin || other.onset >= end) {
      return other.onset === end && other.tieEnd ? [withoutMark(other, 'tieEnd')] : [other];
    }
    if (other.tuplet) throw wrong('a tuplet', 'it would be cut in two.', 'Take its notes away first.');
    if (over > end && !left.some(({ onset }) => onset === end)) left.push(rest(other, end, over));
    return other.onset < begin && other.kind === 'rest' ? [rest(other, other.onset, begin)] : [];
  });
  return [...kept, ...left];
}

/** Rests of a voice that follow each other within a bar are one. */
export function joinedRests(
  notes: readonly WrittenNote[],
  voice: VoicePlace,
  bar: WrittenBar,
): WrittenNote[] {
  const rests = notes
    .filter(
      (one) =>
        one.kind === 'rest' &&
        !one.tuplet &&
        sameVoice(one, voice) &&
        one.onset >= bar.from &&
        one.onset < bar.to,
    )
    .sort((a, b) => a.onset - b.onset);
  const joined = new Map<WrittenNote, WrittenNote | null>();
  let open: WrittenNote | null = null;
  for (const one of rests) {
    const before: WrittenNote | null = open && (joined.get(open) ?? open);
    if (open && before && before.onset + before.ticks === one.onset) {
      joined.set(open, { ...before, ticks: before.ticks + one.ticks });
      joined.set(one, null);
    } else open = one;
  }
  return notes.flatMap((one) => {
    const now = joined.get(one);
    return now === null ? [] : [now ?? one];
  });
}

export function moved(score: Score, notes: WrittenNote[], place: number, to: VoicePlace): EditedScore {
  const one = notes[place]!;
  if (one.kind === 'rest') throw wrong('a rest', 'only notes change their voice.', 'Select a note.');
  if (sameVoice(one, to) && one.staff === to.staff) return withNotes(score, notes, place);
  const end = one.onset + one.ticks;
  const there = notes.filter(
    (other) =>
      takesTime(other) &&
      sameVoice(other, to) &&
      !sameVoice(one, to) &&
      other.onset < end &&
      other.onset + other.ticks > one.onset,
  );
  const sounding = there.find(
    ({ kind, onset, ticks }) => kind === 'note' && (onset !== one.onset || ticks !== one.ticks),
  );
  if (sounding)
    throw wrong(
      `voice ${to.voice}`,
      `it has ${printNote(sounding.note!)} in this time.`,
      'Choose a voice that rests here.',
    );
  untied(notes, place);
  const own: WrittenNote = withoutMark(withoutMark({ ...one, ...to }, 'tieStart'), 'tieEnd');
  const left = chordOf(notes, place).length > 1 || sameVoice(one, to) ? [] : [rest(one, one.onset, end)];
  const others = notes.filter((_, at) => at !== place);
  const free = there.some(({ kind }) => kind === 'rest') ? cleared(others, to, one.onset, end) : others;
  const bar = barAt(score.bars, one.onset)!;
  return placed(score, joinedRests([...free, own, ...left], one, bar), own);
}
