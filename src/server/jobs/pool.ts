import 'server-only';
import { existsSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { MessageChannel } from 'node:worker_threads';
import { Piscina } from 'piscina';
import { CoreError } from '@/core/base/errors';
import { RequestError } from '../http';
import { log } from '../log';
import type { JobAnswer, JobInput, JobName, JobOutput } from './jobs';
import type { JobProgress } from '@/core/base/job-progress';

/** Jobs that wait, at most; the next is asked to come back later. */
const MOST_WAITING = 64;
/** A thread that nobody asks for so long is ended, ms. */
const IDLE_MS = 60_000;
/** Too much is under way: nothing was begun, and asked again in a moment it may go. */
export class Busy extends RequestError {
  constructor() {
    super(503, 'Too much is under way at once. Nothing was saved; try again in a moment.');
  }
}

/** Longest that a job may take from when it is asked for, ms: then its thread is ended and another takes its place. */
const LIMITS_MS: Readonly<Record<JobName, number>> = {
  freeze: 120_000,
  record: 120_000,
  leader: 60_000,
  standing: 120_000,
  studyFile: 30_000,
  screenParts: 30_000,
  partsSheet: 60_000,
  ratesCsv: 30_000,
  processCsv: 30_000,
  processMovers: 60_000,
  whoCan: 60_000,
  quotes: 60_000,
  implied: 60_000,
  quotedLeads: 120_000,
  calibration: 120_000,
  quoteRequest: 60_000,
  traveller: 60_000,
  methodPaper: 60_000,
  requestPaper: 60_000,
  requestPack: 120_000,
  replyBook: 30_000,
  replySheet: 30_000,
  edition2: 60_000,
  rateEffect: 60_000,
  still: 10_000,
  evaluate: 60_000,
  check: 120_000,
};

const shared = globalThis as typeof globalThis & { ninePoursJobs?: Piscina };

/** The bundle that the threads run, made by the build. */
const bundle = (): string => process.env['NINE_POURS_JOBS'] ?? join(process.cwd(), '.next-jobs/worker.mjs');

function threads(): Piscina {
  if (shared.ninePoursJobs !== undefined) return shared.ninePoursJobs;
  const filename = bundle();
  if (!existsSync(filename)) throw new Error(`The bundle of the server's jobs is missing (${filename}); build again.`);
  const made = new Piscina({
    filename,
    minThreads: 1,
    maxThreads: Math.max(2, availableParallelism() - 1),
    maxQueue: MOST_WAITING,
    idleTimeout: IDLE_MS,
    resourceLimits: { maxOldGenerationSizeMb: 1500 },
  });
  made.on('error', (error: unknown) => log.error({ err: error }, 'a job failed outside of any request'));
  return (shared.ninePoursJobs = made);
}

/**
 * Runs heavy work on a thread of its own and gives its result. Refuses 503 when too many wait, and when it takes longer
 * than its limit; what the core refuses comes as the core's own error.
 * @param signal ends the work when the one who asked is gone: the thread ends with it
 * @param report hears how far it is
 */
export async function inPool<N extends JobName>(
  name: N,
  input: JobInput<N>,
  signal?: AbortSignal,
  report?: (progress: JobProgress) => void,
): Promise<JobOutput<N>> {
  const channel = report === undefined ? null : new MessageChannel();
  channel?.port1.on('message', (progress: JobProgress) => report?.(progress));
  const limit = AbortSignal.timeout(LIMITS_MS[name]);
  let answer: JobAnswer<JobOutput<N>>;
  try {
    answer = (await threads().run(
      { name, input, port: channel?.port2 ?? null },
      {
        signal: signal === undefined ? limit : AbortSignal.any([limit, signal]),
        ...(channel === null ? {} : { transferList: [channel.port2] }),
      },
    )) as JobAnswer<JobOutput<N>>;
  } catch (error) {
    if (limit.aborted)
      throw new RequestError(
        503,
        `This took longer than ${LIMITS_MS[name] / 1000} s and was ended. Nothing was saved.`,
      );
    if (signal?.aborted === true) throw new RequestError(499, 'Called off by whoever asked. Nothing was saved.');
    if (/task queue|queue/i.test(error instanceof Error ? error.message : '')) throw new Busy();
    throw error;
  } finally {
    channel?.port1.close();
  }
  if (!answer.ok) throw new CoreError(answer.issue);
  return answer.value;
}

/** Ends the threads; the next job starts new ones. */
export async function closeJobs(): Promise<void> {
  const old = shared.ninePoursJobs;
  delete shared.ninePoursJobs;
  await old?.destroy();
}
