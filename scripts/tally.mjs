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
/** Tells on the error stream which journeys passed only at the second try. */
const tellSecondTries = (suite) => {
  for (const spec of suite.specs ?? [])
    if (spec.tests.some((t) => t.status === 'flaky'))
      console.error(`needed a second try: ${spec.file} › ${spec.title}`);
  for (const inner of suite.suites ?? []) tellSecondTries(inner);
};
if (report.stats !== undefined) for (const suite of report.suites ?? []) tellSecondTries(suite);

if (!(passed + failed > 0)) process.exit(1);
console.log(`${passed} ${failed}`);
