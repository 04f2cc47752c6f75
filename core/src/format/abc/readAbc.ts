import { parseSymbol } from '../../chord/symbolParse';
import { attempt, TheoryError } from '../../errors';
import { LIMITS } from '../../limits';
import { isRest } from '../../line/entry';
import { numbered } from '../../score/model/beats';
import type { Score, ScorePart, WrittenBar } from '../../score/model/score';
import type { ScoreSymbol } from '../../score/model/scoreNote';
import type { Ending } from '../../time/bars';
import { barTicks, type Metre } from '../../time/metre';
import { counted, type Carried } from '../lineFile';
import { list, number, record, text } from './loose';
import { parseTune, type Parsed, type ParsedTune } from './parsed';
import { AbcVoice, type AbcBarline } from './voice';

const LARGEST = 1_000_000;
const USUAL_METRE: Metre = { over: 4, under: 4 };

/**
 * Reads the first tune of a file in ABC notation (the ABC music standard 2.1): notes, chords, rests, ties, tuplets,
 * grace notes, words, chord symbols, keys, metres, repeats and endings. What is not understood is told. Throws
 * TheoryError `request`.
 */
export function readAbc(source: string): Carried<Score> {
  if (source.length > LARGEST) throw wrong('it is larger than 1 MB.', 'Give one tune, or a few, in a file.');
  const tunes = source.split(/^X:/m).length - 1;
  const parsed = attemptParse(oneTune(source));
  const voices = voicesOf(parsed);
  const written = voices.flatMap(({ notes }) => notes);
  if (written.length > LIMITS.scoreNotes)
    throw wrong(`it has more than ${LIMITS.scoreNotes} notes.`, 'Give a part of it.');
  const [first] = voices;
  if (!first) throw wrong('there is no music in it.', 'Write a tune with X:, K: and its notes.');
  const bars = barsOf(first, Math.max(...voices.map(({ end }) => end)));
  const { meta } = parsed;
  const { symbols, noChord, unread } = symbolsOf(voices);
  const signs = voices.flatMap((voice) => voice.signs);
  const remarks = [
    ...(tunes > 1 ? [`The file holds ${counted(tunes, 'tune', 'tunes')}; the first was read.`] : []),
    ...(unread.length > 0 ? [unreadWords(unread)] : []),
    ...parsed.warnings.slice(0, 3).map((one) => `Not understood: ${plain(one)}.`),
  ];
  const score: Score = {
    title: text(meta['title']),
    composer: text(meta['composer']),
    tempo: tempoOf(record(meta['tempo'])),
    parts: voices.map(partOf),
    bars,
    signatures: first.signatures,
    notes: written.sort((a, b) => a.onset - b.onset),
    symbols,
    ...(noChord.length > 0 ? { noChord } : {}),
    ...(signs.length > 0 ? { signs } : {}),
  };
  return { value: score, remarks };
}

const wrong = (what: string, right: string) => new TheoryError('request', 'the tune', what, right);

/** The first tune of a book; a text without a number is one tune. */
function oneTune(source: string): string {
  const [before = '', first, ...more] = source.split(/^(?=X:)/m);
  if (first === undefined) return before.includes('X:') || more.length > 0 ? before : `X:1\n${before}`;
  return before.startsWith('X:') ? before : before + first;
}

/** What the package says of a text; it may throw at what is no tune at all. */
function attemptParse(source: string): ParsedTune {
  try {
    return parseTune(source);
  } catch {
    throw wrong('it cannot be read as ABC notation.', 'Write a tune with X:, K: and its notes.');
  }
}

/** A warning of the package without its marks: `Music Line:2:5: Unknown character ignored: %`. */
const plain = (warning: string): string =>
  warning
    .replace(/<[^>]*>/g, '')
    .replace(/\s+/g, ' ')
    .slice(0, 120)
    .trim();

/** The voices of all lines, each going on where it ended. */
function voicesOf({ lines }: ParsedTune): AbcVoice[] {
  const voices: AbcVoice[] = [];
  for (const line of lines) {
    let place = 0;
    for (const staff of list(line['staff']).map(record))
      for (const elements of list(staff['voices'])) {
        const voice = (voices[place] ??= new AbcVoice(place, nameOf(staff, voices.length)));
        voice.lineBegins(staff);
        for (const element of list(elements)) voice.read(record(element));
        place++;
      }
  }
  return voices;
}

const nameOf = (staff: Parsed, at: number): string => text(list(staff['title'])[0]) || `Voice ${at + 1}`;

const partOf = ({ name, clefs }: AbcVoice): ScorePart => ({ name, staves: 1, clefs, transposition: null });

/** Chord symbols of all voices, one at a time; where none is meant; and what cannot be read as one. */
function symbolsOf(voices: readonly AbcVoice[]) {
  const found = new Map<number, ScoreSymbol>();
  const silent = new Set<number>();
  const unread: string[] = [];
  for (const { symbols } of voices)
    for (const { at, name } of symbols) {
      if (isRest(name.replace(/\s/g, ''))) {
        silent.add(at);
        continue;
      }
      const chord = attempt(() => parseSymbol(name));
      if (!chord.ok) unread.push(name);
      else if (!found.has(at)) found.set(at, { at, chord: chord.value });
    }
  return {
    symbols: [...found.values()].sort((a, b) => a.at - b.at),
    noChord: [...silent].sort((a, b) => a - b),
    unread,
  };
}

/** Symbols that were passed over, each named once. */
function unreadWords(unread: readonly string[]): string {
  const names = [...new Set(unread)];
  const named = names.slice(0, 3).map((name) => `“${name.slice(0, 30)}”`);
  const more = names.length > 3 ? ' and others' : '';
  const were = unread.length === 1 ? 'was' : 'were';
  return `${counted(unread.length, 'chord symbol', 'chord symbols')} ${were} passed over: ${named.join(', ')}${more}.`;
}

/** The bars as the first voice draws them; an ending under a line counts until it ends. */
function barsOf({ barlines, metres }: AbcVoice, end: number): WrittenBar[] {
  const signs = new Map<number, AbcBarline[]>([[0, []]]);
  for (const one of barlines) {
    const known = signs.get(one.at);
    if (known) known.push(one);
    else signs.set(one.at, [one]);
  }
  const signsAt = (time: number) => signs.get(time) ?? [];
  const times = [...new Set([...signs.keys(), end])].sort((a, b) => a - b);
  let next = 0;
  const spans = times.slice(0, -1).map((from, at) => {
    while (metres[next] && metres[next]!.at <= from) next++;
    return { from, to: times[at + 1]!, metre: metres[next - 1]?.metre ?? USUAL_METRE };
  });
  if (spans.length === 0) spans.push({ from: 0, to: barTicks(USUAL_METRE), metre: USUAL_METRE });
  let ending: Ending | null = null;
  return numbered(spans, (at) => signsAt(spans[at]!.from).some(({ isHeavy }) => isHeavy)).map((bar, at) => {
    const begins = signsAt(bar.from);
    const closes = signsAt(bar.to);
    if (begins.some((one) => one.endingEnds)) ending = null;
    ending = begins.find((one) => one.ending)?.ending ?? ending;
    const isLast = at === spans.length - 1;
    return {
      ...bar,
      label: String(bar.number),
      ...(begins.some(({ repeatStart }) => repeatStart) ? { repeatStart: true as const } : {}),
      ...(closes.some(({ repeatEnd }) => repeatEnd) ? { repeatEnd: true as const } : {}),
      ...(ending ? { ending } : {}),
      ...(!isLast && closes.some(({ isDouble }) => isDouble) ? { double: true as const } : {}),
    };
  });
}

/** Quarter notes a minute. */
function tempoOf(tempo: Parsed): number | null {
  const beats = number(tempo['bpm']);
  const length = number(list(tempo['duration'])[0]) ?? 1 / 4;
  return beats === null || beats <= 0 ? null : Math.round(Math.min(400, Math.max(10, beats * length * 4)));
}
