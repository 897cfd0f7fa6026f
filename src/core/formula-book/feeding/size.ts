import { positive, positives, shareOf, within } from '../../base/checks';
import { refuse } from '../../base/errors';
import { formula } from '../formula';

export const FEEDER_MODULUS = /* @__PURE__ */ formula({
  id: 'feed.riser',
  out: 'riserModulus_mm',
  title: 'Modulus of the feeder',
  unit: 'mm',
  expression: 'f * M',
  symbols: { f: ['factor on the modulus of the section', '1'], M: ['modulus of the section fed', 'mm'] },
});

export const FEEDER_DIAMETER = /* @__PURE__ */ formula({
  id: 'feed.riser',
  out: 'diameter_mm',
  title: 'Diameter of a cylindrical feeder',
  unit: 'mm',
  expression: { 'foot cools': 'M * (4 * r + 2) / r', 'foot on the casting': 'M * (4 * r + 1) / r' },
  symbols: { M: ['modulus of the feeder', 'mm'], r: ['height over diameter', '1'] },
});

export const FEEDER_VOLUME = /* @__PURE__ */ formula({
  id: 'feed.riser',
  out: 'volume_cm3',
  title: 'Volume of a cylindrical feeder',
  unit: 'cm³',
  expression: 'PI / 4 * D * D * H / 1000',
  symbols: { PI: ['π', '1'], D: ['diameter', 'mm'], H: ['height', 'mm'] },
});

const FACTOR = 1.2;
const MOST_FACTOR = 2;
const RATIOS = [0.5, 3] as const;

/**
 * A cylindrical feeder by modulus (formula feed.riser). The neck wants 1.05 to 1.1 times the section’s modulus.
 *
 * @param input.castModulus_mm of the section fed; input.factor on it, 1.2 where not said (1.1 for ductile iron that expands, up
 *   to 1.4 for alloys of long range); input.heightRatio height over diameter, 1; input.baseCools whether its foot cools, yes
 * @returns modulus, diameter and height in mm, volume in cm³
 * @throws {CoreError} E_RANGE for a factor outside 1 to 2 or a ratio outside 0.5 to 3
 * @example
 * feederByModulus({ castModulus_mm: 12 }).diameter_mm // 86.4
 */
export function feederByModulus(input: {
  readonly castModulus_mm: number;
  readonly factor?: number;
  readonly heightRatio?: number;
  readonly baseCools?: boolean;
}): { riserModulus_mm: number; diameter_mm: number; height_mm: number; volume_cm3: number } {
  const M = positive('castModulus_mm', input.castModulus_mm);
  const f = within('factor', input.factor ?? FACTOR, 1, MOST_FACTOR);
  const r = within('heightRatio', input.heightRatio ?? 1, ...RATIOS);
  const riserModulus_mm = FEEDER_MODULUS.of({ f, M });
  const form = (input.baseCools ?? true) ? 'foot cools' : 'foot on the casting';
  const diameter_mm = FEEDER_DIAMETER.of({ M: riserModulus_mm, r }, form);
  const height_mm = r * diameter_mm;
  return {
    ...{ riserModulus_mm, diameter_mm, height_mm },
    volume_cm3: FEEDER_VOLUME.of({ PI: Math.PI, D: diameter_mm, H: height_mm }),
  };
}

export const FEEDER_AT_LEAST = /* @__PURE__ */ formula({
  id: 'feed.shrink-volume',
  out: 'riserAtLeast_cm3',
  title: 'Feeder that has enough metal',
  unit: 'cm³',
  expression: 'alpha * V / (eta - alpha)',
  symbols: {
    alpha: ['shrinkage, liquid and freezing', '1'],
    V: ['volume fed', 'cm³'],
    eta: ['share of the feeder that it can give', '1'],
  },
});

/**
 * Whether a feeder has enough metal (formula feed.shrink-volume): the second test; take the larger of both.
 *
 * @param input.castVolume_cm3 of the zone it feeds; input.shrink share, net of graphite’s expansion; input.efficiency share it can
 *   give: 0.14 plain cylinder, 0.2 round foot or powder, to 0.45 sleeve, to 0.67 heated; input.riserVolume_cm3 of one at hand
 * @returns the least volume, cm³; of the one at hand whether it is enough and the volume it can feed, cm³ (null: any)
 * @throws {CoreError} E_NO_SOLUTION for an efficiency at or below the shrinkage, E_RANGE for shares outside 0..1
 * @example
 * feederByShrinkage({ castVolume_cm3: 1500, shrink: 0.06, efficiency: 0.14 }).riserAtLeast_cm3 // 1125
 */
export function feederByShrinkage(input: {
  readonly castVolume_cm3: number;
  readonly shrink: number;
  readonly efficiency: number;
  readonly riserVolume_cm3?: number;
}): { riserAtLeast_cm3: number; enough?: boolean; feedable_cm3?: number | null } {
  const { castVolume_cm3: V } = positives(input, 'castVolume_cm3');
  const alpha = shareOf('shrink', input.shrink);
  const eta = shareOf('efficiency', input.efficiency);
  const own = input.riserVolume_cm3 === undefined ? null : positive('riserVolume_cm3', input.riserVolume_cm3);
  if (eta <= alpha) refuse('E_NO_SOLUTION', 'efficiency', eta, `above the shrinkage of ${alpha}`);
  const riserAtLeast_cm3 = FEEDER_AT_LEAST.of({ alpha, V, eta });
  if (own === null) return { riserAtLeast_cm3 };
  return {
    riserAtLeast_cm3,
    enough: own >= riserAtLeast_cm3 * (1 - 1e-9),
    feedable_cm3: alpha === 0 ? null : ((eta - alpha) * own) / alpha,
  };
}
