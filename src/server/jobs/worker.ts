import { setPriority } from 'node:os';
import { runJob, type JobName } from './jobs';

// On Linux this is the priority of this thread alone: the one that answers everybody goes first.
try {
  setPriority(0, 10);
} catch {
  // Where it may not be changed, all threads are equal.
}

/** Entry of a worker thread: one job at a time. */
export default ({ name, input }: { readonly name: JobName; readonly input: unknown }): Promise<unknown> =>
  runJob(name, input);
