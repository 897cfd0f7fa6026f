import { fuzz } from './fuzz';

/** npm run fuzz -- URL [--mutants N] [--seed S]: mutated requests against a running application of your own. */
const args = process.argv.slice(2);
const option = (name: string, usual: number): number => {
  const at = args.indexOf(name);
  return at < 0 ? usual : Number(args[at + 1]);
};
const url = args.find((a) => a.startsWith('http')) ?? 'http://127.0.0.1:3900';
const mutants = option('--mutants', 100_000);
const seed = option('--seed', 1);
fuzz(url, mutants, seed, 9, (done) => process.stdout.write(`\r${done} of ${mutants}`)).then(
  (run) => {
    console.log(`\n${JSON.stringify({ seed, ...run }, null, 2)}`);
    process.exitCode = run.faults.length === 0 ? 0 : 1;
  },
  (error: unknown) => {
    console.error(error);
    process.exitCode = 1;
  },
);
