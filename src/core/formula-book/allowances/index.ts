/** Allowances: what a pattern, die or master is made larger by. */
export { patternScale } from './scale';
