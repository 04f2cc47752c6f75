/** npm test: set-up, checks, unit tests, the build, end-to-end tests; ends with the count of all tests. */
import { spawn, spawnSync } from 'node:child_process';
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
  const { status } = spawnSync(command, args, {
    cwd: ROOT,
    stdio: 'inherit',
    env: { ...process.env, ...env },
  });
  return status === 0;
}

/** A step beside others; what it says comes in one piece when it ends. */
function beside(script) {
  const said = [];
  const child = spawn('npm', ['run', '--silent', script], { cwd: ROOT, stdio: ['ignore', 'pipe', 'pipe'] });
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (data) => said.push(data));
  return new Promise((resolve) => {
    child.on('close', (status) => {
      console.log(`\n— ${script}\n${Buffer.concat(said)}`);
      resolve(status === 0);
    });
  });
}

/** Types, lint, format and what nobody uses, side by side, count as one test. */
const checks = await Promise.all(['lint', 'types', 'format:check', 'unused'].map(beside));
if (checks.every(Boolean)) steps.passed++;
else steps.failed++;

const unit = join(reports, 'jest.json');
step('unit tests', 'npx', ['jest', '--json', '--outputFile', unit]);
const jest = readReport(unit);
steps.passed += jest?.numPassedTests ?? 0;
steps.failed += jest ? jest.numFailedTests + jest.numRuntimeErrorTestSuites : 1;

ensureBuild();
const browser = join(reports, 'playwright.json');
step('end-to-end tests', 'npx', ['playwright', 'test', '-c', 'e2e/playwright.config.ts'], {
  DIATONIX_REPORT: browser,
});
const playwright = readReport(browser);
steps.passed += playwright ? playwright.stats.expected + playwright.stats.flaky : 0;
steps.failed += playwright ? playwright.stats.unexpected + playwright.errors.length : 1;

function readReport(path) {
  try {
    return JSON.parse(readFileSync(path, 'utf8'));
  } catch {
    return null;
  }
}

console.log(`\n${steps.passed} passed, ${steps.failed} failed`);
process.exit(steps.failed === 0 ? 0 : 1);
