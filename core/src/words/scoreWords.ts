import type { CadenceKind } from '../context/cadences';
import type { NoteName } from '../pitch/note';
import { displayNote, displayNoteName } from '../pitch/print';
import { DEFAULT_LABEL_STYLE, type LabelStyle } from '../school/school';
import type { KeyEvidence } from '../score/reading/evidence';
import type { NonChordKind } from '../score/reading/melodic';
import type { NonChordNote } from '../score/reading/nonChord';
import type { PhraseEnd } from '../score/reading/phrases';
import { barAt } from '../score/model/beats';
import type { ScoreBar, ScoreNote } from '../score/model/scoreNote';
import { vocabulary } from './vocabulary';

const CADENCES: Record<CadenceKind, string> = {
  authentic: 'authentic',
  perfect: 'perfect',
  imperfect: 'imperfect',
  plagal: 'plagal',
  half: 'half',
  deceptive: 'deceptive',
  'phrygian-half': 'Phrygian half',
  modal: 'modal',
  backdoor: 'backdoor',
  evaded: 'evaded',
};

/** The kind of a cadence as a teacher says it. */
export function cadenceWords(kind: CadenceKind): string {
  return CADENCES[kind];
}

const KINDS: Record<NonChordKind, string> = {
  passing: 'passing note',
  neighbour: 'neighbour note',
  'incomplete-neighbour': 'incomplete neighbour',
  'double-neighbour': 'double neighbour',
  suspension: 'suspension',
  retardation: 'retardation',
  anticipation: 'anticipation',
  appoggiatura: 'appoggiatura',
  escape: 'escape note',
  cambiata: 'cambiata',
  pedal: 'pedal',
  free: 'free note',
};

/** `D5: passing note from C5 to E5`; of a suspension its figures. */
export function nonChordSentence(
  one: NonChordNote,
  notes: readonly ScoreNote[],
  school: LabelStyle = DEFAULT_LABEL_STYLE,
): string {
  const name = (at: number) => displayNote(notes[at]!.note, school.letters);
  const from = one.before < 0 ? '' : ` from ${name(one.before)}`;
  const to = one.after < 0 ? '' : ` to ${name(one.after)}`;
  const figures = one.figures ? ` ${one.figures.join('–')}` : '';
  const held = one.kind === 'suspension' || one.kind === 'retardation' || one.kind === 'pedal';
  const goes = one.kind === 'suspension' ? 'falls' : one.kind === 'retardation' ? 'rises' : 'goes on';
  return held
    ? `${name(one.note)} is held over, a ${KINDS[one.kind]}${figures}${to ? `, and ${goes}${to}` : ''}.`
    : `${name(one.note)} is ${withArticle(KINDS[one.kind])}${from}${to}.`;
}

/** `a half`, `an authentic`. */
export function withArticle(words: string): string {
  return `${/^[aeiou]/.test(words) ? 'an' : 'a'} ${words}`;
}

/** Numbers of the bars in which times lie, `bars 1, 2 and 5`; long lists end with how many more. */
export function barsOfTimes(
  times: readonly number[],
  bars: readonly ScoreBar[],
  school: LabelStyle = DEFAULT_LABEL_STYLE,
): string {
  const numbers = [...new Set(times.map((time) => barAt(bars, time)?.number ?? 0))];
  const { bar } = vocabulary(school);
  if (numbers.length === 1) return `${bar} ${numbers[0]}`;
  const shown = numbers.slice(0, MOST_BARS);
  const rest = numbers.length - shown.length;
  if (rest > 0) return `${bar}s ${shown.join(', ')} and ${rest} more`;
  return `${bar}s ${shown.slice(0, -1).join(', ')} and ${shown[shown.length - 1]}`;
}

const MOST_BARS = 4;

/** What speaks for a key or against it, in one line. */
export function evidenceWords(
  evidence: KeyEvidence,
  bars: readonly ScoreBar[],
  school: LabelStyle = DEFAULT_LABEL_STYLE,
): string {
  const where = barsOfTimes(evidence.at, bars, school);
  const name = (note: NoteName) => displayNoteName(note, school.letters);
  const times = evidence.at.length;
  const often = times === 1 ? '' : times === 2 ? ' twice' : ` ${times} times`;
  switch (evidence.kind) {
    case 'first-chord':
      return evidence.speaks === 'for' ? 'begins on its tonic' : 'does not begin on its tonic';
    case 'last-chord':
      return evidence.speaks === 'for' ? 'ends on its tonic' : 'does not end on its tonic';
    case 'cadence':
      return `${cadenceWords(evidence.cadence)} cadence, ${where}`;
    case 'leading-note':
      return `its raised ${vocabulary(school).leading} ${name(evidence.note)}${often}, ${where}`;
    case 'dominant-tonic':
      return `dominant to tonic${often}, ${where}`;
    case 'foreign':
      return `${name(evidence.note)}${often} is not in its scale, ${where}`;
  }
}

/** What shows the end of a phrase. */
export function phraseEndWords({ sign }: PhraseEnd, school: LabelStyle = DEFAULT_LABEL_STYLE): string {
  const signs: Record<PhraseEnd['sign'], string> = {
    fermata: 'at a fermata',
    break: `at a double ${vocabulary(school).bar === 'bar' ? 'barline' : 'bar'} or repeat`,
    rest: 'before a rest of the upper part',
    'long-note': 'after a long note of the upper part',
    end: 'at the end',
    marked: 'marked by hand',
  };
  return signs[sign];
}
