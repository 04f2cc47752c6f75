import type { Member } from '../chord/chord';
import type { CadenceKind } from '../context/cadences';
import type { Interval } from '../interval/interval';
import type { Key } from '../key/key';
import type { Clef, ScaleForm } from '../key/scale';
import type { Numeral } from '../label/numeral';
import type { Note, NoteName } from '../pitch/note';
import type { VoiceName } from '../voicing/register';
import type { Rule } from '../voicing/rules';

/** Steps that reach the answer of a question. */
export type AnswerStep =
  | { readonly step: 'staff-place'; readonly note: Note; readonly clef: Clef }
  | {
      readonly step: 'sign-of-note';
      readonly note: Note;
      readonly by: 'signature' | 'accidental' | 'bar' | 'nothing';
      readonly key: Key;
    }
  | { readonly step: 'note-is'; readonly note: Note }
  | { readonly step: 'key-by-signs'; readonly major: Key; readonly notes: readonly NoteName[] }
  | { readonly step: 'relative-minor'; readonly key: Key; readonly major: Key }
  | { readonly step: 'mode-on'; readonly key: Key; readonly major: Key }
  | { readonly step: 'signature-is'; readonly key: Key; readonly notes: readonly NoteName[] }
  | { readonly step: 'raised-sixth'; readonly note: NoteName; readonly plain: NoteName; readonly key: Key }
  | {
      readonly step: 'scale-notes';
      readonly key: Key;
      readonly form: ScaleForm;
      readonly notes: readonly NoteName[];
    }
  | {
      readonly step: 'count-degree';
      readonly key: Key;
      readonly notes: readonly NoteName[];
      readonly degree: number;
      readonly name: string;
    }
  | {
      readonly step: 'spelled';
      readonly numeral: Numeral;
      readonly key: Key;
      readonly notes: readonly NoteName[];
    }
  | {
      readonly step: 'labelled';
      readonly at: number;
      readonly numeral: Numeral;
      readonly key: Key;
      readonly notes: readonly NoteName[];
      readonly lowest: NoteName;
      /** Whether the line is in its key from this chord on. */
      readonly begins?: true;
    }
  | {
      readonly step: 'makes-cadence';
      readonly from: Numeral;
      readonly to: Numeral;
      readonly key: Key;
      readonly kind: CadenceKind;
    }
  | {
      readonly step: 'note-in-chord';
      readonly at: number;
      readonly note: NoteName;
      readonly member: Member;
      readonly numeral: Numeral;
      readonly key: Key;
    }
  | {
      readonly step: 'fault';
      readonly at: number;
      readonly rule: Rule;
      readonly moves: readonly { readonly voice: VoiceName; readonly from: Note | null; readonly to: Note }[];
    }
  | {
      readonly step: 'over-bass';
      readonly at: number;
      readonly bass: NoteName;
      readonly notes: readonly {
        readonly number: number;
        readonly note: NoteName;
        readonly changed: boolean;
      }[];
    }
  | {
      readonly step: 'moved';
      readonly from: Note;
      readonly to: Note;
      readonly interval: Interval;
      readonly below: boolean;
    }
  | { readonly step: 'keys-of-signature'; readonly keys: readonly Key[]; readonly notes: readonly NoteName[] }
  | { readonly step: 'leading-there'; readonly note: NoteName; readonly key: Key; readonly isThere: boolean }
  | { readonly step: 'key-is'; readonly key: Key }
  | { readonly step: 'notes-are'; readonly notes: readonly NoteName[] }
  | { readonly step: 'voices-set'; readonly chords: readonly (readonly Note[])[] };
