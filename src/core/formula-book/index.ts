/** The formula book: constants, and formulas said once as expressions. */
export { type Formula, type Said } from './formula';
export { G, ZERO_C_K } from './constants';
