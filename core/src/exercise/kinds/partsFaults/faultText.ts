import { RULES, type Fault, type Rule } from '../../../voicing/rules';
import { VOICES, type VoiceName } from '../../../voicing/register';
import { unread } from '../../answers/answerForm';
import type { FaultAnswer } from './answer';

const FIFTHS = '(?:perfect )?(?:5ths?|5s|fifths?)';
const OCTAVES = '(?:8ves?|8vas?|8ths|octaves?|unisons?)';
const PARALLEL = '(?:parallel|consecutive|successive|forbidden)';
const DIRECT = '(?:direct|hidden|exposed)';
const CONTRARY = '(?:contrary|antiparallel|anti-parallel)';
const SEVENTH = '(?:7th|seventh)';
/** Said of a note that does not go where it should. */
const UNDONE = "(?: (?:does(?: not|n['’]t)|not|un-?resolved|rises|falls|must|should).*)?";
const LEADING = '(?:leading[- ](?:note|tone)|l\\.?t\\.?)';

/** What a fault is called, and which rules may be meant, the likeliest first (common practice). */
const SAID: readonly (readonly [RegExp, readonly Rule[]])[] = (
  [
    [`(?:un-?equal ${FIFTHS}|${FIFTHS} after a diminished one|diminished to perfect.*)`, ['unequal-fifths']],
    [`(?:a )?perfect fifth after a diminished one`, ['unequal-fifths']],
    [`(?:${CONTRARY} ${FIFTHS}|${FIFTHS} (?:by|in) contrary motion)`, ['contrary-fifths']],
    [`(?:${CONTRARY} ${OCTAVES}|${OCTAVES} (?:by|in) contrary motion)`, ['contrary-octaves']],
    [`${DIRECT} ${FIFTHS}`, ['direct-fifths']],
    [`${DIRECT} ${OCTAVES}`, ['direct-octaves']],
    [`${PARALLEL} ${FIFTHS}`, ['parallel-fifths']],
    [`${PARALLEL} ${OCTAVES}`, ['parallel-octaves']],
    [FIFTHS, ['parallel-fifths', 'contrary-fifths', 'direct-fifths', 'unequal-fifths']],
    [OCTAVES, ['parallel-octaves', 'contrary-octaves', 'direct-octaves']],
    [PARALLEL, ['parallel-fifths', 'parallel-octaves']],
    [
      `(?:the )?(?:doubled ${LEADING}|${LEADING} (?:is )?doubled|double ${LEADING})`,
      ['doubled-leading-note'],
    ],
    [`(?:the )?${LEADING}${UNDONE}|unresolved ${LEADING}`, ['leading-note', 'doubled-leading-note']],
    [`(?:the )?${SEVENTH}${UNDONE}|unresolved ${SEVENTH}`, ['seventh']],
    [`(?:the )?suspen(?:sion|ded note)${UNDONE}|unresolved suspension`, ['suspension']],
    [`(?:the )?lowered (?:second|2nd)${UNDONE}|(?:the )?neapolitan${UNDONE}`, ['lowered-second']],
    [`(?:the )?(?:9th|ninth)${UNDONE}`, ['ninth']],
    [`(?:the )?(?:(?:cadential )?six[- ]four|6/?4|fourth)${UNDONE}`, ['six-four']],
    [`(?:voices? )?cross(?:ing|ed|es)?(?: voices?| of voices?)?|(?:crossed|crossing) voices`, ['crossing']],
    [`(?:voices? )?overlap(?:s|ping|ped)?(?: voices?)?|(?:overlapping) voices`, ['overlap']],
    [
      `(?:too wide|spacing|wide spacing|gap|(?:more than|over) an octave(?: apart)?|bad spacing)`,
      ['spacing'],
    ],
    [`(?:out of|outside|beyond)(?: the| its)? (?:range|compass)|range|compass|too (?:high|low)`, ['range']],
    [`(?:an )?(?:augmented|aug\\.?) (?:2nd|second)|a2`, ['augmented-second']],
    [
      `(?:an? )?(?:awkward |bad |large |wide |melodic |forbidden )?(?:leap|jump|skip)(?: of .*)?|tritone(?: leap)?`,
      ['melodic-leap', 'augmented-second'],
    ],
    [`(?:a )?(?:cross|false)[- ]relations?`, ['cross-relation']],
    [
      `(?:the )?(?:(?:3rd|third) (?:is )?(?:missing|left out|omitted)|(?:missing|no|omitted) (?:3rd|third))`,
      ['missing-third'],
    ],
    [
      `(?:bad |wrong |poor )?doubling|a note that is not doubled|doubled (?:3rd|third|seventh|7th|note)`,
      ['doubling', 'doubled-leading-note'],
    ],
  ] as const
).map(([said, rules]) => [new RegExp(`^(?:${said})$`), rules]);

const VOICE = new RegExp(`\\b(${VOICES.join('|')}|s|a|t|b)\\b`, 'g');
const VOICE_WORD = `(?:${VOICES.join('|')}|[satb])`;
const BETWEEN = '(?:\\s*(?:and|&|/|\\+|,|-)\\s*)(?:the )?';
const VOICES_AT_END = new RegExp(
  `[\\s,(]+(?:(?:between|in)(?: the)? )?${VOICE_WORD}(?:${BETWEEN}${VOICE_WORD})*\\)?$`,
);

/** Rules that a text may mean, in the words of the page or of others; none where it cannot be read. */
export function rulesSaid(text: string): readonly Rule[] {
  const said = text.trim().toLowerCase().replace(/\s+/g, ' ').replace(/[.!]$/, '');
  const own = said.replace(/ /g, '-');
  if ((RULES as readonly string[]).includes(own)) return [own as Rule];
  return SAID.find(([pattern]) => pattern.test(said))?.[1] ?? [];
}

/** A number that counts a chord, and not a fifth, an octave or figures; `3-4` is the second of the two. */
const CHORD = new RegExp(
  [
    '(?:\\b(?:chords?|bars?|no\\.?|beats?)\\s*)?(?<![\\d/])(?:(\\d{1,2})\\s*(?:-|–|to|and|→)\\s*)?',
    '(\\d{1,2})(?![\\d/]|st|nd|rd|th|ve|va|s\\b)\\s*[:.)-]?',
  ].join(''),
  'gi',
);

interface Said {
  readonly at: number;
  readonly rules: readonly Rule[];
  readonly voices: readonly VoiceName[];
}

/**
 * Faults as they were typed: `3 parallel fifths; 4: voices cross, alto and tenor`, `consecutive 5ths 2-3`. Throws
 * TheoryError `request` for what is none.
 */
function typedFaults(raw: string): Said[] {
  const found = [...raw.matchAll(CHORD)];
  if (found.length === 0) throw noFaults(raw);
  // The number may stand before what is wrong, or after it.
  const after = raw.slice(0, found[0]!.index).trim() !== '';
  return found.flatMap((match, index) => {
    const at = Number(match[2]);
    const [from, to] = after
      ? [index === 0 ? 0 : found[index - 1]!.index + found[index - 1]![0].length, match.index]
      : [match.index + match[0].length, found[index + 1]?.index ?? raw.length];
    const said = raw
      .slice(from, to)
      .replace(/\b(?:in|at|between)\s*$/i, '')
      .replace(/^[\s,;:]+|[\s,;:]+$/g, '');
    return pieces(said, raw).map((one) => ({ at, ...one }));
  });
}

/** What is said of one chord: one fault, or several with “and” or commas between them. */
function pieces(said: string, raw: string): Omit<Said, 'at'>[] {
  const whole = oneFault(said);
  if (whole) return [whole];
  const several = said.split(/\s*(?:;|,|\band\b|&|\+)\s*/).map(oneFault);
  if (several.length < 2 || several.includes(null)) throw noFaults(raw);
  return several as Omit<Said, 'at'>[];
}

function oneFault(said: string): Omit<Said, 'at'> | null {
  const lower = said.toLowerCase().trim();
  const tail = rulesSaid(lower).length > 0 ? '' : (VOICES_AT_END.exec(lower)?.[0] ?? '');
  const rules = rulesSaid(lower.slice(0, lower.length - tail.length));
  if (rules.length === 0) return null;
  const voices = [...tail.matchAll(VOICE)].map(
    ([voice]) => VOICES.find((one) => one.startsWith(voice)) as VoiceName,
  );
  return { rules, voices };
}

const noFaults = (raw: string) =>
  unread(
    raw,
    'the faults cannot be read.',
    'Write the number of the chord and what is wrong there: 3 parallel fifths; 4 the seventh does not fall.',
  );

/** Faults as they were typed; of words that may mean several rules the one that is broken there is taken. */
export function parseFaults(raw: string, broken: readonly Fault[]): FaultAnswer[] {
  return typedFaults(raw).map(({ at, rules, voices }) => {
    const rule = rules.find((one) => broken.some((fault) => fault.at + 1 === at && fault.rule === one));
    return { at, rule: rule ?? rules[0]!, ...(voices.length > 0 ? { voices } : {}) };
  });
}
