import {
  causeSentence,
  kindWords,
  likelyCause,
  questionWorking,
  remedyOf,
  type LabelStyle,
} from '@diatonix/core';
import type { ReturnSlip } from '@diatonix/engraving/pdf';
import type { Marked, PileQuestion, MarkedPupil } from '../documents/marking/markPile';
import { askedWords, rightWords } from './words';

const MOST_REMEDIES = 3;

/** How many questions were left open, where any were. */
function openWords(own: MarkedPupil, asked: readonly PileQuestion[]): string[] {
  if (!handedIn(own)) return [];
  const open = asked.filter(({ id }) => !own.answers.has(id)).length;
  if (open === 0) return [];
  return [open === 1 ? 'One question was left open.' : `${open} questions were left open.`];
}

/** What each question earned, whatever it was; those that were left open too. */
function marksWords(own: MarkedPupil, asked: readonly PileQuestion[]): string {
  const each = asked.map(({ id, label, marks }) => {
    const marked = own.answers.get(id);
    return marked ? `${label}: ${marked.got} of ${marked.of}` : `${label}: open, 0 of ${marks}`;
  });
  return `Question by question: ${each.join('; ')}.`;
}

const causeSentences = (marking: Marked['marking']): string[] => {
  const cause = likelyCause(marking);
  return cause ? [causeSentence(cause)] : [];
};

/** Whether somebody handed anything in. */
export const handedIn = ({ answers }: MarkedPupil): boolean => answers.size > 0;

/** What would mend it; praise where something was answered and nothing of it wrong. */
function practiseWords(own: MarkedPupil, kinds: readonly string[], wrong: number): string[] {
  if (!handedIn(own)) return ['Nothing was handed in.'];
  if (kinds.length > 0)
    return [`To practise: ${kinds.map((kind) => kindWords(kind).name.toLowerCase()).join(', ')}.`];
  return wrong === 0 ? ['What you answered is all right: go on.'] : [];
}

/** What a pupil gets back, as it is printed and as it stands in the PDF. */
export function slipOf(own: MarkedPupil, asked: readonly PileQuestion[], school: LabelStyle): ReturnSlip {
  const wrong = asked.flatMap((one) => {
    const marked = own.answers.get(one.id);
    return marked && (marked.verdict !== 'right' || marked.entry.remark) ? [{ ...one, marked }] : [];
  });
  const causes = wrong.flatMap(({ marked }) => likelyCause(marked.marking)?.mistakes ?? []);
  const remedies = [...new Set(causes.map((id) => remedyOf(id).kind))].slice(0, MOST_REMEDIES);
  return {
    pupil: own.pupil.name,
    got: own.got,
    of: own.of,
    wrong: wrong.map(({ label, question, marked: { entry, marking, verdict } }) => ({
      label,
      asked: askedWords(question, school),
      wrote: entry.answer,
      right: rightWords(question, school),
      notes: [
        ...causeSentences(marking),
        ...(marking?.follows ? ['Right for what you wrote before.'] : []),
        ...(entry.remark ? [entry.remark] : []),
      ],
      working: verdict !== 'right' ? questionWorking(question, school).join(' ') : '',
    })),
    marks: handedIn(own) ? marksWords(own, asked) : '',
    practise: [...openWords(own, asked), ...practiseWords(own, remedies, wrong.length)].join(' '),
  };
}
