/** Cautions: what can hurt whom on a route with a metal, and who decides. */
export { cautionsFor, cautionsLeftOut, WHO_DECIDES } from './find';
export type { Caution, CautionCondition, Severity } from './types';
