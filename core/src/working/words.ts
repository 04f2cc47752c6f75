import { memberWord } from '../chord/inversionNames';
import { printMember } from '../chord/chord';
import { qualityWord, type Interval } from '../interval';
import { degreeName } from '../key/scale';
import type { Key } from '../key/key';
import { printFigure } from '../label/figures';
import { numeralParts, partsText } from '../label/numeralPrint';
import { DEFAULT_SCHOOL, type School } from '../label/school';
import { displayNoteName, type NoteName } from '../pitch';
import type { Segment, Sentence, WorkingStep } from './step';
import { vocabulary } from './vocabulary';

/** Interval numbers in words: third, sixth, tenth. */
export function numberWord(number: number): string {
  const words = [
    'unison',
    'second',
    'third',
    'fourth',
    'fifth',
    'sixth',
    'seventh',
    'octave',
    'ninth',
    'tenth',
    'eleventh',
    'twelfth',
    'thirteenth',
    'fourteenth',
    'fifteenth',
  ];
  if (words[number - 1]) return words[number - 1]!;
  const end =
    number % 10 === 1 && number !== 11 ? 'st' : number % 10 === 2 ? 'nd' : number % 10 === 3 ? 'rd' : 'th';
  return `${number}${end}`;
}

/** `minor third`, `doubly augmented fourth`. */
export function intervalWords(interval: Interval): string {
  return `${qualityWord(interval).replace('-', ' ')} ${numberWord(interval.number)}`;
}

/** `dominant seventh`, `half-diminished seventh`, `major triad`. */
export function qualityWords(quality: string): string {
  if (['major', 'minor', 'diminished', 'augmented'].includes(quality)) return `${quality} triad`;
  if (quality === 'power') return 'bare fifth';
  if (quality.endsWith('-flat-five'))
    return `${quality.slice(0, -10).replaceAll('-', ' ')} with a lowered fifth`;
  return quality
    .replace('half-diminished-', 'half-diminished ')
    .replace(/-(?=seventh|ninth|1[13]th|sixth|second|fourth)/g, ' ')
    .replace('minor-major', 'minor-major');
}

/** `A major`, in the school's letters. */
export function keyWords(key: Key, school: School = DEFAULT_SCHOOL): string {
  return `${displayNoteName(key.tonic, school.letters)} ${key.mode}`;
}

function a(words: string): string {
  return `${/^(?:[aeio]|8|11|u(?!nison))/.test(words) ? 'an' : 'a'} ${words}`;
}

/** A working step as one sentence in the school's words. Short, and as a teacher would say it. */
export function sayStep(step: WorkingStep, school: School = DEFAULT_SCHOOL): Sentence {
  const words = vocabulary(school);
  const name = (note: NoteName) => displayNoteName(note, school.letters);
  const strong = (text: string): Segment => ({ strong: text });
  const row = (notes: readonly NoteName[]) => notes.map(name).join(' ');
  const steps = (count: number) => `${count} ${count === 1 ? words.halfStep : words.halfSteps}`;
  switch (step.step) {
    case 'count-letters':
      return [
        `Count the letters, ${row(step.letters.map(({ step: s }) => ({ step: s, alteration: 0 })))}: `,
        strong(a(numberWord(step.number))),
        '.',
      ];
    case 'take-octaves':
      return [
        `${cap(a(numberWord(step.interval.number)))} is ${step.octaves === 1 ? 'an octave' : `${step.octaves} octaves`} and ${a(numberWord(step.simple.number))}: work with the ${numberWord(step.simple.number)}.`,
      ];
    case 'scale-note':
      return [
        `In the major scale on ${name(step.tonic)}, the ${numberWord(step.number)} is `,
        strong(name(step.note)),
        '.',
      ];
    case 'compare':
      if (step.difference === 0)
        return [`${name(step.note)} is that very note: `, strong(intervalWords(step.interval)), '.'];
      return [
        `${name(step.note)} is ${steps(Math.abs(step.difference))} ${step.difference > 0 ? 'higher' : 'lower'} than ${name(step.scaleNote)}: `,
        strong(intervalWords(step.interval)),
        '.',
      ];
    case 'strip':
      return [
        `Take the same ${signWord(step.taken)} from both notes: ${name(step.from)}–${name(step.to)} is as wide as `,
        strong(`${name(step.bareFrom)}–${name(step.bareTo)}`),
        '.',
      ];
    case 'bare-size':
      return [
        `${name(step.from)}–${name(step.to)} without accidentals is `,
        strong(a(intervalWords(step.interval))),
        '.',
      ];
    case 'put-back':
      return [
        `Put back ${name(step.note)} at the ${step.end}: it ${step.wider ? 'widens' : 'narrows'} to `,
        strong(a(intervalWords(step.interval))),
        '.',
      ];
    case 'count-half-steps':
      return [
        `From ${name(step.from)} up to ${name(step.to)} there are `,
        strong(steps(step.halfSteps)),
        '.',
      ];
    case 'look-up':
      return step.halfSteps === step.plainHalfSteps
        ? [
            `${cap(a(numberWord(step.number)))} of ${steps(step.halfSteps)} is `,
            strong(intervalWords(step.interval)),
            '.',
          ]
        : [
            `${cap(a(intervalWords(step.plain)))} has ${step.plainHalfSteps}, so ${step.halfSteps} makes it `,
            strong(intervalWords(step.interval)),
            '.',
          ];
    case 'turn-over':
      return [
        `Turn it over: ${name(step.from)} up to ${name(step.to)} is `,
        strong(a(intervalWords(step.inversion))),
        '.',
      ];
    case 'turn-back':
      return [
        `${step.inversion.number} and ${step.interval.number} make 9, and the qualities ${qualityWord(step.interval) === 'perfect' ? 'stay perfect' : 'swap'}: `,
        strong(intervalWords(step.interval)),
        '.',
      ];
    case 'no-inversion':
      return [
        `${cap(a(intervalWords(step.interval)))} has no inversion within the octave: moved down an octave, the upper note is still above.`,
      ];
    case 'result':
      return [
        `The interval is `,
        strong(a(intervalWords(step.interval))),
        step.direction === 'down' ? ', going down.' : '.',
      ];
    case 'reach-letter':
      return [
        `${cap(a(numberWord(step.number)))} ${step.below ? 'below' : 'above'} ${name(step.from)} falls on the letter `,
        strong(name(step.letter)),
        '.',
      ];
    case 'adjust':
      if (sameInterval(step.bareInterval, step.wanted))
        return [
          `${name(step.bare)} as it stands makes ${a(intervalWords(step.wanted))}: `,
          strong(name(step.note)),
          '.',
        ];
      return [
        `With plain ${name(step.bare)} it is ${a(intervalWords(step.bareInterval))}; to make it ${intervalWords(step.wanted).split(' ').slice(0, -1).join(' ')}, write `,
        strong(name(step.note)),
        '.',
      ];
    case 'every-other':
      return [
        `Start on degree ${step.degree} and take every other note of the scale: `,
        strong(row(step.notes)),
        '.',
      ];
    case 'drop-doublings':
      return ['Leave out doubled notes: ', strong(row(step.notes)), '.'];
    case 'restack':
      return ['Stack in thirds: ', strong(row(step.notes)), `. The root is ${name(step.root)}.`];
    case 'third':
      return [
        `${name(step.from)} up to ${name(step.to)} is ${a(numberWord(step.interval.number))} of ${steps(step.halfSteps)}: `,
        strong(intervalWords(step.interval)),
        '.',
      ];
    case 'gaps':
      return step.gaps.length === 0
        ? ['One note alone is no chord.']
        : [`${list(step.gaps.map(String))} ${words.halfSteps}: `, strong(qualityWords(step.quality)), '.'];
    case 'thirds-make':
      return sayThirds(
        step.intervals,
        step.quality,
        step.numeral && step.key ? { numeral: step.numeral, key: step.key } : null,
      );
    case 'lowest':
      return sayLowest(step, name);
    case 'root-scale':
      return [`In the major scale on ${name(step.root)} these members are `, strong(row(step.notes)), '.'];
    case 'formula-member':
      return [
        `The ${memberWord(step.member)} is ${step.member.alteration < 0 ? 'lowered' : 'raised'}${Math.abs(step.member.alteration) > 1 ? ' twice' : ''}: ${name(step.scaleNote)} becomes `,
        strong(name(step.note)),
        '.',
      ];
    case 'formula':
      return [
        'The formula is ',
        strong(step.formula.replaceAll('b', '♭').replaceAll('#', '♯')),
        `: ${qualityWords(step.quality)}.`,
      ];
    case 'count-up':
      return [`From ${name(step.from)} count ${steps(step.gap)} up: `, strong(name(step.to)), '.'];
    case 'in-signature':
      return step.foreign.length === 0
        ? [`The signature of ${keyWords(step.key, school)} gives every note: `, strong(row(step.notes)), '.']
        : [
            `The signature of ${keyWords(step.key, school)} gives ${row(step.notes)}; `,
            strong(row(step.foreign)),
            ` ${step.foreign.length === 1 ? 'needs its' : 'need their'} own accidental.`,
          ];
    case 'raised-leading':
      return [
        `${name(step.plain)} is raised to `,
        strong(name(step.note)),
        `, the ${words.leading} of ${keyWords(step.key, school)}.`,
      ];
    case 'degree-of-root':
      return step.alteration === 0 || isRaisedLeading(step)
        ? [
            `${name(step.root)} is degree ${step.degree} of ${keyWords(step.key, school)}, the `,
            strong(degreeWords(step, school)),
            '.',
          ]
        : [
            `${name(step.root)} is degree ${step.degree} of ${keyWords(step.key, school)}, ${step.alteration < 0 ? 'lowered' : 'raised'}.`,
          ];
    case 'above-gap':
      return step.below
        ? [
            `In close position the gap lies above ${name(step.below)}, and the note above the gap is the root: `,
            strong(name(step.root)),
            '.',
          ]
        : ['There is no gap in the stack, so the lowest note is the root: ', strong(name(step.root)), '.'];
    case 'letter-triple':
      return [
        'The letters ',
        strong(row(step.letters.map(({ step: s }) => ({ step: s, alteration: 0 })))),
        ` spell a stack on ${name(step.root)}, in whatever order they come.`,
      ];
    case 'missing':
      return [
        `The ${list(step.degrees.map((degree) => memberWord({ degree })))} ${step.degrees.length === 1 ? 'is' : 'are'} not there.`,
      ];
    case 'added':
      return [
        `Beside the stack: ${step.members.map((m) => printMember(m).replaceAll('b', '♭').replaceAll('#', '♯')).join(', ')}.`,
      ];
    case 'seventh-from-octave':
      return [
        `${name(step.root)} an octave up, then ${step.halfSteps === 2 ? `a whole step` : step.halfSteps === 1 ? `a ${words.halfStep}` : steps(step.halfSteps)} down: `,
        strong(name(step.seventh)),
        `, ${a(intervalWords(step.interval))}.`,
      ];
    case 'what-it-is':
      return [
        `${cap(list(step.members.map((m) => memberSaid(m))))}: `,
        strong(a(qualityWords(step.quality))),
        step.asked === null ? '.' : `, whatever was asked for: ${step.asked} would need more.`,
      ];
    case 'relative-major':
      return [
        `Go three ${words.halfSteps} up from ${name(step.key.tonic)}, letter by letter a third: the relative major is `,
        strong(keyWords(step.relative, school)),
        '.',
      ];
    case 'same-signature':
      return [`${cap(keyWords(step.key, school))} has `, strong('the same signature'), '.'];
    case 'mode-of':
      return [
        `${cap(keyWords(step.key, school))} has the signature of `,
        strong(keyWords(step.major, school)),
        '.',
      ];
    case 'no-signature':
      return [`${cap(keyWords(step.key, school))} has `, strong('no sharps or flats'), '.'];
    case 'theoretical':
      return [
        `No ordinary signature exists for ${keyWords(step.key, school)}; its accidentals are `,
        strong(row(step.notes)),
        '.',
      ];
    case 'last-sharp':
      return [
        `The ${words.halfStep} under ${name(step.key.tonic)} is ${name(step.sharp)}. It is the last sharp, so the signature is `,
        strong(row(step.notes)),
        '.',
      ];
    case 'one-flat':
      return [
        `${cap(keyWords(step.key, school))} has one flat, `,
        strong(name(step.flat)),
        ', to be learnt by heart.',
      ];
    case 'last-flat-but-one':
      return [
        `${name(step.key.tonic)} is the last flat but one; one more follows, ${name(step.last)}. The signature is `,
        strong(row(step.notes)),
        '.',
      ];
    case 'full-figures':
      return [
        step.written.length === 0
          ? 'No figures mean '
          : `${glyphs(step.written.map(printFigure).join(' '))} stands for `,
        strong(step.full.map((f) => f.number).join(' ')),
        '.',
      ];
    case 'figure':
      return [
        `${figureWord(step.figure.number)} above ${name(step.bass)} is `,
        strong(name(step.note)),
        step.changed ? ', with its own sign because the signature has it otherwise.' : '.',
      ];
    case 'short-figures':
      return step.short.length === 0
        ? [`${step.full.join(' ')} is understood, so nothing is written.`]
        : step.short.join() === step.full.join()
          ? ['Write ', strong(glyphs(step.short.join(' '))), '.']
          : [`${glyphs(step.full.join(' '))} is written short: `, strong(glyphs(step.short.join(' '))), '.'];
    case 'foreign-note':
      return [strong(name(step.note)), ` is not in ${keyWords(step.key, school)}.`];
    case 'leads-to':
      return [
        `${name(step.note)} is the ${words.leading} of `,
        strong(name(step.target)),
        `, the root of `,
        { numeral: step.targetNumeral, key: step.key },
        '.',
      ];
    case 'dominant-of':
      return [
        `${name(step.root)} is a fifth above ${name(step.target)}, so it is the dominant of `,
        { numeral: step.targetNumeral, key: step.key },
        '.',
      ];
    case 'local-key':
      return [
        'Count in the key of ',
        { numeral: step.target, key: step.key },
        `, ${keyWords(step.local, school)}.`,
      ];
    case 'arrow-to':
      return [
        'The arrow goes to ',
        { numeral: step.targetNumeral, key: step.key },
        `: its root is `,
        strong(name(step.target)),
        '.',
      ];
    case 'fifth-above':
      return [
        'A dominant falls a fifth, so its root is a fifth above ',
        name(step.of),
        ': ',
        strong(name(step.root)),
        '.',
      ];
    case 'bracket-back':
      return [
        `The bracket joins it to its ii, a fifth above ${name(step.of)}: `,
        strong(name(step.root)),
        step.minor ? ', with a lowered fifth before a minor goal.' : ', a minor chord.',
      ];
    case 'named':
      return ['In the key it is written ', { numeral: step.numeral, key: step.key }, '.'];
    case 'special':
      return saySpecial(step.numeral.special!, name(step.root), keyWords(step.key, school), words.halfStep);
  }
}

function isRaisedLeading({
  degree,
  alteration,
  key,
}: {
  degree: number;
  alteration: number;
  key: Key;
}): boolean {
  return degree === 7 && alteration === 1 && key.mode === 'minor';
}

function degreeWords(
  { degree, alteration, key }: { degree: number; alteration: number; key: Key },
  school: School,
): string {
  const name = degreeName(key, degree, alteration === 1 ? 'harmonic' : 'natural');
  return name === 'leading' ? vocabulary(school).leading : name;
}

/** Thirds from the bottom up, put together into a quality and a numeral. */
function sayThirds(
  intervals: readonly Interval[],
  quality: string,
  named: { numeral: Extract<Segment, { numeral: unknown }>['numeral']; key: Key } | null,
): Sentence {
  const kinds = intervals.map((interval) => qualityWord(interval));
  const start =
    intervals.length === 2 && intervals.every((i) => i.number === 3)
      ? kinds[0] === kinds[1]
        ? `Two ${kinds[0]} thirds make `
        : `${cap(kinds[1]!)} over ${kinds[0]} makes `
      : 'Together they make ';
  const parts: Segment[] = [start, { strong: a(qualityWords(quality)) }, '.'];
  if (named) parts.push(' In the key it is written ', named, '.');
  return parts;
}

function sayLowest(
  step: Extract<WorkingStep, { step: 'lowest' }>,
  name: (note: NoteName) => string,
): Sentence {
  if (!step.member)
    return [`${name(step.note)} lies below and is not part of the stack, so it is written after a slash.`];
  const figures = step.figures.length === 0 ? 'no figures' : `figures ${glyphs(step.figures.join(' '))}`;
  const counted =
    step.figures.length === 0
      ? ': a fifth and a third above the bass go without saying.'
      : ', counted in letters up from the bass.';
  return [
    `The ${memberWord(step.member)}, ${name(step.note)}, is lowest: `,
    { strong: step.inversion },
    `, ${figures}${counted}`,
  ];
}

function saySpecial(special: string, root: string, key: string, halfStep: string): Sentence {
  switch (special) {
    case 'N':
      return [
        `${root} is a ${halfStep} above the tonic of ${key}; its major triad is the `,
        { strong: 'Neapolitan' },
        '.',
      ];
    case 'Cad':
      return [
        `A tonic chord over the dominant in the bass: the sixth and fourth are about to fall to the fifth and third, a `,
        { strong: 'cadential six-four' },
        '.',
      ];
    case 'CT':
      return [
        `A diminished seventh that keeps the tonic of ${key} as a common note: it decorates the tonic and does not resolve to a new root.`,
      ];
    case 'sub':
      return [
        `${root} is a ${halfStep} above the tonic of ${key}; it shares its third and seventh with the dominant and `,
        { strong: 'stands in for it' },
        '.',
      ];
    default:
      return [
        `${root} in the bass and the note an augmented sixth above it both move outward to the dominant of ${key}: an `,
        { strong: 'augmented sixth' },
        '.',
      ];
  }
}

/** `root`, `lowered third`, `raised ninth`. */
function memberSaid({ degree, alteration }: { degree: number; alteration: number }): string {
  const minor = (degree === 3 || degree === 7) && alteration === -1;
  const sign = alteration === 0 ? '' : minor ? 'minor ' : alteration < 0 ? 'lowered ' : 'raised ';
  return sign + memberWord({ degree });
}

function figureWord(number: number): string {
  return cap(a(numberWord(number)));
}

function signWord(taken: number): string {
  return Math.abs(taken) === 1 ? (taken > 0 ? 'sharp' : 'flat') : taken > 0 ? 'double sharp' : 'double flat';
}

function sameInterval(one: Interval, other: Interval): boolean {
  return one.number === other.number && one.deviation === other.deviation;
}

/** Accidental letters of figures as signs. */
function glyphs(text: string): string {
  return text
    .replaceAll('##', '𝄪')
    .replaceAll('bb', '𝄫')
    .replaceAll('#', '♯')
    .replaceAll('b', '♭')
    .replaceAll('n', '♮');
}

function list(items: readonly string[]): string {
  return items.length < 2
    ? items.join('')
    : `${items.slice(0, -1).join(', ')} and ${items[items.length - 1]}`;
}

function cap(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** A sentence as plain text, numerals in the school's plain spelling. */
export function sentenceText(sentence: Sentence, school: School = DEFAULT_SCHOOL): string {
  return sentence
    .map((part) =>
      typeof part === 'string'
        ? part
        : 'strong' in part
          ? part.strong
          : partsText(numeralParts(part.numeral, part.key, school)),
    )
    .join('');
}
