/** Work of the server that takes a while: how far it is, and a way to stop it. */
export { download } from './download';
export { JobLine } from './job-line';
export { useJob, type JobInit, type JobState } from './use-job';
