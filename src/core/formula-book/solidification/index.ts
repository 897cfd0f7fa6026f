/** How castings freeze and cool: in thick moulds, dies and shells; the heat of a die; when a mould may be opened. */
export { bConstant, curvedFreezing, freezingBehindFilm, freezingRegime, freezingTime } from './mould';
export { contactTemperature, dieFreezing, dieWallCooling } from './die';
export { dieBalance, dieWarmUp } from './die-heat';
export { shellFreezing } from './shell';
export { shakeOut, type CoolingLaw } from './shake-out';
