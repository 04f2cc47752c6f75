import { TheoryError } from '@diatonix/core';
import { convert } from './convert';
import { readArguments } from './options';
import { runLines } from './lines';
import { USAGE, run } from './run';

const args = process.argv.slice(2);

try {
  if (args[0] === 'lines' && args.length === 1) await runLines(process.stdin, process.stdout);
  else if (args[0] === 'convert' && args.length === 3)
    for (const remark of convert(args[1]!, args[2]!)) console.error(remark);
  else if (args.length === 0 || args[0] === 'help' || args.includes('--help')) console.log(USAGE);
  else console.log(run(readArguments(args)));
} catch (error) {
  if (!(error instanceof TheoryError)) throw error;
  if (args.includes('--json'))
    console.log(JSON.stringify({ error: { code: error.code, message: error.message } }));
  console.error(error.message);
  process.exitCode = 2;
}
