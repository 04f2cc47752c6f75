import { writeMidi } from 'midi-file';
import { toRead, type Score } from '../../score/model/score';
import { playedBars } from '../../score/model/playedBars';
import { firstVerse } from '../../score/model/verses';
import { printMetre } from '../../time/metre';
import { counted, PLAIN_LINE, type Carried } from '../lineFile';
import {
  keySignature,
  midiTicks,
  MIDI_TICKS_A_QUARTER,
  noteOff,
  noteOn,
  spaced,
  tempo,
  timeSignature,
  type TimedEvent,
} from './events';

/** Channel 10 is for percussion. */
const CHANNELS = [0, 1, 2, 3, 4, 5, 6, 7, 8, 10, 11, 12, 13, 14, 15];

/**
 * Writes a score as a Standard MIDI File, format 1: tempo, metres, signatures and words in the first track, the notes
 * of each part in one of its own, ties joined. Repeats are played out; grace notes, cues and percussion are left out.
 */
export function writeScoreMidi(score: Score): Carried<Uint8Array> {
  const { bars, parts, title } = score;
  const { notes } = toRead(score);
  const order = playedBars(score);
  let now = 0;
  const played = order.map((at) => {
    const { from, to } = bars[at]!;
    const one = { at, from, to, start: now };
    now += to - from;
    return one;
  });
  /** Things of a time of the score, at each time when it is played. */
  const timed = <T>(
    all: readonly T[],
    timeOf: (one: T) => number,
    event: (one: T, at: number) => readonly TimedEvent[],
  ) =>
    played.flatMap(({ from, to, start }) =>
      all
        .filter((one) => timeOf(one) >= from && timeOf(one) < to)
        .flatMap((one) => event(one, timeOf(one) - from + start)),
    );
  const conductor: TimedEvent[] = [
    { at: 0, deltaTime: 0, meta: true, type: 'trackName', text: title },
    tempo(score.tempo ?? PLAIN_LINE.tempo),
    ...[
      ...played.flatMap(({ at, start }, turn) => {
        const { metre } = bars[at]!;
        const before = played[turn - 1];
        const isSame = before && printMetre(bars[before.at]!.metre) === printMetre(metre);
        return isSame ? [] : [timeSignature(metre, midiTicks(start))];
      }),
      ...timed(
        score.signatures,
        ({ at }) => at,
        ({ fifths }, at) => [keySignature(fifths, false, midiTicks(at))],
      ),
      ...timed(
        score.notes.filter(({ lyric }) => firstVerse(lyric) !== undefined),
        ({ onset }) => onset,
        ({ lyric }, at) => [
          { at: midiTicks(at), deltaTime: 0, meta: true, type: 'lyrics', text: firstVerse(lyric)! },
        ],
      ),
    ].sort((a, b) => a.at - b.at),
  ];
  const tracks = parts.map(({ name }, part) => {
    const channel = CHANNELS[part % CHANNELS.length]!;
    const own = timed(
      notes.filter((one) => one.part === part),
      ({ onset }) => onset,
      ({ onset, end, note }, at) => [
        noteOn(note, channel, midiTicks(at)),
        noteOff(note, channel, midiTicks(at + end - onset)),
      ],
    );
    // What ends at a time ends before the same note begins again.
    const rank = ({ type }: TimedEvent) => (type === 'noteOff' ? 0 : 1);
    own.sort((a, b) => a.at - b.at || rank(a) - rank(b));
    return spaced([{ at: 0, deltaTime: 0, meta: true, type: 'trackName', text: name }, ...own]);
  });
  const jumps = (score.signs ?? []).filter(({ kind }) => kind === 'da-capo' || kind === 'dal-segno');
  const repeats = bars.filter(({ repeatEnd }) => repeatEnd).length;
  return {
    value: Uint8Array.from(
      writeMidi({
        header: { format: 1, numTracks: tracks.length + 1, ticksPerBeat: MIDI_TICKS_A_QUARTER },
        tracks: [spaced(conductor), ...tracks],
      }),
    ),
    remarks: [
      ...(repeats > 0 ? [`${counted(repeats, 'repeat was', 'repeats were')} played out.`] : []),
      ...(jumps.length > 0 ? [`${jumps.map(({ text }) => text).join(', ')}: followed once.`] : []),
    ],
  };
}
