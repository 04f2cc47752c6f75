import { createInterface } from 'node:readline';
import { TheoryError } from '@diatonix/core';
import {
  figuresAnswer,
  intervalAnswer,
  keyAnswer,
  notesAnswer,
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
import { readAnswer } from './readAnswers';
import { schoolOf } from './reading';
import { optional, text, texts, type Request } from './request';

/** Reads one JSON request a line and writes one JSON answer a line, in order, until the input ends. */
export async function runLines(input: NodeJS.ReadableStream, output: NodeJS.WritableStream): Promise<void> {
  let pending: string[] = [];
  const flush = async () => {
    if (pending.length === 0) return;
    const text = `${pending.join('\n')}\n`;
    pending = [];
    if (!output.write(text)) await new Promise((resolve) => output.once('drain', resolve));
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
    return JSON.stringify(answer(readRequest(line)));
  } catch (error) {
    const { code, message } = errorOf(error);
    return JSON.stringify({ error: { code, message } });
  }
}

function readRequest(line: string): Request {
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
  return value as Request;
}

function notation(request: Request): 'romantext' | undefined {
  const value = optional(request, 'notation');
  if (value !== undefined && value !== 'romantext') {
    throw new TheoryError(
      'request',
      value,
      'this notation is not known.',
      'Leave it out for the house grammar, or give "romantext".',
    );
  }
  return value;
}

/** Carries out one request. Throws TheoryError. */
export function answer(request: Request): unknown {
  const school = schoolOf(request);
  switch (request['do']) {
    case 'interval':
      return intervalAnswer(text(request, 'from'), text(request, 'to'), school);
    case 'transpose':
      return transposeAnswer(text(request, 'from'), text(request, 'by'), request['below'] === true, school);
    case 'numeral':
      return numeralAnswer(text(request, 'numeral'), text(request, 'key'), {
        notation: notation(request),
        school,
      });
    case 'chord':
      if (request['symbol'] !== undefined)
        return symbolAnswer(text(request, 'symbol'), optional(request, 'key'), school);
      return notesAnswer(texts(request, 'notes'), optional(request, 'key'), school);
    case 'figures':
      return figuresAnswer(text(request, 'key'), text(request, 'bass'), texts(request, 'figures'), school);
    case 'key':
      return keyAnswer(text(request, 'key'), optional(request, 'form'), school);
    case 'progression':
      return progressionAnswer(request);
    case 'setting':
      return settingAnswer(request);
    case 'check':
      return checkAnswer(request);
    case 'harmonise':
      return harmoniseAnswer(request);
    case 'read':
      return readAnswer(request);
    case 'ask':
      return askAnswer(request);
    case 'mark':
      return markRequest(request);
    case 'plant':
      return plantRequest(request);
    default:
      throw new TheoryError(
        'request',
        JSON.stringify(request['do'] ?? null),
        'there is no such request.',
        'The requests are interval, transpose, numeral, chord, figures, key, progression, setting, check, ' +
          'harmonise, read, ask, mark and plant.',
      );
  }
}
