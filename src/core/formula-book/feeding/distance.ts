import { ceilGuarded, notNegative, oneOf, positive } from '../../base/checks';
import { MM_PER_INCH } from '../../base/units';
import { formula } from '../formula';
import { FEED_REACH, RANGED_FAMILIES, REACH_BY_RANGE } from './distance.data';

const FAMILIES = [...Object.keys(FEED_REACH), ...RANGED_FAMILIES];

/** What a natural end of a bar adds to √thickness where a plate’s is 4.5 thicknesses: 6√T in inches. */
const BAR_END = 6 * Math.sqrt(MM_PER_INCH);
const BAR_MIDDLE = 1.2;
const PLATE_OF_BAR = 4.5;
const CHILL_MM = 50;

/** Constants of the rule, by the symbols of its expression. */
export const FEED_CONSTANTS = { chill: CHILL_MM, bar: BAR_END, barMiddle: BAR_MIDDLE, plate: PLATE_OF_BAR } as const;

export const FEED_DISTANCE = /* @__PURE__ */ formula({
  id: 'feed.distance',
  out: 'distance_mm',
  title: 'How far a feeder reaches from its edge',
  unit: 'mm',
  expression: {
    'plate natural': 'e * T',
    'plate chilled': 'e * T + chill',
    'plate none': 'm * T',
    'bar natural': 'bar * e / plate * sqrt(T)',
    'bar chilled': 'bar * e / plate * sqrt(T) + T',
    'bar none': 'barMiddle * T * e / plate',
  },
  symbols: {
    e: ['thicknesses reached towards an end', '1'],
    m: ['thicknesses reached between two feeders', '1'],
    T: ['thickness', 'mm'],
    chill: ['what a chilled end adds', 'mm'],
    bar: ['reach of a bar of 1 mm whose family reaches as many thicknesses as steel', 'mm'],
    barMiddle: ['thicknesses of a bar of such a family between two feeders', '1'],
    plate: ['thicknesses that steel reaches in a plate', '1'],
  },
});

/**
 * How far a feeder reaches (formula feed.distance), from its edge. Radiographic soundness; alloys of long range show dispersed
 * porosity whatever the distance.
 *
 * @param input.family of the alloy; input.freezing short, medium or long, needed for aluminium, copper and precious;
 *   input.shape plate or bar; input.thickness_mm; input.end natural, chilled or none (towards another feeder)
 * @returns distance in mm
 * @throws {CoreError} E_KEY for an unknown word, or a freezing range that counts and is not said
 * @example
 * feedDistance({ family: 'steel', shape: 'plate', thickness_mm: 30, end: 'natural' }).distance_mm // 135
 */
export function feedDistance(input: {
  readonly family: string;
  readonly freezing?: string;
  readonly shape: string;
  readonly thickness_mm: number;
  readonly end: string;
}): { distance_mm: number } {
  const T = positive('thickness_mm', input.thickness_mm);
  const { e, m } = reachOf(input.family, input.freezing);
  const shape = oneOf('shape', input.shape, ['plate', 'bar'] as const);
  const end = oneOf('end', input.end, ['natural', 'chilled', 'none'] as const);
  return { distance_mm: FEED_DISTANCE.of({ e, m, T, ...FEED_CONSTANTS }, `${shape} ${end}`) };
}

/**
 * Thicknesses that a feeder reaches towards an end (e) and between two feeders (m).
 *
 * @throws {CoreError} E_KEY for an unknown family, or a freezing range that counts and is not said
 * @example
 * reachOf('steel', undefined).e // 4.5
 */
export function reachOf(family: string, freezing: string | undefined): { e: number; m: number } {
  const known = oneOf('family', family, FAMILIES);
  const reach = FEED_REACH[known] ?? REACH_BY_RANGE[oneOf('freezing', freezing, ['short', 'medium', 'long'] as const)];
  return { e: reach.end, m: reach.middle };
}

export const FEEDER_COUNT = /* @__PURE__ */ formula({
  id: 'feed.riser-count',
  out: 'count',
  title: 'Feeders along a length',
  unit: '1',
  expression: 'max(1, ceil((L - 2 * e + 2 * m) / (D + 2 * m)))',
  symbols: {
    L: ['length', 'mm'],
    D: ['diameter of a feeder', 'mm'],
    e: ['reach towards an end', 'mm'],
    m: ['reach between two', 'mm'],
  },
});

/**
 * Feeders along a straight run of even section (formula feed.riser-count), both ends natural.
 *
 * @param input.length_mm; input.riserDiameter_mm; input.endDistance_mm towards an end; input.midDistance_mm between two
 * @returns feeders, and the length that they cover, mm
 * @throws {CoreError} E_SIGN for negatives
 * @example
 * feederCount({ length_mm: 900, riserDiameter_mm: 100, endDistance_mm: 135, midDistance_mm: 60 }).count // 4
 */
export function feederCount(input: {
  readonly length_mm: number;
  readonly riserDiameter_mm: number;
  readonly endDistance_mm: number;
  readonly midDistance_mm: number;
}): { count: number; covered_mm: number } {
  const L = positive('length_mm', input.length_mm);
  const D = positive('riserDiameter_mm', input.riserDiameter_mm);
  const e = notNegative('endDistance_mm', input.endDistance_mm);
  const m = notNegative('midDistance_mm', input.midDistance_mm);
  const count = Math.max(1, ceilGuarded(FEEDER_COUNT.of({ L, D, e, m })));
  return { count, covered_mm: 2 * e + count * D + (count - 1) * 2 * m };
}
