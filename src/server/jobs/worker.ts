import { setPriority } from 'node:os';
import type { MessagePort } from 'node:worker_threads';
import { runJob, type JobName } from './jobs';
import type { JobProgress } from '@/core/base/job-progress';

// On Linux this is the priority of this thread alone: the one that answers everybody goes first.
try {
  setPriority(0, 10);
} catch {
  // Where it may not be changed, all threads are equal.
}

/** Entry of a worker thread: one job at a time. */
export default async ({
  name,
  input,
  port,
}: {
  readonly name: JobName;
  readonly input: unknown;
  /** Where progress of the job is reported; null where nobody listens. */
  readonly port: MessagePort | null;
}): Promise<unknown> => {
  try {
    return await runJob(name, input, (what, share) => port?.postMessage({ what, share } satisfies JobProgress));
  } finally {
    port?.close();
  }
};
