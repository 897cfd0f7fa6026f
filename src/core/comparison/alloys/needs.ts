import type { Alloy, AlloyCondition } from '../../catalogue/alloys';
import type { Brief } from '../../brief';

/** Where a part lives, as alloys are scored by it. */
export type Environment = 'indoor' | 'outdoor' | 'marine' | 'hot';

/** What a part needs of its metal. Null asks for nothing. */
export interface AlloyNeeds {
  readonly yieldMin_MPa: number | null;
  readonly elongationMin_pct: number | null;
  readonly densityMax_kg_m3: number | null;
  readonly priceMax_USD_kg: number | null;
  readonly environment: Environment | null;
  readonly leadFree: boolean;
  readonly pressureTight: boolean;
}

export const NO_NEEDS: AlloyNeeds = {
  yieldMin_MPa: null,
  elongationMin_pct: null,
  densityMax_kg_m3: null,
  priceMax_USD_kg: null,
  environment: null,
  leadFree: false,
  pressureTight: false,
};

/**
 * What a brief needs of its metal: its limits, and those of its other needs that a metal answers.
 *
 * @example
 * Object.keys(needsOfBrief(brief)).length > 0 // true
 */
export function needsOfBrief({ alloyLimits, needs }: Brief): AlloyNeeds {
  return {
    ...alloyLimits,
    environment: needs.environment,
    leadFree: needs.leadFree === true,
    pressureTight: needs.pressureTight === true,
  };
}

/**
 * The brief with other needs of its metal. A need given up that the brief had not named stays not named; the first
 * limit given turns the brief from one alloy to whatever meets its needs.
 *
 * @example
 * withNeeds(brief, { ...needsOfBrief(brief), densityMax_kg_m3: 3000 }).alloyMode // 'needs'
 */
export function withNeeds(brief: Brief, next: AlloyNeeds): Brief {
  const { environment, leadFree, pressureTight, ...alloyLimits } = next;
  const limited = Object.values(alloyLimits).some((x) => x !== null);
  const answer = (now: boolean, before: boolean | null): boolean | null =>
    now ? true : before === null ? null : false;
  return {
    ...brief,
    alloyMode: limited && brief.alloyMode === 'one' ? 'needs' : brief.alloyMode,
    alloyLimits,
    needs: {
      ...brief.needs,
      environment,
      leadFree: answer(leadFree, brief.needs.leadFree),
      pressureTight: answer(pressureTight, brief.needs.pressureTight),
    },
  };
}

/** Least score of 5 that will do: 3 stands it with care, 1 and 2 do not. */
const LEAST_SCORE = 3;

/** One need an alloy does not meet: which, what it has, and in words. */
export interface Miss {
  readonly need: keyof AlloyNeeds;
  /** What the alloy has; null where the table has no figure, which is never passed silently. */
  readonly has: number | null;
  readonly words: string;
}

/**
 * The condition of an alloy that meets a strength and an elongation together, or, where none does, the one that comes
 * nearest: strength and elongation of two conditions are never mixed.
 * @returns null for an alloy without conditions
 * @example
 * bestCondition(alloy, needsOfBrief(brief)) !== null // true
 */
export function bestCondition(alloy: Alloy, needs: AlloyNeeds): AlloyCondition | null {
  const lack = (c: AlloyCondition): number =>
    shortfall(c.yield_MPa, needs.yieldMin_MPa) + shortfall(c.elongation_pct, needs.elongationMin_pct);
  return alloy.conditions.reduce<AlloyCondition | null>((p, n) => (p === null || lack(n) < lack(p) ? n : p), null);
}

/** Share by which a value falls short of what is asked; a value that is not known falls short wholly. */
function shortfall(has: number | null, least: number | null): number {
  if (least === null || least <= 0) return 0;
  return has === null ? 1 : Math.max(0, 1 - has / least);
}

/**
 * The needs an alloy does not meet, in the order of the needs; empty when it meets all.
 *
 * @example
 * missesOf(alloy, needsOfBrief(brief)) // []
 */
export function missesOf(alloy: Alloy, needs: AlloyNeeds): Miss[] {
  const out: Miss[] = [];
  const condition = bestCondition(alloy, needs);
  const atLeast = (need: keyof AlloyNeeds, has: number | null, least: number | null, what: string): void => {
    if (least !== null && (has === null || has < least))
      out.push({ need, has, words: has === null ? `${what} not known` : `${what} too low` });
  };
  const atMost = (need: keyof AlloyNeeds, has: number, most: number | null, what: string): void => {
    if (most !== null && has > most) out.push({ need, has, words: what });
  };
  atLeast('yieldMin_MPa', condition?.yield_MPa ?? null, needs.yieldMin_MPa, 'yield strength');
  atLeast('elongationMin_pct', condition?.elongation_pct ?? null, needs.elongationMin_pct, 'elongation');
  atMost('densityMax_kg_m3', alloy.density_kg_m3, needs.densityMax_kg_m3, 'too heavy');
  atMost('priceMax_USD_kg', alloy.price_USD_kg[1], needs.priceMax_USD_kg, 'too expensive');
  if (needs.environment !== null && alloy.corrosion[needs.environment] < LEAST_SCORE)
    out.push({
      need: 'environment',
      has: alloy.corrosion[needs.environment],
      words: {
        indoor: 'suffers indoors',
        outdoor: 'suffers outdoors',
        marine: 'suffers at sea',
        hot: 'suffers in heat',
      }[needs.environment],
    });
  if (needs.leadFree && !alloy.leadFree)
    out.push({
      need: 'leadFree',
      has: alloy.leadMax_pct,
      words: alloy.leadFreeToOrder ? 'free of lead only to order' : 'holds lead',
    });
  if (needs.pressureTight && alloy.pressureTightness < LEAST_SCORE)
    out.push({ need: 'pressureTight', has: alloy.pressureTightness, words: 'leaks' });
  return out;
}
