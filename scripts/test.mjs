/** npm test: set-up, checks, unit tests, the build, end-to-end tests; ends with the count of all tests. */
import { spawn } from 'node:child_process';
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ensureBuild, ensureChromium, ensurePackages, ROOT } from './setup.mjs';

ensurePackages();
ensureChromium();
const reports = mkdtempSync(join(tmpdir(), 'diatonix-'));
const steps = { passed: 0, failed: 0 };

function step(name, command, args, env = {}) {
  console.log(`\n— ${name}`);
  const child = spawn(command, args, { cwd: ROOT, stdio: 'inherit', env: { ...process.env, ...env } });
  return new Promise((resolve) => child.on('close', (status) => resolve(status === 0)));
}

/** A step beside others, in the time that they leave; what it says comes in one piece when it ends. */
function beside(script) {
  const said = [];
  const child = spawn('nice', ['-n', '19', 'npm', 'run', '--silent', script], {
    cwd: ROOT,
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (data) => said.push(data));
  return new Promise((resolve) => {
    child.on('close', (status) => {
      console.log(`\n— ${script}\n${Buffer.concat(said)}`);
      resolve(status === 0);
    });
  });
}

/** Types, lint, format and what nobody uses, one after the other, in the time that the browsers leave: one test. */
async function checked() {
  let all = true;
  for (const script of ['types', 'lint', 'format:check', 'unused']) all = (await beside(script)) && all;
  return all;
}

const unit = join(reports, 'jest.json');
await step('unit tests', 'npx', ['jest', '--json', '--outputFile', unit]);
const jest = readReport(unit);
steps.passed += jest?.numPassedTests ?? 0;
steps.failed += jest ? jest.numFailedTests + jest.numRuntimeErrorTestSuites : 1;

ensureBuild();
const checks = checked();
const browser = join(reports, 'playwright.json');
await step('end-to-end tests', 'npx', ['playwright', 'test', '-c', 'e2e/playwright.config.ts'], {
  DIATONIX_REPORT: browser,
});
const playwright = readReport(browser);
steps.passed += playwright ? playwright.stats.expected + playwright.stats.flaky : 0;
steps.failed += playwright ? playwright.stats.unexpected + playwright.errors.length : 1;

if (await checks) steps.passed++;
else steps.failed++;

function readReport(path) {
  try {
    return JSON.parse(readFileSync(path, 'utf8'));
  } catch {
    return null;
  }
}

console.log(`\n${steps.passed} passed, ${steps.failed} failed`);
process.exit(steps.failed === 0 ? 0 : 1);
