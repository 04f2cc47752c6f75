import { convert } from './convert';
import { engraveWanted } from './engraveCommand';
import { errorOf } from './internal';
import { readArguments } from './options';
import { runLines } from './lines';
import { markCommand } from './markCommand';
import { readCommand } from './readCommand';
import { serveFiles } from './readWorker';
import { pdfWanted } from './sheetCommand';
import { USAGE, run } from './run';
import { isMainThread } from 'node:worker_threads';

const args = process.argv.slice(2);

// A reader that has had enough closes the pipe; that is no fault.
process.stdout.on('error', (error: NodeJS.ErrnoException) => {
  if (error.code === 'EPIPE') process.exit(0);
  console.error(
    `What was to be printed could not be written (${error.code ?? error.message}): is the disk full?`,
  );
  process.exit(2);
});

try {
  if (!isMainThread) serveFiles();
  else if (args[0] === 'read' && !args.includes('--help'))
    process.exitCode = await readCommand(readArguments(args));
  else if (args[0] === 'lines' && args.length === 1) await runLines(process.stdin, process.stdout);
  else if (args[0] === 'mark' && !args.includes('--help')) {
    const { text, status } = markCommand(readArguments(args));
    console.log(text);
    process.exitCode = status;
  } else if (args[0] === 'convert' && args.length === 3)
    for (const remark of convert(args[1]!, args[2]!)) console.error(remark);
  else if (args[0] === 'sheet' && args.includes('--pdf') && !args.includes('--help')) {
    const wanted = pdfWanted(readArguments(args));
    // What engraves is large: it is read when a page is wanted.
    const pdf = (await import(new URL('./pdf.mjs', import.meta.url).href)) as typeof import('./pdf');
    await pdf.writeSheetPdf(wanted);
  } else if (args[0] === 'engrave' && !args.includes('--help')) {
    const wanted = engraveWanted(readArguments(args));
    const pdf = (await import(new URL('./pdf.mjs', import.meta.url).href)) as typeof import('./pdf');
    for (const remark of await pdf.engrave(wanted)) console.error(remark);
  } else if (args.length === 0 || args[0] === 'help' || args.includes('--help')) console.log(USAGE);
  else console.log(run(readArguments(args)));
} catch (error) {
  const { code, message } = errorOf(error);
  if (args.includes('--json')) console.log(JSON.stringify({ error: { code, message } }));
  console.error(message);
  process.exitCode = 2;
}
