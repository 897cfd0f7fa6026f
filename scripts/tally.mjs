import console from 'node:console';
import { readFileSync } from 'node:fs';
import process from 'node:process';

/** Prints "passed failed" of a Vitest or Playwright JSON report. Fails when the report holds no test. */
const report = JSON.parse(readFileSync(process.argv[2] ?? '', 'utf8'));
const [passed, failed] =
  report.stats === undefined
    ? [
        report.numPassedTests,
        report.numFailedTests +
          report.testResults.filter((f) => f.status === 'failed' && f.assertionResults.length === 0).length,
      ]
    : [report.stats.expected + report.stats.flaky, report.stats.unexpected + report.errors.length];
if (!(passed + failed > 0)) process.exit(1);
console.log(`${passed} ${failed}`);
