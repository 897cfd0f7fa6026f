/** How castings freeze and cool: in thick moulds, dies and shells; the heat of a die; when a mould may be opened. */
export { bConstant, curvedFreezing, freezingBehindFilm, freezingRegime, freezingTime } from './mould';
export { contactTemperature, dieFreezing, dieWallCooling } from './die';
export { dieBalance, dieWarmUp } from './die-heat';
export { shellFreezing } from './shell';
export { shakeOut, type CoolingLaw } from './shake-out';
export { B_CONSTANT, FREEZING_TIME, LATENT_EFFECTIVE } from './mould';
export { EJECTION_TIME, INTERFACE_TIME } from './die';
export { DIE_SURPLUS, DIE_WATER, DRY_CYCLE, HEAT_TO_DIE, LEFT_OF_RISE, STEADY_DIE } from './die-heat';
export { SHAKE_OUT_TIME } from './shake-out';
export { KNOCK_OUT_C } from './shake-out.data';
export { SHELL_TIME } from './shell';
