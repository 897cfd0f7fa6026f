/** What a cell of the grid is. */
export const CELL = { mould: 0, metal: 1, air: 2 } as const;

/** Heat of the metal: W/mK, kg/m³, J/kgK, J/kg, °C. */
export interface MetalHeat {
  readonly k: number;
  readonly rho: number;
  readonly cLiquid: number;
  readonly cSolid: number;
  readonly latent: number;
  readonly solidus: number;
  readonly liquidus: number;
  readonly pour: number;
}

/** Heat of the mould, its temperature at the pour, °C, and the film between it and the metal, W/m²K. */
export interface MouldSide {
  readonly k: number;
  readonly rho: number;
  readonly c: number;
  readonly temperature: number;
  readonly film: number;
}

/** A section laid out in square cells, from its lower left corner row by row. */
export interface SectionGrid {
  readonly columns: number;
  readonly rows: number;
  /** Side of a cell, mm. */
  readonly cell_mm: number;
  /** Lower left corner, mm. */
  readonly x_mm: number;
  readonly y_mm: number;
  readonly cells: Uint8Array;
}

/** What a run found. */
export interface SolidificationFound {
  /** When each cell froze, s; 0 for what is no metal, Infinity for what did not within the run. */
  readonly frozen_s: Float32Array;
  /** When all had frozen, s. */
  readonly last_s: number;
  /** Cell that froze last. */
  readonly lastCell: number;
  readonly steps: number;
  /** Whether all froze before the run was ended. */
  readonly complete: boolean;
  /** Heat of metal and mould at the end against that at the start, as a share of what was exchanged: how exact the run is. */
  readonly heatOff: number;
}
