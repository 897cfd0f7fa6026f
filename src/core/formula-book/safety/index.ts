/** Screens before the pour: they never release a job; local law, the supplier’s sheets and a competent person do. */
export { dewaxGate } from './dewax';
export { heatIndex, workAndRest } from './heat';
export { ladleCarry } from './ladle';
export { PREHEAT_ITEMS, preheatGate, type PreheatItem } from './preheat';
export { spinGuard } from './spin-guard';
export { steamVolume } from './steam';
export { RIM_SPEED } from './spin-guard';
export { PREHEAT } from './preheat.data';
export { LADLE_LIMIT } from './ladle';
