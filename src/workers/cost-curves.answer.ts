import { alloyPairs } from '@/core/comparison/alloys';
import { prepareStudy } from '@/core/study';
import { costCurvesOf } from '@/core/comparison/board';
import { effectsOf } from '@/core/comparison/next-fields';
import { CoreError } from '@/core/base/errors';
import { relaxations, requirementCosts, type Relaxations } from '@/core/comparison/requirements';
import { everyAlloy, pricedAlloy, ratesOf } from '@/core/rates';
import type { CostCurvesAnswer, CostCurvesRequest } from './cost-curves.protocol';

/** The relaxed studies of the brief asked about last: another quantity of the same brief costs only boards. */
let kept: { readonly key: string; readonly readied: Relaxations } | null = null;

/** Answers one request by calling the same core as everybody; never throws. */
export function answer(request: CostCurvesRequest): CostCurvesAnswer {
  try {
    const start = performance.now();
    const { id, brief, school } = request;
    const rates = ratesOf(request.rates);
    if (request.kind === 'alloys') {
      const { kind, q } = request;
      const pairs = alloyPairs(brief, school, rates, q);
      const alloys = everyAlloy(rates).map((alloy) => pricedAlloy(alloy, rates));
      return { id, kind, pairs, alloys, q, ms: performance.now() - start };
    }
    if (request.kind === 'requirements') {
      const { kind, q, orderDate } = request;
      const key = JSON.stringify([brief, school, request.rates]);
      if (kept?.key !== key) kept = { key, readied: relaxations(prepareStudy(brief, school, rates)) };
      const costs = requirementCosts(kept.readied, q, orderDate);
      return { id, kind, costs, q, ms: performance.now() - start };
    }
    if (request.kind === 'next-fields') {
      const { kind, paths, q } = request;
      return { id, kind, effects: effectsOf(brief, school, rates, paths, q), ms: performance.now() - start };
    }
    const curves = costCurvesOf(prepareStudy(brief, school, rates));
    return { id, kind: 'cost-curves', curves, ms: performance.now() - start };
  } catch (error) {
    const issue = error instanceof CoreError ? error.issue : null;
    return { id: request.id, kind: 'refused', issue, message: error instanceof Error ? error.message : String(error) };
  }
}
