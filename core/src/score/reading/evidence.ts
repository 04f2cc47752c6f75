import { sameName, lineOfFifths, type NoteName } from '../../pitch/note';
import { nameBelow } from '../../interval/interval';
import { sameKey, signatureFifths, type Key } from '../../key/key';
import { keysOfSignature } from '../../key/signatureParse';
import { scaleOf } from '../../key/scale';
import type { CadenceKind } from '../../context/cadences';
import type { ScoreNote, ScoreToRead } from '../model/scoreNote';
import type { KeyArea, ReadChord, ScoreReading } from './scoreReading';

/** What speaks for or against a key over some time; `at` are the times in ticks where it is seen. */
export type KeyEvidence =
  | {
      readonly kind: 'first-chord' | 'last-chord';
      readonly at: readonly number[];
      readonly speaks: 'for' | 'against';
    }
  | {
      readonly kind: 'cadence';
      readonly cadence: CadenceKind;
      readonly at: readonly number[];
      readonly speaks: 'for';
    }
  | {
      readonly kind: 'leading-note';
      readonly note: NoteName;
      readonly at: readonly number[];
      readonly speaks: 'for';
    }
  | { readonly kind: 'dominant-tonic'; readonly at: readonly number[]; readonly speaks: 'for' }
  | {
      readonly kind: 'foreign';
      readonly note: NoteName;
      readonly at: readonly number[];
      readonly speaks: 'against';
    };

/** So many names outside a key are told, the most frequent first. */
const MOST_FOREIGN = 3;

/** The keys to weigh an area against: the other key of its signature, and the keys before and after it. */
export function rivalsOf(reading: ScoreReading, area: KeyArea): Key[] {
  const at = reading.keys.indexOf(area);
  const fifths = signatureFifths(area.key);
  const near = [reading.keys[at - 1]?.key, reading.keys[at + 1]?.key];
  const relative = Math.abs(fifths) <= 7 ? keysOfSignature(fifths) : [];
  const rivals: Key[] = [];
  for (const key of [...relative, ...near])
    if (key && !sameKey(key, area.key) && !rivals.some((one) => sameKey(one, key))) rivals.push(key);
  return rivals;
}

/**
 * The evidence for and against a key in the time of an area, as a teacher weighs it: the first chord, the
 * cadences at phrase ends, accidentals and where they lead, steps from dominant to tonic, notes outside its
 * scale (common practice).
 */
export function keyEvidence(
  score: ScoreToRead,
  reading: ScoreReading,
  area: KeyArea,
  key: Key,
): KeyEvidence[] {
  const chords = reading.chords.slice(area.firstChord, area.endChord);
  const first = chords[0]!;
  const evidence: KeyEvidence[] = [];
  const isTonic = ({ chord }: ReadChord) => sameName(chord.root, key.tonic);
  if (area.firstChord === 0)
    evidence.push({ kind: 'first-chord', at: [first.from], speaks: isTonic(first) ? 'for' : 'against' });
  const byCadence = new Map<CadenceKind, number[]>();
  for (const { at, kind } of reading.cadences) {
    if (at < area.firstChord || at >= area.endChord || !endsIn(reading.chords, at, kind, key)) continue;
    byCadence.set(kind, [...(byCadence.get(kind) ?? []), reading.chords[at]!.from]);
  }
  for (const [cadence, at] of byCadence) evidence.push({ kind: 'cadence', cadence, at, speaks: 'for' });
  const own = score.notes.filter(({ onset }) => onset >= area.from && onset < area.to);
  const leading = leadingNotes(own, score, key, area);
  if (leading) evidence.push(leading);
  const steps = dominantSteps(chords, key);
  if (steps.length > 0) evidence.push({ kind: 'dominant-tonic', at: steps, speaks: 'for' });
  evidence.push(...foreignNotes(own, key));
  if (area.endChord === reading.chords.length) {
    const last = chords[chords.length - 1]!;
    evidence.push({ kind: 'last-chord', at: [last.from], speaks: isTonic(last) ? 'for' : 'against' });
  }
  return evidence;
}

/** Whether a cadence that was found is one of this key too. */
function endsIn(chords: readonly ReadChord[], at: number, kind: CadenceKind, key: Key): boolean {
  const { root } = chords[at]!.chord;
  if (kind === 'half' || kind === 'phrygian-half')
    return sameName(root, scaleOf(key)[4]!) && sameKey(chords[at]!.key, key);
  if (kind === 'deceptive') return sameName(root, scaleOf(key)[5]!);
  return sameName(root, key.tonic);
}

/** The note a half step under the tonic, where the signature does not have it. */
function leadingNotes(
  own: readonly ScoreNote[],
  score: ScoreToRead,
  key: Key,
  { from }: KeyArea,
): KeyEvidence | null {
  const leading = nameBelow(key.tonic, { number: 2, deviation: -1 });
  const signature = [...score.signatures].reverse().find(({ at }) => at <= from)?.fifths ?? 0;
  const place = lineOfFifths(leading);
  if (place >= signature - 1 && place <= signature + 5) return null;
  const at = own.filter(({ note }) => sameName(note, leading)).map(({ onset }) => onset);
  return at.length > 0 ? { kind: 'leading-note', note: leading, at: distinct(at), speaks: 'for' } : null;
}

function dominantSteps(chords: readonly ReadChord[], key: Key): number[] {
  const scale = scaleOf(key, key.mode === 'minor' ? 'harmonic' : 'natural');
  return chords.flatMap(({ chord, from }, at) => {
    const next = chords[at + 1];
    const goes = next && sameName(chord.root, scale[4]!) && sameName(next.chord.root, key.tonic);
    const leads = chord.members.some(({ degree, alteration }) => degree === 3 && alteration === 0);
    return goes && leads ? [from] : [];
  });
}

function foreignNotes(own: readonly ScoreNote[], key: Key): KeyEvidence[] {
  const scale: NoteName[] = [...scaleOf(key)];
  if (key.mode === 'minor') scale.push(...scaleOf(key, 'harmonic'), ...scaleOf(key, 'melodic'));
  const inKey = new Set(scale.map(lineOfFifths));
  const found = new Map<number, { note: NoteName; at: number[] }>();
  for (const { note, onset } of own) {
    const place = lineOfFifths(note);
    if (inKey.has(place)) continue;
    const known = found.get(place) ?? { note: { step: note.step, alteration: note.alteration }, at: [] };
    known.at.push(onset);
    found.set(place, known);
  }
  return [...found.values()]
    .sort((a, b) => b.at.length - a.at.length)
    .slice(0, MOST_FOREIGN)
    .map(({ note, at }) => ({ kind: 'foreign', note, at: distinct(at), speaks: 'against' }));
}

const distinct = (times: readonly number[]) => [...new Set(times)].sort((a, b) => a - b);
