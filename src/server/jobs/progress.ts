import { JOB_HEADER, type JobProgress } from '@/core/base/job-progress';

/** Jobs that are followed at once, at most; the oldest is forgotten. */
const MOST_FOLLOWED = 500;
const NAME = /^[0-9a-f-]{36}$/;

const shared = globalThis as typeof globalThis & { ninePoursProgress?: Map<string, JobProgress> };
const known = (): Map<string, JobProgress> => (shared.ninePoursProgress ??= new Map<string, JobProgress>());

/**
 * Runs work whose caller may ask how far it is, under the name it gave in its request.
 * @param request whose header names the job; without a name nothing is kept
 */
export async function followed<T>(
  request: Request,
  work: (report: (progress: JobProgress) => void) => Promise<T>,
): Promise<T> {
  const name = request.headers.get(JOB_HEADER);
  if (name === null || !NAME.test(name)) return work(() => undefined);
  const jobs = known();
  const report = (progress: JobProgress): void => {
    if (!jobs.has(name) && jobs.size >= MOST_FOLLOWED) jobs.delete(jobs.keys().next().value ?? '');
    jobs.set(name, progress);
  };
  report({ what: 'waiting for its turn', share: 0 });
  try {
    return await work(report);
  } finally {
    jobs.delete(name);
  }
}

/** How far a job is; undefined where none of that name is under way. */
export const progressOf = (name: string): JobProgress | undefined => known().get(name);
