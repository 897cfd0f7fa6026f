import { plainMoney } from '../comparison/board';
import { prepareStudy } from '../study';
import { ALONE, PLAN, type PlanChoice } from '../phased-plans';
import { sentence } from '../simulation';
import { CoreError } from '../base/errors';
import type { RateSet } from '../rates';
import { shortName } from '../catalogue/routes';
import { figureOf, explain, type Explanation } from '../explanation';
import { keptPlan } from './kept-plan';
import { lateExplanation } from './late-explanation';
import { COST_RISE_LIMIT, UNMOVED, type StandingResult, type Signed, type StandingState } from './standing-kinds';

/** A signed plan in two steps with other rates: overturned where a route alone now delivers as soon for no more. */
export function planStanding(signed: Signed, choice: PlanChoice, rates: RateSet): StandingResult {
  const kept = (set: RateSet) =>
    keptPlan(prepareStudy(signed.brief, signed.school, set), signed.quantity, signed.orderDate, choice);
  try {
    const [was, is] = [kept(signed.rates), kept(rates)];
    const say = (state: StandingState, explanation: Explanation): StandingResult => ({
      state,
      explanation,
      plans: { signed: was, today: is },
    });
    const code = rates.currency.code;
    const before = figureOf('signed', plainMoney(was.total, signed.rates.currency.code), PLAN, 'total');
    const moved = explain`${before} in total when signed, ${figureOf('today', plainMoney(is.total, code), PLAN, 'total')} now`;
    const paid = was.single === null || was.total < was.single.total;
    if (paid && is.single !== null && is.single.total <= is.total)
      return say(
        'overturned',
        explain`${sentence(shortName(is.single.laneId))} alone now delivers as soon for ${figureOf('today', plainMoney(is.single.total, code), ALONE, 'total')}; the plan was ${moved}.`,
      );
    const [worst] = is.late;
    if (worst !== undefined && is.late.length > was.late.length) {
      const late = lateExplanation(is, worst);
      const by = typeof late === 'string' ? late : { ...late, at: 'today' as const };
      return say('weaker', explain`${sentence(worst.name)} now comes ${by} late; the plan was ${moved}.`);
    }
    if (is.total > was.total * (1 + COST_RISE_LIMIT))
      return say(
        'weaker',
        explain`The plan is ${Math.round(100 * (is.total / was.total - 1))} % more expensive: ${moved}.`,
      );
    return say('stands', is.total === was.total ? [UNMOVED] : explain`The plan was ${moved}; its place holds.`);
  } catch (error) {
    if (!(error instanceof CoreError)) throw error;
    const { accepted, field } = error.issue;
    return {
      state: 'overturned',
      explanation: explain`The plan can no longer be made: ${String(accepted)} is wanted for ${field}.`,
      plans: null,
    };
  }
}
