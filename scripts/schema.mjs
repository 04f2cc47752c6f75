/** npm run schema: writes docs/workbook.schema.json from the classes that check workbook files. */
import { build } from 'esbuild';
import { format, resolveConfig } from 'prettier';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ensurePackages, ROOT } from './setup.mjs';

ensurePackages();
const out = join(mkdtempSync(join(tmpdir(), 'diatonix-')), 'schema.cjs');
await build({
  entryPoints: [join(ROOT, 'web', 'src', 'documents', 'checks', 'schema.ts')],
  bundle: true,
  platform: 'node',
  format: 'cjs',
  outfile: out,
  logLevel: 'warning',
});
const { workbookSchema } = (await import(out)).default;
const path = join(ROOT, 'docs', 'workbook.schema.json');
const house = await resolveConfig(path);
writeFileSync(path, await format(JSON.stringify(workbookSchema()), { ...house, parser: 'json' }));
