import type { Given } from '../ask/question';
import type { Sheet } from './sheet';

/** A version of a sheet as pupils get it: what is asked and the marks for it, no answer and nothing to find one by. */
export interface PupilSheet {
  readonly title: string;
  readonly version: string;
  readonly code: string;
  readonly marks: number;
  readonly sections: readonly {
    readonly kind: string;
    readonly instruction: string | null;
    readonly marks: number;
    readonly questions: readonly { readonly id: string; readonly given: Given }[];
  }[];
}

/** Leaves out of a sheet what pupils may not have. The seed is not in the ids of its questions either. */
export function pupilSheet({ title, version, code, marks, sections }: Sheet): PupilSheet {
  return {
    title,
    version,
    code,
    marks,
    sections: sections.map(({ kind, instruction, marks: each, questions }, at) => ({
      kind,
      instruction,
      marks: each,
      // An id that holds the seed would let the answers be computed again.
      questions: questions.map(({ given }, place) => ({ id: `${at + 1}.${place + 1}`, given })),
    })),
  };
}
