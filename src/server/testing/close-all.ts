import { closePool } from '../db';
import { closeJobs } from '../jobs';
import { renewed } from '../results';

/** Ends what a test of the server may have set going: renewals, worker threads, connections. */
export async function closeAll(): Promise<void> {
  await renewed().catch(() => undefined);
  await closeJobs();
  await closePool();
}
