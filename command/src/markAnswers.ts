import {
  kindOf,
  causeSentence,
  checkQuestion,
  DEFAULT_LABEL_STYLE,
  faultWords,
  knownMistake,
  markAnswer,
  plant,
  TheoryError,
  type Earlier,
  type GivenData,
  type Marking,
  type LabelStyle,
  type ToMark,
} from '@diatonix/core';
import { schoolOf } from './reading';
import { asObject, textRequested, type Request } from './request';

/** A question as it was asked, read from a request: its kind, what is given, and its answers where they stand. */
export function questionIn(value: unknown, field = 'question'): ToMark {
  const { kind, given, answers } = asObject(value, field);
  if (typeof kind !== 'string')
    throw new TheoryError('request', field, 'the question has no kind.', 'Give it as ask gave it.');
  kindOf(kind);
  if (answers !== undefined && !Array.isArray(answers))
    throw new TheoryError('request', 'answers', 'these are not answers.', 'Leave them out, or give a list.');
  const question = {
    ...{ kind, given: asObject(given, `${field}.given`) as GivenData },
    ...(answers ? { answers } : {}),
  };
  checkQuestion(question);
  return question;
}

function earlierIn(value: unknown): Earlier[] {
  if (value === undefined) return [];
  if (!Array.isArray(value))
    throw new TheoryError(
      'request',
      'earlier',
      'this is not a list.',
      'Give [{"question": {…}, "answer": …}, …].',
    );
  return value.map((one) => {
    const { question, answer } = asObject(one, 'earlier');
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
export function markRequest(request: Request) {
  if (!('answer' in request))
    throw new TheoryError('request', 'answer', 'there is no answer.', 'Give for example "answer": "m6".');
  const school = schoolOf(request);
  const marking = markAnswer(questionIn(request['question']), request['answer'], {
    earlier: earlierIn(request['earlier']),
    ...(school ? { school } : {}),
  });
  return markOut(marking, school);
}

/** `{"do":"plant","question":{…},"mistake":"signature-forgotten"}`: the wrong answer it makes, or null. */
export function plantRequest(request: Request) {
  return { answer: plant(questionIn(request['question']), knownMistake(textRequested(request, 'mistake'))) };
}
