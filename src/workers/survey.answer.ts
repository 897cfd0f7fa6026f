import { alloyPairs } from '@/core/alloy-choice';
import { prepareStudy, surveyOf } from '@/core/board';
import { CoreError } from '@/core/errors';
import { runVector } from '@/core/formulas';
import { relaxations, requirementCosts, type Relaxations } from '@/core/requirements';
import { SHIPPED_RATES } from '@/core/rates';
import type { SurveyAnswer, SurveyRequest } from './survey.protocol';

/** The relaxed studies of the brief asked about last: another quantity of the same brief costs only boards. */
let kept: { readonly key: string; readonly readied: Relaxations } | null = null;

/** Answers one request by calling the same core as everybody; never throws. */
export function answer(request: SurveyRequest): SurveyAnswer {
  try {
    if (request.kind === 'cases') return { id: request.id, kind: 'cases', results: request.cases.map(runVector) };
    const start = performance.now();
    if (request.kind === 'alloys') {
      const { id, kind, brief, school, q } = request;
      const pairs = alloyPairs(brief, school, SHIPPED_RATES, q);
      return { id, kind, pairs, q, ms: performance.now() - start };
    }
    if (request.kind === 'requirements') {
      const { id, kind, brief, school, q, orderDate } = request;
      const key = JSON.stringify([brief, school]);
      if (kept?.key !== key) kept = { key, readied: relaxations(prepareStudy(brief, school)) };
      const costs = requirementCosts(kept.readied, q, orderDate);
      return { id, kind, costs, q, ms: performance.now() - start };
    }
    const survey = surveyOf(prepareStudy(request.brief, request.school));
    return { id: request.id, kind: 'survey', survey, ms: performance.now() - start };
  } catch (error) {
    const issue = error instanceof CoreError ? error.issue : null;
    return { id: request.id, kind: 'refused', issue, message: error instanceof Error ? error.message : String(error) };
  }
}
