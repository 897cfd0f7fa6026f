/** The decision: the case of a lane, the reasons against it, and what has changed since one was signed. */
export { laneCase, type Argument, type LaneCase } from './case';
export { briefChanges, rateChanges, resultChanges, type Change } from './changes';
