/** Standard gravity, m/s². */
export const G = 9.80665;
/** Radiation of a black body, W/m²K⁴. */
export const STEFAN_BOLTZMANN = 5.670374419e-8;
/** Gas constant, J/mol K. */
export const GAS = 8.314462618;
/** 0 °C, K. */
export const ZERO_C_K = 273.15;
/** Radians of a degree. */
export const RAD = Math.PI / 180;
