import { createInterface } from 'node:readline';
import { TheoryError } from '@diatonix/core';
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
import { ifRequested, textRequested, textsRequested, type Request } from './request';

/** Reads one JSON request a line and writes one JSON answer a line, in order, until the input ends. */
export async function runLines(input: NodeJS.ReadableStream, output: NodeJS.WritableStream): Promise<void> {
  let pending: string[] = [];
  const flush = async () => {
    if (pending.length === 0) return;
    const textRequested = `${pending.join('\n')}\n`;
    pending = [];
    if (!output.write(textRequested)) await new Promise((resolve) => output.once('drain', resolve));
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
  const value = ifRequested(request, 'notation');
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
export function answerRequest(request: Request): unknown {
  const school = schoolOf(request);
  switch (request['do']) {
    case 'interval':
      return intervalAnswer(textRequested(request, 'from'), textRequested(request, 'to'), school);
    case 'transpose':
      return transposeAnswer(
        textRequested(request, 'from'),
        textRequested(request, 'by'),
        request['below'] === true,
        school,
      );
    case 'numeral':
      return numeralAnswer(textRequested(request, 'numeral'), textRequested(request, 'key'), {
        notation: notation(request),
        school,
      });
    case 'chord':
      if (request['symbol'] !== undefined)
        return symbolAnswer(textRequested(request, 'symbol'), ifRequested(request, 'key'), school);
      return answerNotes(textsRequested(request, 'notes'), ifRequested(request, 'key'), school);
    case 'figures':
      return figuresAnswer(
        textRequested(request, 'key'),
        textRequested(request, 'bass'),
        textsRequested(request, 'figures'),
        school,
      );
    case 'key':
      return keyAnswer(textRequested(request, 'key'), ifRequested(request, 'form'), school);
    case 'progression':
      return progressionAnswer(request);
    case 'setting':
      return settingAnswer(request);
    case 'check':
      return checkAnswer(request);
    case 'harmonise':
      return harmoniseAnswer(request);
    case 'read':
      return answerOfReading(request);
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
