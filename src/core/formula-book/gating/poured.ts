import { notNegative, positives, scrapShare, wholeNumber } from '../../base/checks';
import { formula } from '../formula';

const VOLUMES = {
  n: ['castings of a pour', '1'],
  part: ['volume of a casting', 'cm³'],
  feeders: ['volume of the feeders', 'cm³'],
  runners: ['volume of sprue, runners and gates', 'cm³'],
} as const;

export const POURED = /* @__PURE__ */ formula({
  id: 'gate.pour-mass',
  out: 'poured_kg',
  title: 'Metal poured',
  unit: 'kg',
  expression: 'rho * (n * part + feeders + runners) / 1000000',
  symbols: { rho: ['density of the melt', 'kg/m³'], ...VOLUMES },
});

export const YIELD = /* @__PURE__ */ formula({
  id: 'gate.pour-mass',
  out: 'yield',
  title: 'Share of the pour that is castings',
  unit: '1',
  expression: 'n * part / (n * part + feeders + runners)',
  symbols: VOLUMES,
});

export const CHARGE = /* @__PURE__ */ formula({
  id: 'gate.pour-mass',
  out: 'charge_kg',
  title: 'Metal to melt',
  unit: 'kg',
  expression: 'poured / (1 - spill) / (1 - meltLoss)',
  symbols: {
    poured: ['metal poured', 'kg'],
    spill: ['share spilled or pigged', '1'],
    meltLoss: ['share lost in melting', '1'],
  },
});

/**
 * Metal poured, yield and charge of a pour (formula gate.pour-mass). Say which density is meant: that of the melt is 1 to 6 %
 * less.
 *
 * @param input.count castings; volumes of one, of all feeders and of all runners, cm³; rho_kg_m3; meltLoss and spill, shares
 * @returns metal poured, kg; share of it that is castings; metal to melt, kg
 * @throws {CoreError} E_RANGE for a count below 1 or a loss of 1 and more
 * @example
 * pouredMass({ count: 8, partVolume_cm3: 22.5, feederVolume_cm3: 60, runnerVolume_cm3: 75, rho_kg_m3: 2680, meltLoss: 0.03, spill: 0.02 }).poured_kg
 * // 0.8442
 */
export function pouredMass(input: {
  readonly count: number;
  readonly partVolume_cm3: number;
  readonly feederVolume_cm3: number;
  readonly runnerVolume_cm3: number;
  readonly rho_kg_m3: number;
  readonly meltLoss: number;
  readonly spill: number;
}): { poured_kg: number; yield: number; charge_kg: number } {
  const v = positives(input, 'partVolume_cm3', 'rho_kg_m3');
  const feeders = notNegative('feederVolume_cm3', input.feederVolume_cm3);
  const runners = notNegative('runnerVolume_cm3', input.runnerVolume_cm3);
  const n = wholeNumber('count', input.count, 1);
  const meltLoss = scrapShare('meltLoss', input.meltLoss);
  const spill = scrapShare('spill', input.spill);
  const volumes = { n, part: v.partVolume_cm3, feeders, runners };
  const poured_kg = POURED.of({ rho: v.rho_kg_m3, ...volumes });
  return { poured_kg, yield: YIELD.of(volumes), charge_kg: CHARGE.of({ poured: poured_kg, spill, meltLoss }) };
}
