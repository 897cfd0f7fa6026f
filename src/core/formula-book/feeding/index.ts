/** Feeding: what makes up for shrinkage while a casting freezes. */
export { feederFor, type Feeder } from './feeder';
