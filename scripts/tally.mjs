import console from 'node:console';
import { readFileSync } from 'node:fs';
import process from 'node:process';
import { stripVTControlCharacters } from 'node:util';

/**
 * Prints "passed failed" of a Vitest or Playwright JSON report, and names every test that failed on the error stream.
 * Fails when the report holds no test.
 */
const report = JSON.parse(readFileSync(process.argv[2] ?? '', 'utf8'));
const [passed, failed] =
  report.stats === undefined
    ? [
        report.numPassedTests,
        report.numFailedTests +
          report.testResults.filter((f) => f.status === 'failed' && f.assertionResults.length === 0).length,
      ]
    : [report.stats.expected + report.stats.flaky, report.stats.unexpected + report.errors.length];
/** The first line of a failure, without the colours of a terminal. */
const firstLine = (text) =>
  stripVTControlCharacters(text ?? '')
    .split('\n', 1)[0]
    .slice(0, 300);
/** Names the journeys that failed, and those that passed only at the second try. */
const tellJourneys = (suite) => {
  for (const spec of suite.specs ?? []) {
    const told = `${spec.file} › ${spec.title}`;
    if (spec.tests.some((t) => t.status === 'flaky')) console.error(`needed a second try: ${told}`);
    const bad = spec.tests.find((t) => t.status === 'unexpected');
    if (bad !== undefined) console.error(`!! failed: ${told}: ${firstLine(bad.results.at(-1)?.error?.message)}`);
  }
  for (const inner of suite.suites ?? []) tellJourneys(inner);
};
/** Names the unit tests that failed, and the files that could not be run. */
const tellUnits = (file) => {
  const name = file.name.replace(`${process.cwd()}/`, '');
  if (file.status === 'failed' && file.assertionResults.length === 0)
    console.error(`!! failed: ${name}: ${firstLine(file.message)}`);
  for (const test of file.assertionResults)
    if (test.status === 'failed')
      console.error(`!! failed: ${name} › ${test.fullName}: ${firstLine(test.failureMessages?.[0])}`);
};
if (report.stats === undefined) report.testResults.forEach(tellUnits);
else (report.suites ?? []).forEach(tellJourneys);

if (!(passed + failed > 0)) process.exit(1);
console.log(`${passed} ${failed}`);
