/** Parts of a screen whose code is fetched when they are asked for. */
export { late } from './late';
export { Near } from './near';
export { Touched } from './touched';
export { useScrollToHash } from './use-scroll-to-hash';
export { whenTouched } from './when-touched';
