/** A study made ready: for one brief and one rate set, every lane screened and every layout of it costed, so that any quantity is quick. */
export { prepareFrom, type AlloyTable } from './prepare';
export { prepareStudy } from './study';
export { type Study } from './types';
export { bestLayout, openCosts, survives, type StudyLane } from './study-lane';
export { nextFields, type NextField } from './next-fields';
export { STAND_WORDS, standsOn, type Stand } from './stands-on';
export { METHOD_SAYS, type Adopted } from './adopted';
