import type { Triple } from '../../base/figures';
import type { FillRule } from '../../formula-book/gating';

/** Rule by which a family fills a sand mould. Basis: rule. */
export const FILL_RULE: Readonly<Record<string, FillRule>> = {
  aluminium: 'wall-mass',
  magnesium: 'wall-mass',
  zinc: 'wall-mass',
  tin: 'wall-mass',
  lead: 'wall-mass',
  copper: 'copper-bottom',
  precious: 'copper-bottom',
  'grey-iron': 'grey-iron',
  'ductile-iron': 'ductile-iron',
  steel: 'steel',
  stainless: 'steel',
  'tool-steel': 'steel',
  nickel: 'steel',
  cobalt: 'steel',
  titanium: 'wall-mass',
};

/** Multiple of the wall-and-mass rule: light alloys. Basis: rule. */
export const WALL_MASS_S: Triple = [1.7, 1.95, 2.2];

/** Speed allowed at the gates, m/s. Basis: handbook for light alloys, rule for the others. */
export const GATE_LIMIT: Readonly<Record<string, Triple>> = {
  aluminium: [0.4, 0.5, 0.5],
  magnesium: [0.4, 0.5, 0.5],
  copper: [0.4, 0.5, 0.8],
  other: [0.5, 0.75, 1],
};

/** Areas of sprue, runner and gate: slow gates for light alloys and bronzes, full runners for irons. Basis: handbook. */
export const GATE_RATIO: Readonly<Record<string, readonly [number, number, number]>> = {
  'grey-iron': [1, 0.75, 0.5],
  'ductile-iron': [1, 0.75, 0.5],
  other: [1, 2, 4],
};

/** Share of the heat of freezing that is gone when flow stops, by freezing range. Basis: handbook. */
export const STOP_FRACTION: Readonly<Record<string, Triple>> = {
  short: [0.5, 0.7, 1],
  medium: [0.3, 0.45, 0.6],
  long: [0.2, 0.28, 0.35],
};

/** Metal that a filter passes before it blocks, kg/cm², and the speed before it, m/s. Basis: rule. */
export const FILTER_CAPACITY: Readonly<Record<string, Triple>> = {
  aluminium: [0.5, 1, 2],
  magnesium: [0.5, 1, 2],
  copper: [1, 2, 3],
  'grey-iron': [2, 3, 4],
  'ductile-iron': [1, 1.5, 2],
  other: [1, 1.6, 2.5],
};
export const FILTER_SPEED: Readonly<Record<'light' | 'other', Triple>> = {
  light: [0.05, 0.1, 0.2],
  other: [0.08, 0.15, 0.25],
};

/** Gas speed in a vent, m/s. Basis: rule. */
export const VENT_SPEED: Readonly<Record<'sand' | 'die', Triple>> = { sand: [5, 10, 20], die: [15, 30, 60] };

/** Factor on the modulus of the section that a feeder is made with, by freezing range. Basis: handbook. */
export const FEEDER_FACTOR: Readonly<Record<string, number>> = { short: 1.2, medium: 1.25, long: 1.4 };

/** Constants of the fill of a pressure die by family: k s/mm, least flowing temperature below liquidus K, worth of a per cent solid K/%. Basis: rule. */
export const DIE_FILL: Readonly<
  Record<string, { readonly k: number; readonly Z: number; readonly gate_m_s: Triple; readonly pressure_MPa: Triple }>
> = {
  aluminium: { k: 0.0346, Z: 4.8, gate_m_s: [30, 40, 50], pressure_MPa: [30, 50, 80] },
  magnesium: { k: 0.0252, Z: 3.7, gate_m_s: [35, 47, 60], pressure_MPa: [30, 45, 70] },
  zinc: { k: 0.0346, Z: 2.5, gate_m_s: [25, 35, 45], pressure_MPa: [15, 25, 35] },
  copper: { k: 0.0346, Z: 4.7, gate_m_s: [20, 30, 45], pressure_MPa: [40, 60, 90] },
  tin: { k: 0.0312, Z: 2.5, gate_m_s: [15, 25, 40], pressure_MPa: [10, 18, 30] },
  lead: { k: 0.0312, Z: 2.5, gate_m_s: [15, 25, 40], pressure_MPa: [10, 18, 30] },
};

/** The factor on the modulus of a section for a freezing range, as an alloy names it. */
export const ofFamilyFactor = (freezing: string): number => FEEDER_FACTOR[freezing] ?? 1.2;
