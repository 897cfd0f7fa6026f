/** Forces on moulds, cores, dies and discs: what lifts, opens and bends them, and what holds them. */
export { dieOpening, lowPressure, dieShot } from './die';
export { chapletsFor, copeLift, headPressure } from './lift';
export { coreBending } from './core-bending';
export { flaskClamps } from './flask-clamps';
export { spinClamp, spinPressure, spinSpeed } from './spin';
