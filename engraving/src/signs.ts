/** Accidentals by half steps, as the notation package names them. */
export const CODES: Record<number, string> = {
  [-3]: 'bbs',
  [-2]: 'bb',
  [-1]: 'b',
  0: 'n',
  1: '#',
  2: '##',
  3: '###',
};
/** Signatures from seven flats to seven sharps. */
export const SIGNATURES = ['Cb', 'Gb', 'Db', 'Ab', 'Eb', 'Bb', 'F', 'C', 'G', 'D', 'A', 'E', 'B', 'F#', 'C#'];
/** The notation package puts a staff's top line this far below its own y. */
export const TOP_LINE = 40;

/** Room for the brace at the left of a grand staff. */
export const BRACE_ROOM = 16;
