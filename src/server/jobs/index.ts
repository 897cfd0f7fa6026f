/** Heavy work of the server, on threads of its own: draws, plans, paper, workbooks, standing, files that come in. */
export type { FreezeAsked, JobInput, JobName, JobOutput, LeaderAsked, StandingAsked } from './jobs';
export { followed, progressOf } from './progress';
export { Busy, closeJobs, inPool } from './pool';
