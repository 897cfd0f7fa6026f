import { ceilGuarded, notNegative, positive, positives } from '../../base/checks';
import { G } from '../constants';
import { formula } from '../formula';
import { safetyOf } from './lift';

const SAFETY = 1.5;
const SPACING_MM = 400;
const LEAST_CLAMPS = 2;

export const CLAMP_NEED = /* @__PURE__ */ formula({
  id: 'force.flask-clamps',
  out: 'need_N',
  title: 'Force that the clamps must hold',
  unit: 'N',
  expression: 'max(0, safety * lift - g * cope)',
  symbols: {
    safety: ['safety', '1'],
    lift: ['lift of metal and cores', 'N'],
    g: ['gravity', 'm/s²'],
    cope: ['mass of the cope', 'kg'],
  },
});

/**
 * Clamps or weights round a flask: number, place and load (formula force.flask-clamps). The lift is near the middle; for one off
 * the centre check the moment. A count below `clamps` is refused, never hinted at.
 *
 * @param input.lift_N of metal and cores; input.copeMass_kg (0); input.safety (1.5); input.capacity_N of a clamp; input.length_mm and
 *   width_mm of the joint; input.spacing_mm most between clamps (400); input.weightEach_kg of weights in their place
 * @returns force, N; clamps by force, by spacing and in all (even, at least two); pitch, mm, null without; load of each, N, and its
 *   share of the capacity; places [x, y] in mm from a corner; weights
 * @throws {CoreError} E_RANGE for a safety below 1
 * @example
 * flaskClamps({ lift_N: 1278, copeMass_kg: 75, capacity_N: 800, length_mm: 600, width_mm: 450 }).clamps // 6
 */
export function flaskClamps(input: {
  readonly lift_N: number;
  readonly copeMass_kg?: number;
  readonly safety?: number;
  readonly capacity_N: number;
  readonly length_mm: number;
  readonly width_mm: number;
  readonly spacing_mm?: number;
  readonly weightEach_kg?: number;
}): {
  need_N: number;
  byForce: number;
  bySpacing: number;
  clamps: number;
  pitch_mm: number | null;
  load_N: number;
  use: number;
  places_mm: [number, number][];
  weights?: number;
} {
  const v = positives(input, 'capacity_N', 'length_mm', 'width_mm');
  const lift = notNegative('lift_N', input.lift_N);
  const cope = notNegative('copeMass_kg', input.copeMass_kg ?? 0);
  const spacing = positive('spacing_mm', input.spacing_mm ?? SPACING_MM);
  const each = input.weightEach_kg === undefined ? null : positive('weightEach_kg', input.weightEach_kg);
  const safety = safetyOf(input.safety ?? SAFETY);
  const need_N = CLAMP_NEED.of({ safety, lift, g: G, cope });
  const weights = each === null ? {} : { weights: ceilGuarded(need_N / (G * each)) };
  if (need_N <= 0)
    return {
      ...{ need_N: 0, byForce: 0, bySpacing: 0, clamps: 0, pitch_mm: null, load_N: 0, use: 0, places_mm: [] },
      ...weights,
    };
  const around = 2 * (v.length_mm + v.width_mm);
  const byForce = ceilGuarded(need_N / v.capacity_N);
  const bySpacing = ceilGuarded(around / spacing);
  const least = Math.max(LEAST_CLAMPS, byForce, bySpacing);
  const clamps = least + (least % 2);
  const pitch_mm = around / clamps;
  const load_N = need_N / clamps;
  return {
    ...{ need_N, byForce, bySpacing, clamps, pitch_mm, load_N, use: load_N / v.capacity_N },
    places_mm: Array.from({ length: clamps }, (_, i) => placeAt((i + 0.5) * pitch_mm, v.length_mm, v.width_mm)),
    ...weights,
  };
}

/** The place so far round a joint from its corner, along the length first. */
function placeAt(along: number, length: number, width: number): [number, number] {
  if (along <= length) return [along, 0];
  if (along <= length + width) return [length, along - length];
  if (along <= 2 * length + width) return [2 * length + width - along, width];
  return [0, 2 * (length + width) - along];
}
