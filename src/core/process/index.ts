/** How a part is made on each route, step by step. */
export { PROCESSES } from './data';
export { makingOf, type Making } from './making';
export type { Check, Phase, Process, ProcessStep } from './types';
