import { type QuestionLayout, inWords } from '../../layout/questionLayout';
import type { ListenGiven } from './given';

/** A question in words: what it plays stands nowhere. */
export const layoutListen = ({ of }: ListenGiven): QuestionLayout => inWords({ say: 'heard', of });
