import { memberWord } from '../chord/inversionNames';
import { signatureFifths } from '../key/key';
import { sameName } from '../pitch/note';
import type { AnswerStep } from '../working/answerStep';
import type { Sentence } from '../working/step';
import { a, cap, list } from './grammar';
import { intervalWords, numberWord } from './intervals';
import { keyWords } from './names';
import { displayNote } from '../pitch/print';
import { ruleWords } from './rules';
import type { Say, Sayings } from './say';
import { cadenceWords } from './scoreWords';
import { staffPlaceWords } from './staffPlace';

/** What is said at the steps that reach the answer of a question. */
export const ANSWER_SAYINGS: Sayings<AnswerStep> = {
  'staff-place': ({ note, clef }, { strong, name }) => [
    `It stands ${placed(staffPlaceWords(note, clef))}, which in the ${clef} clef is `,
    strong(name({ step: note.step, alteration: 0 })),
    '.',
  ],
  'sign-of-note': ({ note, by, key }, { name, strong, school }) => {
    const bare = name({ step: note.step, alteration: 0 });
    if (by === 'nothing') return [`No sign changes it: it stays `, strong(bare), '.'];
    const why =
      by === 'signature'
        ? `The signature of ${keyWords(key, school)} makes every ${bare} `
        : by === 'bar'
          ? `The sign before the same note earlier in the bar still holds: it is `
          : `The sign before it makes it `;
    return [why, strong(name(note)), '.'];
  },
  'note-is': ({ note }, { strong, school }) => [
    'With its octave it is ',
    strong(displayNote(note, school.letters)),
    '.',
  ],
  'key-by-signs': ({ major, notes }, { name, strong, words, school }) => {
    const fifths = signatureFifths(major);
    const last = notes.at(-1);
    const key = strong(keyWords(major, school));
    if (!last) return ['No sharps or flats: ', key, '.'];
    if (fifths > 0)
      return [
        `The last sharp, ${name(last)}, is the ${words.leading}; a ${words.halfStep} above it is the tonic: `,
        key,
        '.',
      ];
    return notes.length === 1
      ? ['One flat is learnt by heart: ', key, '.']
      : [`The last flat but one, ${name(notes.at(-2)!)}, is the tonic: `, key, '.'];
  },
  'relative-minor': ({ key, major }, { words, strong, school }) => [
    `Its relative minor lies three ${words.halfSteps} under ${keyWords(major, school)}: `,
    strong(keyWords(key, school)),
    '.',
  ],
  'mode-on': ({ key, major }, { strong, school }) => [
    `The same notes as ${keyWords(major, school)}, from its own tonic: `,
    strong(keyWords(key, school)),
    '.',
  ],
  'signature-is': ({ key, notes }, { strong, row, school }) => [
    `The signature of ${keyWords(key, school)}: `,
    strong(notes.length === 0 ? 'nothing' : row(notes)),
    '.',
  ],
  'raised-sixth': ({ note, plain, key }, { name, strong, school }) => [
    `Going up, ${name(plain)} is raised too, to `,
    strong(name(note)),
    `, so that no wide step stands before the ${name(key.tonic)} of ${keyWords(key, school)}.`,
  ],
  'scale-notes': ({ key, form, notes }, { strong, row, school }) => [
    `${cap(keyWords(key, school))}${key.mode === 'minor' ? `, ${form} form` : ''}: `,
    strong(row(notes)),
    '.',
  ],
  'count-degree': ({ key, notes, degree, name: word }, { strong, row, name, words, school }) => [
    degree === 1
      ? `${name(notes[0]!)} is the first note of ${keyWords(key, school)}: the `
      : `Count from the tonic of ${keyWords(key, school)}: ${row(notes)}. ` +
        `${name(notes.at(-1)!)} is degree ${degree}, the `,
    strong(word === 'leading' ? words.leading : word),
    word === 'leading'
      ? `, a ${words.halfStep} under the tonic.`
      : word === 'subtonic'
        ? `, a ${words.wholeStep} under the tonic.`
        : '.',
  ],
  spelled: ({ numeral, key, notes }, { strong, row }) => [
    { numeral, key },
    numeral.lowest.degree === 1 ? ' is spelled ' : ' is spelled, from the lowest note up, ',
    strong(row(notes)),
    '.',
  ],
  labelled: ({ at, numeral, key, notes, lowest, begins }, { name, row, school }) => [
    begins ? `From chord ${at} on the key is ${keyWords(key, school)}. ` : '',
    `Chord ${at}: ${row(notes)}`,
    sameName(lowest, notes[0]!) ? '' : ` with ${name(lowest)} lowest`,
    ' is ',
    { numeral, key },
    '.',
  ],
  'makes-cadence': ({ from, to, key, kind }, { strong }) => [
    { numeral: from, key },
    ' to ',
    { numeral: to, key },
    ' is ',
    strong(`${a(cadenceWords(kind))} cadence`),
    `${CADENCE_REASONS[kind] ?? ''}.`,
  ],
  'note-in-chord': ({ at, note, member, numeral, key }, { name }) => [
    `Note ${at}: ${name(note)} is the ${memberWord(member)} of `,
    { numeral, key },
    '.',
  ],
  fault: ({ at, rule, moves }, { strong, school }) => [
    moves.length === 0 ? `Chord ${at}: ` : `Chord ${at}, ${list(moves.map(({ voice }) => voice))}: `,
    strong(ruleWords(rule, school)),
    `${movesSaid(moves, school)}.`,
  ],
  'over-bass': ({ at, bass, notes }, { name, strong }) => [
    `Bass note ${at}, ${name(bass)}: `,
    ...notes.flatMap(({ number, note, changed }, index): Sentence => [
      `${index > 0 ? ', ' : ''}the ${numberWord(number)} above it is `,
      strong(name(note)),
      changed ? ' by its sign' : '',
    ]),
    '.',
  ],
  moved: ({ from, to, interval, below }, { strong, school }) => [
    `${displayNote(from, school.letters)} ${below ? 'down' : 'up'} ${a(intervalWords(interval))} is `,
    strong(displayNote(to, school.letters)),
    '.',
  ],
  'keys-of-signature': ({ keys, notes }, { row, strong, school }) => [
    `${notes.length === 0 ? 'Without sharps or flats' : `With ${row(notes)} in the signature`} it may be `,
    strong(keys.map((key) => keyWords(key, school)).join(' or ')),
    '.',
  ],
  'leading-there': ({ note, key, isThere }, { name, words, school }) => [
    isThere
      ? `${name(note)}, the raised ${words.leading} of ${keyWords(key, school)}, is there.`
      : `${name(note)}, the ${words.leading} of ${keyWords(key, school)}, is nowhere there.`,
  ],
  'key-is': ({ key }, { strong, school }) => ['So the key is ', strong(keyWords(key, school)), '.'],
  'notes-are': ({ notes }, { strong, row }) => ['From the lowest note up: ', strong(row(notes)), '.'],
  'voices-set': ({ chords }, { strong, school }) => [
    'One way, each chord from the bass up: ',
    strong(
      chords
        .map((own) =>
          [...own]
            .reverse()
            .map((note) => displayNote(note, school.letters))
            .join(' '),
        )
        .join(' | '),
    ),
    '.',
  ],
};

/** `on the second line`, `in the second space`, `under the first line`. */
const placed = (place: string): string =>
  place.endsWith('line') && !/^(?:under|over|on|beyond)/.test(place)
    ? `on the ${place}`
    : place.endsWith('space')
      ? `in the ${place}`
      : place;

const CADENCE_REASONS: Partial<Record<string, string>> = {
  authentic: ': the dominant goes to the tonic',
  perfect: ': the dominant goes to the tonic, both in root position',
  imperfect: ': the dominant goes to the tonic, but not both in root position',
  half: ': the phrase stops on the dominant',
  'phrygian-half': ': the bass goes down by the small step to the dominant',
  plagal: ': the subdominant goes to the tonic',
  deceptive: ': the dominant goes to another chord than the tonic',
};

/** How the voices go: `: soprano C5 to D5, bass C3 to D3`. */
function movesSaid(moves: Extract<AnswerStep, { step: 'fault' }>['moves'], school: Say['school']): string {
  const said = moves.map(({ voice, from, to }) => {
    const goes = from
      ? `${displayNote(from, school.letters)} to ${displayNote(to, school.letters)}`
      : displayNote(to, school.letters);
    return moves.length > 1 ? `${voice} ${goes}` : goes;
  });
  return said.length === 0 ? '' : `: ${said.join(', ')}`;
}
