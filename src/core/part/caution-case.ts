import type { Brief } from '../brief';
import type { Alloy } from '../catalogue/alloys';
import type { CautionCondition } from '../catalogue/cautions';
import { coatsOf } from './needs';

/**
 * What of a part brings cautions on. What the brief does not say counts as so: a caution is left out only where it is
 * known not to apply.
 *
 * @param brief of the part
 * @param alloy null where none is chosen
 * @example
 * cautionsOf(brief, alloy).has('tooling') // true
 */
export function cautionsOf({ needs, geometry }: Brief, alloy: Alloy | null): ReadonlySet<CautionCondition> {
  const so = new Set<CautionCondition>(['tooling']);
  const open = (answer: boolean | null | undefined): boolean => answer !== false;
  if (open(needs.xray)) so.add('needs.xray');
  if (open(needs.gasTest)) so.add('needs.gasTest');
  // A leak test that is said to be done with water or dye brings no gas.
  if (open(needs.pressureTight) && needs.gasTest !== false) so.add('needs.pressureTight');
  if (open(needs.heatTreated)) so.add('needs.heatTreated').add('quench');
  if (geometry.passages !== 0 || geometry.undercuts !== 0) so.add('cores');
  if (coatsOf({ needs }).includes('passivate')) so.add('passivate');
  if (alloy === null || alloy.family === 'titanium') so.add('titanium');
  return so;
}
