/** The model as a whole: every equation, compiled and told. */
export { compiledSource } from './compiled-source';
export { EQUATIONS } from './equations';
