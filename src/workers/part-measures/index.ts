/** Measures of a part as they are kept with its file. */
export { packMeasures, unpackMeasures } from './format';
export type { KeptMeasures, KeptPicture } from './types';
