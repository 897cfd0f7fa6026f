import type { Brief } from '../brief';
import type { CoatingId, HazardId, RateSet } from '../rates';
import type { Alloy } from '../catalogue/alloys';

/** Most that sealing pores can raise the tightness of a route to. */
const MOST_SEALED = 4;

/**
 * Coats that a brief asks for; coated without any named is painted.
 *
 * @example
 * coatsOf({ needs: { coated: true } }) // ['paint']
 */
export const coatsOf = ({ needs }: { readonly needs: Pick<Brief['needs'], 'coated' | 'coating'> }): CoatingId[] =>
  needs.coating !== undefined && needs.coating.length > 0
    ? [...new Set(needs.coating)]
    : needs.coated === true
      ? ['paint']
      : [];

/**
 * What a shop must contain for a metal, and for the bath that is asked for.
 *
 * @param alloy with its hazards
 * @param brief of the part
 * @param containment rows of the rate set
 * @example
 * hazardsOf({ hazards: ['lead', 'molten-metal'] }, { needs: { chromate: true } }, rates.containment)
 * // ['lead', 'chromate']
 */
export function hazardsOf(
  { hazards }: Pick<Alloy, 'hazards'>,
  { needs }: { readonly needs: Pick<Brief['needs'], 'chromate'> },
  containment: RateSet['containment'],
): HazardId[] {
  const rows = Object.keys(containment) as HazardId[];
  return rows.filter((id) => (id === 'chromate' ? needs.chromate === true : hazards.includes(id)));
}

/**
 * Tightness score of a route for a part: sealing its pores adds to it, up to 4.
 *
 * @param score of the route, 1 never to 5 routinely
 * @param brief of the part
 * @param coatings rows of the rate set
 * @example
 * tightnessOf(2, { needs: { coating: ['impregnation'], coated: false } }, rates.coatings) // 3
 */
export function tightnessOf(
  score: number,
  brief: { readonly needs: Pick<Brief['needs'], 'coated' | 'coating'> },
  coatings: RateSet['coatings'],
): number {
  const plus = Math.max(0, ...coatsOf(brief).map((id) => coatings[id].tightPlus ?? 0));
  return plus === 0 ? score : Math.max(score, Math.min(MOST_SEALED, score + plus));
}

/** A mean square roughness over the arithmetic mean of the same face. */
const RQ_OVER_RA = 1.11;

/**
 * Roughness asked of the whole face as an arithmetic mean, µm; a mean square is turned into one.
 *
 * @example
 * roughnessAsked({ Ra_um: null, Rq_um: 1.11, polishAllowed: false, cosmetic: null }) // 1
 */
export const roughnessAsked = ({ Ra_um, Rq_um }: Brief['surface']): number | null =>
  Ra_um ?? (Rq_um === undefined ? null : Rq_um / RQ_OVER_RA);
