import type { ReactNode } from 'react';
import type { StaffDrawing } from '@diatonix/engraving';
export type { StaffDrawing, StaffFrame } from '@diatonix/engraving';

/** A row of the grid: one thing that is said about every column. */
export interface GridRow {
  readonly id: string;
  readonly label: string;
  readonly kind: 'text' | 'root' | 'numeral' | 'figures' | 'targets' | 'soft';
  /** A heavier rule above, to part groups of rows. */
  readonly parted?: boolean;
}

export interface GridCell {
  readonly text: string;
  readonly content?: ReactNode;
}

export type Barline = 'single' | 'double' | 'repeat';

/** A column: its staff, its cells by row, and the sentence a screen reader says for it. */
export interface GridColumn {
  readonly id: string;
  readonly sentence: string;
  readonly staff: StaffDrawing | null;
  readonly cells: Readonly<Record<string, GridCell>>;
  readonly muted?: boolean;
  /** A signature or a metre that begins at the column; `width` in staff units. */
  readonly signature?: { readonly markup: string; readonly width: number };
  /** The ending in which it stands, and whether it begins or ends there. */
  readonly ending?: { readonly number: string; readonly begins: boolean; readonly ends: boolean };
  /** A repeat that begins before the column. */
  readonly before?: 'repeat';
  /** What stands after it: a barline, two, or the end of a repeat. */
  readonly after?: Barline;
  /** The text that was not understood; the reason stands in the margin. */
  readonly problem?: string;
}
