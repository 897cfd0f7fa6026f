import type { Figure, ValueSource } from '../base/figures';
import type { Brief } from '../brief';
import type { Capability, Lane } from '../catalogue/routes';
import type { PartFacts } from '../part';
import type { RateSet } from '../rates';

/** Figures of the method that a study adopted for a lane. */
export type Adopted = NonNullable<Brief['overrides']['adopted']>[string];

/** Whose values a lane stands on, beside the book’s. */
export const METHOD_SAYS = 'the method';

/**
 * A lane with the yield, warm-up and lost places that its method came to.
 *
 * @param facts of the part; null leaves the lane as it is
 * @example
 * laneAdopted(entry.lane, undefined, study.facts) === entry.lane // true
 */
export function laneAdopted(lane: Lane, adopted: Adopted | undefined, facts: PartFacts | null): Lane {
  if (adopted === undefined || facts === null) return lane;
  const c: { -readonly [K in keyof Capability]: Capability[K] } = { ...lane.capability };
  const sources: Record<string, ValueSource> = { ...lane.sources };
  const from: ValueSource = { who: METHOD_SAYS, known: 'assumed', source: 'adopted by the study', date: adopted.date };
  if (adopted.yield !== undefined) {
    const y = adopted.yield;
    c.yield = { ...c.yield, [facts.family]: [y, y, y], basis: 'shop' };
    sources['yield'] = from;
  }
  if (adopted.warmUpPours !== undefined) {
    const w = adopted.warmUpPours;
    c.warmUpPours = { ...c.warmUpPours, v: [w, w, w], basis: 'shop' };
    sources['warmUpPours'] = from;
  }
  if (adopted.lostShare !== undefined) {
    const s = adopted.lostShare;
    c.positionsLost = { ...c.positionsLost, v: [s, s, s], basis: 'shop', from_n: 2 };
    sources['positionsLost'] = from;
  }
  return { ...lane, capability: c, sources };
}

/**
 * Rates of a lane with the dwell and the cooling that its method came to.
 *
 * @example
 * ratesAdopted(rates, 'gravity-die/hand', undefined, study.facts) === rates // true
 */
export function ratesAdopted(
  rates: RateSet,
  laneId: string,
  adopted: Adopted | undefined,
  facts: PartFacts | null,
): RateSet {
  if (adopted === undefined || facts === null) return rates;
  const own = (was: Figure | undefined, v: number): Figure => ({
    ...was,
    ...{ v: [v, v, v], basis: 'shop', note: `${METHOD_SAYS}, ${adopted.date}` },
  });
  let out = rates;
  const film = rates.variants[laneId]?.cycle?.film;
  const family = rates.families[facts.ratesFamily];
  if (adopted.dwell_s_mm !== undefined && film !== undefined && family !== undefined)
    out = {
      ...out,
      families: {
        ...out.families,
        [facts.ratesFamily]: {
          ...family,
          dwell: { ...family.dwell, [film]: own(family.dwell?.[film], adopted.dwell_s_mm) },
        },
      },
    };
  const kind = laneId.startsWith('shell-') ? 'shell' : laneId.startsWith('flask-') ? 'flask' : null;
  const row = kind === null ? undefined : out.cooling[kind][facts.alloy.family];
  if (adopted.cooling_h !== undefined && kind !== null && row !== undefined)
    out = {
      ...out,
      cooling: {
        ...out.cooling,
        [kind]: {
          ...out.cooling[kind],
          [facts.alloy.family]: { ...row, base_h: own(row.base_h, adopted.cooling_h), perMm_h: own(row.perMm_h, 0) },
        },
      },
    };
  return out;
}
