import {
  kindOf,
  causeSentence,
  checkQuestion,
  DEFAULT_LABEL_STYLE,
  faultWords,
  knownMistake,
  markAnswer,
  plant,
  type Earlier,
  type Marking,
  type LabelStyle,
  type ToMark,
} from '@diatonix/core';
import {
  EarlierRequested,
  QuestionRequested,
  readAs,
  type MarkRequest,
  type PlantRequest,
} from '@diatonix/doors';
import { schoolOf } from './reading';

/** A question as it was asked, read from a request: its kind, what is given, and its answers where they stand. */
export function questionIn(value: unknown, field = 'question'): ToMark {
  const { kind, given, answers } = readAs(QuestionRequested, value, field);
  kindOf(kind);
  const question = { kind, given, ...(answers ? { answers } : {}) };
  checkQuestion(question);
  return question;
}

function earlierIn(list: readonly unknown[]): Earlier[] {
  return list.map((one) => {
    const { question, answer } = readAs(EarlierRequested, one, 'earlier answer');
    return { question: questionIn(question), answer };
  });
}

/** A marking as it is answered, its causes in sentences. */
export function markOut(marking: Marking, school: LabelStyle = DEFAULT_LABEL_STYLE) {
  const { marks, parts, verdict, causes, rightAnswers, faults, error, follows } = marking;
  return {
    marks,
    parts,
    verdict,
    causes: causes.map((cause) => ({
      kind: cause.mistakes[0]!,
      ...(cause.mistakes.length > 1 ? { with: cause.mistakes.slice(1) } : {}),
      sentence: causeSentence(cause),
      certain: cause.certain,
    })),
    rightAnswers,
    ...(faults
      ? {
          faults: faults.map((fault) => ({
            ...fault,
            words: faultWords({ rule: fault.rule as never, voices: [] }, school),
          })),
        }
      : {}),
    ...(follows ? { follows: true, remark: 'Right for what was written before.' } : {}),
    ...(error ? { message: error.message } : {}),
  };
}

/** `{"do":"mark","question":{…},"answer":"m6"}`: an answer marked part by part, with the causes of what is wrong. */
export function markRequest(request: MarkRequest) {
  const school = schoolOf(request);
  const marking = markAnswer(questionIn(request.question), request.answer, {
    earlier: earlierIn(request.earlier ?? []),
    ...(school ? { school } : {}),
  });
  return markOut(marking, school);
}

/** `{"do":"plant","question":{…},"mistake":"signature-forgotten"}`: the wrong answer it makes, or null. */
export function plantRequest({ question, mistake }: PlantRequest) {
  return { answer: plant(questionIn(question), knownMistake(mistake)) };
}
