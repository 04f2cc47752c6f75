/** A column of notes as markup around x = 0, in staff units. */
export interface StaffDrawing {
  readonly markup: string;
  /** Extents left and right of the note heads' middle, in staff units. */
  readonly left: number;
  readonly right: number;
}

/** Where staves stand, in staff units: ten for a space. */
export interface StaffFrame {
  readonly height: number;
  /** Top lines of each five-line staff. */
  readonly staves: readonly number[];
  /** Whether barlines run through the last two staves. */
  readonly joined?: boolean;
}
