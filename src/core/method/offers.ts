import { likely } from '../base/figures';
import type { Adopted, StudyLane } from '../study';
import type { Method } from './types';

/** A figure of the method that a study may take in place of the book’s. */
export interface MethodOffer {
  readonly id: 'dwell_s_mm' | 'yield' | 'warmUpPours' | 'lostShare' | 'cooling_h';
  readonly title: string;
  readonly unit: string;
  /** What the lane stands on now; null where it has none. */
  readonly was: number | null;
  readonly now: number;
  /** Figure of the method it is made of. */
  readonly figure: string;
}

const S_PER_H = 3600;
const DIGITS = 4;
const neat = (x: number): number => Number(x.toPrecision(DIGITS));

/**
 * What a method offers its study: dwell, yield, warm-up, places that do not fill, cooling.
 *
 * @param method as it was worked out; entry the lane of the study it is of
 * @returns figures in their units, each with what the lane stands on now
 * @example
 * methodOffers(method, dieLane).map((o) => o.id)[0] // 'dwell_s_mm'
 */
export function methodOffers(method: Method, entry: StudyLane): MethodOffer[] {
  const { lane, model, rates } = entry;
  const figures = new Map(method.figures.map((f) => [f.id, f.value]));
  const givens = new Map(method.givens.map((g) => [g.id, g.value]));
  const out: MethodOffer[] = [];
  const { facts } = model ?? {};
  if (model === null || facts === undefined) return out;
  const offer = (
    id: MethodOffer['id'],
    title: string,
    unit: string,
    was: number | null,
    now: number | undefined,
    figure: string,
  ): void => {
    if (now !== undefined && Number.isFinite(now)) out.push({ id, title, unit, was, now: neat(now), figure });
  };
  const dwell = figures.get('dwell');
  const section = givens.get('section') ?? 0;
  if (dwell !== undefined && model.v.cycle !== undefined && section > 0)
    offer('dwell_s_mm', 'Dwell by millimetre of section', 's/mm', model.dwell, dwell / section, 'dwell');
  const poured = figures.get('yield');
  if (poured !== undefined)
    offer('yield', 'Yield of a pour', '1', model.Y, Math.min(0.99, Math.max(0.02, poured)), 'yield');
  const warm = figures.get('warmUpPours');
  if (warm !== undefined) offer('warmUpPours', 'Warm-up pours', '1', model.warmUp, Math.min(500, warm), 'warmUpPours');
  const good = figures.get('goodPlaces');
  const places = method.places.length;
  if (good !== undefined && places > 1)
    offer(
      ...(['lostShare', 'Share of places that do not fill', '1'] as const),
      ...([lane.capability.positionsLost.v[1], Math.min(0.95, 1 - good / places), 'goodPlaces'] as const),
    );
  const opened = figures.get('shakeOut');
  const kind = lane.id.startsWith('shell-') ? 'shell' : lane.id.startsWith('flask-') ? 'flask' : null;
  const row = kind === null ? undefined : rates.cooling[kind][facts.alloy.family];
  if (opened !== undefined && row !== undefined)
    offer(
      ...(['cooling_h', 'Cooling before knock-out', 'h'] as const),
      ...([
        likely(row.base_h) + likely(row.perMm_h) * (facts.t ?? facts.w ?? 0),
        opened / S_PER_H,
        'shakeOut',
      ] as const),
    );
  return out;
}

/**
 * What a study adopts of a method’s offers.
 *
 * @param offers those it takes; date ISO
 * @example
 * adoptedOf([], '2027-01-04') // { date: '2027-01-04' }
 */
export const adoptedOf = (offers: readonly MethodOffer[], date: string): Adopted => ({
  date,
  ...Object.fromEntries(offers.map(({ id, now }) => [id, now])),
});
