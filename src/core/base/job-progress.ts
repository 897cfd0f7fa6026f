/** Names that browser and server agree on. */

/** Header in which a caller names its job, so that it can ask how far it is: a UUID. */
export const JOB_HEADER = 'x-job';

/** How far a job of the server is: what is being done, and the share of all that is done. */
export interface JobProgress {
  readonly what: string;
  readonly share: number;
}
