/** Feeding: whether a casting needs feeders, how large and how many, how far they reach, chills and filters. */
export { CHILL_MASS, chillEffect } from './chill';
export { feedDistance, feederCount } from './distance';
export { feederFor, type Feeder } from './feeder';
export { filterArea } from './filter';
export { feederByModulus, feederByShrinkage } from './size';
export { FEEDER_AT_LEAST, FEEDER_DIAMETER, FEEDER_MODULUS, FEEDER_VOLUME } from './size';
export { FEED_CONSTANTS, FEED_DISTANCE, reachOf } from './distance';
export { FILTER_AREA } from './filter';
