import { createInterface } from 'node:readline';
import { TheoryError } from '@diatonix/core';
import {
  AskRequest,
  CheckRequest,
  FiguresRequest,
  HarmoniseRequest,
  IntervalRequest,
  KeyRequest,
  MarkRequest,
  NotesRequest,
  NumeralRequest,
  PlantRequest,
  ProgressionRequest,
  readAs,
  ReadRequest,
  SettingRequest,
  SymbolRequest,
  TransposeRequest,
} from '@diatonix/doors';
import {
  figuresAnswer,
  intervalAnswer,
  keyAnswer,
  answerNotes,
  numeralAnswer,
  symbolAnswer,
  transposeAnswer,
} from './answers';
import { askAnswer } from './askAnswers';
import { errorOf } from './internal';
import { checkLine } from './limits';
import { markRequest, plantRequest } from './markAnswers';
import { progressionAnswer } from './progressionAnswers';
import { checkAnswer, harmoniseAnswer, settingAnswer } from './settingAnswers';
import { answerOfReading } from './readAnswers';
import { schoolOf } from './reading';

/** Reads one JSON request a line and writes one JSON answer a line, in order, until the input ends. */
export async function runLines(input: NodeJS.ReadableStream, output: NodeJS.WritableStream): Promise<void> {
  let pending: string[] = [];
  const flush = async () => {
    if (pending.length === 0) return;
    const told = `${pending.join('\n')}\n`;
    pending = [];
    if (!output.write(told)) await new Promise((resolve) => output.once('drain', resolve));
  };
  for await (const line of createInterface({ input, crlfDelay: Infinity })) {
    if (line.trim() === '') continue;
    pending.push(answerLine(line));
    if (pending.length >= BATCH || !(input as { readableLength?: number }).readableLength) await flush();
  }
  await flush();
}

const BATCH = 256;

/** The answer to one line, as JSON. Anything wrong becomes an error on its line. */
export function answerLine(line: string): string {
  try {
    return JSON.stringify(answerRequest(readRequest(line)));
  } catch (error) {
    const { code, message } = errorOf(error);
    return JSON.stringify({ error: { code, message } });
  }
}

function readRequest(line: string): object {
  checkLine(line);
  let value: unknown;
  try {
    value = JSON.parse(line);
  } catch {
    throw new TheoryError(
      'request',
      line,
      'this line is not JSON.',
      'Write one request a line: {"do":"interval","from":"G#4","to":"F##5"}.',
    );
  }
  if (typeof value !== 'object' || value === null || Array.isArray(value)) {
    throw new TheoryError(
      'request',
      line,
      'a request is an object.',
      'Write for example {"do":"key","key":"F# minor"}.',
    );
  }
  return value;
}

/** A request that was held against its class, and what answers it. */
function asked<Asked extends object>(check: new () => Asked, answer: (request: Asked) => unknown) {
  return (request: object) => answer(readAs(check, request, 'request'));
}

const answerSymbol = asked(SymbolRequest, (request) =>
  symbolAnswer(request.symbol, request.key ?? undefined, schoolOf(request)),
);
const answerChord = asked(NotesRequest, (request) =>
  answerNotes(request.notes.map(String), request.key ?? undefined, schoolOf(request)),
);

const REQUESTS: ReadonlyMap<unknown, (request: object) => unknown> = new Map([
  ['interval', asked(IntervalRequest, (one) => intervalAnswer(one.from, one.to, schoolOf(one)))],
  [
    'transpose',
    asked(TransposeRequest, (one) => transposeAnswer(one.from, one.by, one.below === true, schoolOf(one))),
  ],
  [
    'numeral',
    asked(NumeralRequest, (one) =>
      numeralAnswer(one.numeral, one.key, { notation: one.notation ?? undefined, school: schoolOf(one) }),
    ),
  ],
  ['chord', (request) => ('symbol' in request ? answerSymbol(request) : answerChord(request))],
  [
    'figures',
    asked(FiguresRequest, (one) => figuresAnswer(one.key, one.bass, one.figures.map(String), schoolOf(one))),
  ],
  ['key', asked(KeyRequest, (one) => keyAnswer(one.key, one.form ?? undefined, schoolOf(one)))],
  ['progression', asked(ProgressionRequest, progressionAnswer)],
  ['setting', asked(SettingRequest, settingAnswer)],
  ['check', asked(CheckRequest, checkAnswer)],
  ['harmonise', asked(HarmoniseRequest, harmoniseAnswer)],
  ['read', asked(ReadRequest, answerOfReading)],
  ['ask', asked(AskRequest, askAnswer)],
  ['mark', asked(MarkRequest, markRequest)],
  ['plant', asked(PlantRequest, plantRequest)],
]);

/** Carries out one request. Throws TheoryError. */
export function answerRequest(request: object): unknown {
  const wanted = 'do' in request ? request.do : null;
  const answer = REQUESTS.get(wanted);
  if (answer) return answer(request);
  const names = [...REQUESTS.keys()].join(', ').replace(/, (\w+)$/, ' and $1');
  throw new TheoryError(
    'request',
    JSON.stringify(wanted),
    'there is no such request.',
    `The requests are ${names}.`,
  );
}
