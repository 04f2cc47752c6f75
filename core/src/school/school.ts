/** A setting of labelling: its name, and its choices with how each is shown, the default first. */
export interface LabelSetting {
  readonly name: string;
  readonly choices: readonly (readonly [choice: string, shown: string])[];
}

const setting = <const Choices extends readonly (readonly [string, string])[]>(
  name: string,
  ...choices: Choices
) => ({ name, choices });

/**
 * Every setting of a school of labelling beside the symbols (docs/conventions.md). The
 * command, the settings on the page, the checks of files and the schema are all made from this table.
 */
export const LABEL_SETTINGS = {
  numeralCase: setting(
    'Numerals',
    ['quality', 'ii V vii°'],
    ['capitals-suffix', 'IIm V VIIdim'],
    ['capitals-bare', 'II V VII'],
  ),
  inversion: setting(
    'Inversions',
    ['figures', 'V6/5'],
    ['letters', 'V7b'],
    ['slash', 'V7/B'],
    ['words', 'first inversion'],
  ),
  /** `explicit`: Imaj7, and I7 is a dominant seventh; `diatonic`: I7 takes the scale's seventh. */
  sevenths: setting('Bare seventh', ['explicit', 'a minor seventh'], ['diatonic', 'the scale’s seventh']),
  /** VI, VII of minor as the signature has them, or with a cautionary flat. */
  minorDegrees: setting('Minor VI and VII', ['plain', 'VI VII'], ['flat', '♭VI ♭VII']),
  applied: setting(
    'Applied chords',
    ['slash', 'V/ii'],
    ['of', 'V of ii'],
    ['arrow', '(V)→ii'],
    ['arrows-only', 'arrow only'],
  ),
  cadentialSixFour: setting('Cadential 6/4', ['dominant', 'V6/4–5/3'], ['tonic', 'I6/4–V']),
  /** `split` tells perfect from imperfect authentic cadences. */
  cadences: setting('Cadences', ['authentic', 'authentic'], ['split', 'perfect, imperfect']),
  letters: setting('Letters', ['english', 'B♭ B'], ['german', 'B H'], ['fixed-do', 'si♭ si']),
  words: setting('Words', ['tone', 'half step, leading tone'], ['note', 'semitone, leading note']),
  solfege: setting('Sung', ['off', 'not shown'], ['do-minor', 'minor on do'], ['la-minor', 'minor on la']),
} as const satisfies Record<string, LabelSetting>;

/** How chord symbols are written: the second half of the table. */
export const SYMBOL_SETTINGS = {
  minor: setting('Minor', ['m', 'Cm'], ['-', 'C-'], ['min', 'Cmin']),
  majorSeventh: setting('Major seventh', ['maj7', 'Cmaj7'], ['M7', 'CM7'], ['△7', 'C△7']),
  halfDiminished: setting('Half-diminished', ['m7b5', 'Cm7♭5'], ['ø7', 'Cø7']),
  diminished: setting('Diminished', ['dim', 'Cdim'], ['°', 'C°']),
  augmented: setting('Augmented', ['+', 'C+'], ['aug', 'Caug']),
} as const satisfies Record<string, LabelSetting>;

type Chosen<Table extends Record<string, LabelSetting>> = {
  readonly [Name in keyof Table]: Table[Name]['choices'][number][0];
};

/** How chord symbols are written. */
export type SymbolSchool = Chosen<typeof SYMBOL_SETTINGS>;

/** A school of labelling: how labels are printed and read, never what is stored. */
export type LabelStyle = Chosen<typeof LABEL_SETTINGS> & { readonly symbols: SymbolSchool };

/** Movable do, with minor keys read from do (do–re–me) or from la. */
export type SolfegeSystem = Exclude<LabelStyle['solfege'], 'off'>;

/** The choices of a setting, the default first. */
export function choicesOf({ choices }: LabelSetting): string[] {
  return choices.map(([choice]) => choice);
}

function defaults<Table extends Record<string, LabelSetting>>(table: Table): Chosen<Table> {
  return Object.fromEntries(
    Object.entries(table).map(([name, { choices }]) => [name, choices[0]![0]]),
  ) as Chosen<Table>;
}

export const DEFAULT_SYMBOLS: SymbolSchool = defaults(SYMBOL_SETTINGS);

export const DEFAULT_LABEL_STYLE: LabelStyle = { ...defaults(LABEL_SETTINGS), symbols: DEFAULT_SYMBOLS };

/** RomanText as its readers take it: a bare 7 is the seventh of the scale. */
export const ROMANTEXT: LabelStyle = { ...DEFAULT_LABEL_STYLE, sevenths: 'diatonic' };
