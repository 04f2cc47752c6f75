import { attempt, printKey } from '@diatonix/core';
import { musicXmlText, readMusicXmlLine, readRomanText } from '@diatonix/core/files';
import type { ScoreFile, ScoreMessage } from './messages';

/** Reads a score away from the page, so that a long one never holds up the bench. */
self.onmessage = ({ data: { name, bytes } }: MessageEvent<ScoreFile>) => {
  const result = attempt(() =>
    /\.(?:rntxt|txt)$/i.test(name)
      ? readRomanText(new TextDecoder().decode(bytes))
      : readMusicXmlLine(musicXmlText(bytes)),
  );
  if (!result.ok) {
    self.postMessage({ ok: false, message: result.error.message } satisfies ScoreMessage);
    return;
  }
  const { value, remarks } = result.value;
  self.postMessage({
    ok: true,
    line: { ...value, key: printKey(value.key) },
    remarks,
  } satisfies ScoreMessage);
};
