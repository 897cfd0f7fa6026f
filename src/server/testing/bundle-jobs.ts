import { join } from 'node:path';

/** Before any test: what the worker threads run, made anew from the sources as they are. */
export default async function setup(): Promise<void> {
  const { bundleJobs } = await import('../../../scripts/bundle-jobs.mjs');
  await bundleJobs(join(process.cwd(), '.next-jobs/test-worker.mjs'));
}
