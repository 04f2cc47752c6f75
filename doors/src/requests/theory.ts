/** Requests about one interval, chord or key. */
import { Allow } from 'class-validator';
import { MayBeNull, Told } from '../decorators';
import { VALUE_READ } from '../readAs';
import { MayFlag, MayText, Text, Texts } from './fields';

/** Whatever is asked may be asked in a school; core reads what it says. */
export class InSchool {
  @Allow() school?: unknown;
}

export class IntervalRequest extends InSchool {
  @Text() from!: string;
  @Text() to!: string;
}

export class TransposeRequest extends InSchool {
  @Text() from!: string;
  @Text() by!: string;
  @MayFlag() below?: boolean | null;
}

export class NumeralRequest extends InSchool {
  @Text() numeral!: string;
  @Text() key!: string;
  @MayBeNull()
  @Told(
    'this notation is not known.',
    'Leave it out for the house grammar, or give "romantext".',
    (value) => value === 'romantext',
    VALUE_READ,
  )
  notation?: 'romantext' | null;
}

export class SymbolRequest extends InSchool {
  @Text() symbol!: string;
  @MayText() key?: string | null;
}

export class NotesRequest extends InSchool {
  @Texts() notes!: (string | number)[];
  @MayText() key?: string | null;
}

export class FiguresRequest extends InSchool {
  @Text() key!: string;
  @Text() bass!: string;
  @Texts() figures!: (string | number)[];
}

export class KeyRequest extends InSchool {
  @Text() key!: string;
  @MayText() form?: string | null;
}
