import { attempt, printKey } from '@diatonix/core';
import { readMusicXmlLine, readRomanText } from '@diatonix/core/files';
import type { ScoreFile, ScoreMessage } from './messages';

/** Reads a score away from the page, so that a long one never holds up the bench. */
self.onmessage = ({ data: { name, text } }: MessageEvent<ScoreFile>) => {
  const result = attempt(() => (/\.(?:rntxt|txt)$/i.test(name) ? readRomanText(text) : readMusicXmlLine(text)));
  if (!result.ok) {
    self.postMessage({ ok: false, message: result.error.message } satisfies ScoreMessage);
    return;
  }
  const { value, remarks } = result.value;
  self.postMessage({
    ok: true,
    title: value.title,
    key: printKey(value.key),
    tempo: value.tempo,
    columns: value.columns,
    remarks,
  } satisfies ScoreMessage);
};
