/** Freezing of a section on a grid: which place freezes when, and which last. */
export { bandsOf, type FreezingBand } from './bands';
export { enthalpyOf } from './enthalpy';
export { guessOf, marginOf } from './guess';
export { MOST_CELLS, sectionGrid } from './grid';
export { solidification, type RunProgress } from './run';
export { CELL, type MetalHeat, type MouldSide, type SectionGrid, type SolidificationFound } from './types';
