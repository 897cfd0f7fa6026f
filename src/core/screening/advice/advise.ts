import type { LanePart, PartFacts } from '../../part';
import type { Lane } from '../../catalogue/routes';
import type { Finding } from '..';
import { over, asFinding } from './point';
import { cores } from './cores';
import { draw } from './draw';
import { drawing } from './drawing';
import { metal } from './metal';
import { walls } from './walls';

/**
 * Advice of the trade for one lane: what the drawing should say or show. Advice bars nothing and costs nothing in the
 * sum; where the brief does not give a figure it is shown as a thing to look for.
 *
 * @param facts the part in one alloy
 * @param part the part as the lane makes it
 * @returns one finding a rule that speaks of the route and the metal, in the order of the rules
 * @example
 * adviceFor(facts, entry.lane, part).every((f) => f.reason !== '') // true
 */
export function adviceFor(facts: PartFacts, lane: Lane, part: LanePart): Finding[] {
  const route = lane.route.id;
  return [
    ...walls(facts, lane),
    ...draw(facts, lane),
    ...cores(facts, route),
    ...drawing(facts, lane, part),
    ...metal(facts, route),
  ];
}

/**
 * Advice on making one casting of today's several parts: what a casting costs against today's assembly, both all in.
 * @param allIn money of a casting, all in; @param today of today's assembly, in the same currency
 * @example
 * consolidationAdvice(8, 20).rule // 'dr-consolidate'
 */
export function consolidationAdvice(allIn: number, today: number): Finding {
  return asFinding({
    rule: 'dr-consolidate',
    value: over(allIn, today),
    limit: 1,
    side: 'at-most',
    unit: 'ratio',
    fields: ['today.parts', 'today.joints'],
    kept: 'One casting costs less than today’s assembly. But one damaged corner may scrap the whole.',
    broken: 'Today’s assembly costs less than the casting: merge in steps, or keep the wearing piece apart.',
  });
}
