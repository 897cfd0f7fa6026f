import { LIMIT_GUARD, notNegative, positive, wholeNumber, within } from '../../base/checks';
import { formula } from '../formula';

const PER_PERSON_KG = 20;
const MOST_FILL = 0.85;

export const LADLE_LIMIT = /* @__PURE__ */ formula({
  id: 'safe.ladle',
  out: 'metalLimit_kg',
  title: 'Metal that may be carried',
  unit: 'kg',
  expression: 'carriers * limit - tare',
  symbols: {
    carriers: ['people who carry', '1'],
    limit: ['load of one', 'kg'],
    tare: ['ladle', 'kg'],
  },
});

/**
 * Whether a hand or shank ladle may be carried (formula safe.ladle): level floor, short way, both hands. Above it: monorail, bogie or crane.
 *
 * @param input.metal_kg; input.tare_kg of the ladle; input.carriers 1 or 2; input.perPerson_kg (20); input.ladleVolume_cm3 with rho_kg_m3 and
 *   maxFill (0.85)
 * @returns load, kg; metal allowed, kg; how full it is, where its volume is said; whether it may be carried
 * @throws {CoreError} E_RANGE for three carriers and more
 * @example
 * ladleCarry({ metal_kg: 18, tare_kg: 6, carriers: 1 }).metalLimit_kg // 14
 */
export function ladleCarry(input: {
  readonly metal_kg: number;
  readonly tare_kg: number;
  readonly carriers: number;
  readonly perPerson_kg?: number;
  readonly ladleVolume_cm3?: number;
  readonly rho_kg_m3?: number;
  readonly maxFill?: number;
}): { total_kg: number; metalLimit_kg: number; fill?: number; ok: boolean } {
  const metal = positive('metal_kg', input.metal_kg);
  const tare = notNegative('tare_kg', input.tare_kg);
  const limit = positive('perPerson_kg', input.perPerson_kg ?? PER_PERSON_KG);
  const carriers = within('carriers', wholeNumber('carriers', input.carriers, 1), 1, 2);
  const metalLimit_kg = LADLE_LIMIT.of({ carriers, limit, tare });
  const light = metal <= metalLimit_kg + LIMIT_GUARD;
  const plain = { total_kg: metal + tare, metalLimit_kg };
  if (input.ladleVolume_cm3 === undefined) return { ...plain, ok: light };
  const volume = positive('ladleVolume_cm3', input.ladleVolume_cm3);
  const rho = positive('rho_kg_m3', input.rho_kg_m3);
  const most = within('maxFill', positive('maxFill', input.maxFill ?? MOST_FILL), 0, 1);
  const fill = ((metal / rho) * 1e6) / volume;
  return { ...plain, fill, ok: light && fill <= most + LIMIT_GUARD };
}
