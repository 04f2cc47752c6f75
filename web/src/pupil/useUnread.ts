import { useCallback, useEffect, useState } from 'react';
import type { PupilQuestion } from './work';

/** A pause in writing after which it is told that something cannot be read. */
const PAUSE_MS = 1500;

/**
 * Why what was written cannot be read as an answer, and how it may be written; nothing of whether it is right. It is
 * looked at when the field is left, and after a pause in writing.
 */
export function useUnread(
  { kind, given }: Pick<PupilQuestion, 'kind' | 'given'>,
  typed: string,
): { readonly why: string | null; readonly look: () => void } {
  const [said, setSaid] = useState<{ readonly of: string; readonly why: string | null } | null>(null);
  const look = useCallback(() => {
    if (typed.trim() === '') return;
    void import('./marking')
      .then(({ whyUnread }) => setSaid({ of: typed, why: whyUnread({ kind, given }, typed) }))
      .catch(() => undefined);
  }, [kind, given, typed]);
  useEffect(() => {
    const pause = setTimeout(look, PAUSE_MS);
    return () => clearTimeout(pause);
  }, [look]);
  return { why: said?.of === typed ? said.why : null, look };
}
