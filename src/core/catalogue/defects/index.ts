/** Defects of castings: looks, causes, checks and mends. */
export { DEFECTS } from './defects.data';
export { findDefects } from './find';
export type { Defect, Whose } from './types';
