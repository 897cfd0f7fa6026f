/** How a part is made on each route, step by step. */
export { PROCESSES } from './data';
export type { Check, Phase, Process, ProcessStep } from './types';
