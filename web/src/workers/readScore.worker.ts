import { attempt, printKey } from '@diatonix/core';
import { progressionFromMusicXml } from '@diatonix/core/musicxml';
import type { ScoreMessage } from './messages';

/** Reads MusicXML away from the page, so that a long score never holds up the bench. */
self.onmessage = ({ data }: MessageEvent<string>) => {
  const result = attempt(() => progressionFromMusicXml(data));
  const message: ScoreMessage = result.ok
    ? {
        ok: true,
        title: result.value.title,
        key: printKey(result.value.key),
        tempo: result.value.tempo,
        entries: result.value.entries,
        unread: result.value.unread,
      }
    : { ok: false, message: result.error.message };
  self.postMessage(message);
};
