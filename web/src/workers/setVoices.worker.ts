import {
  attempt,
  blockedBy,
  parseKey,
  parseNote,
  parseNumeral,
  printNote,
  settingsInOrder,
  type Lock,
  type SettingProblem,
} from '@diatonix/core';
import type { VoicesAnswer, VoicesRequest } from './voicesMessages';

/**
 * Finds the setting that is asked for, the best or one of the next. Everything goes through as plain text.
 */
function find({ columns, weights, skip }: VoicesRequest): VoicesAnswer {
  const keys = columns.map(({ key }) => parseKey(key));
  const problem: SettingProblem = {
    key: keys[0]!,
    keys,
    numerals: columns.map(({ numeral }, at) => parseNumeral(numeral, keys[at]!)),
    locks: columns.map(
      ({ locks }) =>
        (locks ?? [null, null, null, null]).map((note) =>
          note === null ? null : parseNote(note),
        ) as unknown as readonly [Lock, Lock, Lock, Lock],
    ),
    weights,
  };
  const blocked = blockedBy(problem);
  if (blocked) return { kind: 'blocked', ...blocked };
  let at = 0;
  for (const { voices, cost } of settingsInOrder(problem)) {
    if (at++ < skip) continue;
    return { kind: 'found', voices: voices.map((notes) => notes.map(printNote)), cost };
  }
  return { kind: 'no-more' };
}

self.onmessage = ({ data }: MessageEvent<VoicesRequest>) => {
  const answer = attempt(() => find(data));
  self.postMessage(
    answer.ok ? answer.value : ({ kind: 'failed', message: answer.error.message } satisfies VoicesAnswer),
  );
};
