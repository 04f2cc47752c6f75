/**
 * npm run bench: every speed and size figure, printed. Nothing here fails a test. `odd` tries odd input at
 * length instead.
 */
import { ensureBuild, ensureChromium, ensurePackages } from './setup.mjs';

ensurePackages();
ensureChromium();
ensureBuild();
if (process.argv[2] === 'odd') {
  await import('./bench/odd.mjs');
  process.exit(0);
}
await import('./bench/core.mjs');
await import('./bench/progressions.mjs');
await import('./bench/scores.mjs');
await import('./bench/sheets.mjs');
await import('./bench/marking.mjs');
await import('./bench/tonal.mjs');
await import('./bench/page.mjs');
await import('./bench/scorePage.mjs');
await import('./bench/sheetPage.mjs');
await import('./bench/workbook.mjs');
await import('./bench/logbookPage.mjs');
process.exit(0);
