import { attempt } from '../../errors';
import { checkedKind } from '../checkQuestion';
import { kindOf } from '../kindRegister';
import type { GivenData, Question } from '../question';
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
    readonly questions: readonly { readonly id: string; readonly given: GivenData }[];
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
      questions: questions.map((question, place) => ({
        id: `${at + 1}.${place + 1}`,
        given: sentGiven(question),
      })),
    })),
  };
}

/** What is given as it goes to pupils; what cannot be drawn goes as it is: the page says so in its own place. */
function sentGiven({ kind, given }: Pick<Question, 'kind' | 'given'>): GivenData {
  const drawn = attempt(() => checkedKind({ kind, given }).sent?.draw(given) ?? given);
  return drawn.ok ? drawn.value : given;
}

/** What is given as it is worked with, from what was sent; what cannot be read stays as it is. */
export function givenOfSent({ kind, given }: Pick<Question, 'kind' | 'given'>): GivenData {
  const read = attempt(() => kindOf(kind).sent?.read(given) ?? given);
  return read.ok ? read.value : given;
}
