/** Which process values move a study most. */
export { processMovers, type ProcessMover } from './process-movers';
