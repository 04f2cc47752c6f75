import { parseKey, printKey } from '../../key/key';
import type { LabelStyle } from '../../school/school';
import { plainText, signsFromWords } from './spokenText';
import { isText, partMark, textOf, type AnswerForm } from './answerForm';

function readKey(text: string, school: LabelStyle): string {
  // Pupils write Gm and G; a lone letter is major.
  const said = signsFromWords(plainText(text)).replace(/^(?:in|key of) /i, '');
  const short = /^([A-Ga-g][#b♯♭]?)\s*(m|min|maj)?$/.exec(said);
  const mode = short?.[2]?.startsWith('maj') === false ? 'minor' : 'major';
  return printKey(parseKey(short ? `${short[1]} ${mode}` : said, school.letters));
}

/** A key: its tonic and its mode. */
export const KEY_ANSWER: AnswerForm<string> = {
  name: 'key',
  isAnswer: isText,
  read: (raw, _given, school) => readKey(textOf(raw), school),
  parts(right, said) {
    const [tonic, mode] = right.split(' ');
    const [own, ownMode] = said.split(' ');
    return [partMark('tonic', tonic === own), partMark('mode', mode === ownMode)];
  },
  typed: (answer) => answer,
};
