/** How much hangs on what a brief leaves open. */
export { effectsOf, type FieldEffect, type Trial } from './effects';
