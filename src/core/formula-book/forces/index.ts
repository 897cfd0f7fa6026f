/** Forces on moulds, cores, dies and discs: what lifts, opens and bends them, and what holds them. */
export { dieOpening, lowPressure, dieShot } from './die';
export { chapletsFor, copeLift, headPressure } from './lift';
export { CORE_SAG, CORE_STRESS, coreBending } from './core-bending';
export { flaskClamps } from './flask-clamps';
export { spinClamp, spinPressure, spinSpeed } from './spin';
export { CLAMP_NEED } from './flask-clamps';
export { COPE_LIFT, CORE_LIFT, HEAD_PRESSURE } from './lift';
export { SPIN_CLAMP, SPIN_PRESSURE } from './spin';
export { FILL_PRESSURE, LOCKING_FORCE, OPENING_AREA, SHOT_MASS, SLEEVE_FILL } from './die';
