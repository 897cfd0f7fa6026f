/** Cautions: what can hurt whom on a route with a metal, and who decides. */
export { cautionsFor, WHO_DECIDES } from './find';
export type { Caution, Severity } from './types';
