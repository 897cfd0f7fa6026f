import { prepareStudy, surveyOf } from '@/core/board';
import { CoreError } from '@/core/errors';
import { runVector } from '@/core/formulas';
import type { SurveyAnswer, SurveyRequest } from './survey.protocol';

/** Answers one request by calling the same core as everybody; never throws. */
export function answer(request: SurveyRequest): SurveyAnswer {
  try {
    if (request.kind === 'cases') return { id: request.id, kind: 'cases', results: request.cases.map(runVector) };
    const start = performance.now();
    const survey = surveyOf(prepareStudy(request.brief, request.school));
    return { id: request.id, kind: 'survey', survey, ms: performance.now() - start };
  } catch (error) {
    const issue = error instanceof CoreError ? error.issue : null;
    return { id: request.id, kind: 'refused', issue, message: error instanceof Error ? error.message : String(error) };
  }
}
