import { boardAt } from '../../comparison/board';
import { prepareStudy } from '../../study';
import { parseBrief } from '../../brief';
import { runOf } from '../../equations';
import { refuse } from '../../base/errors';
import { EQUATIONS } from '../model-document';
import briefs from './cases/briefs.json';
import type { Formula } from './registry';

const FORMS = new Set(EQUATIONS.flatMap(({ equations }) => equations.flatMap((e) => [...e.forms])));

/**
 * One equation of the model in one of its forms, as the board works it out.
 * @param input.form the expression @param input.values what its symbols stand for, in their units
 * @throws {CoreError} E_KEY for a form that no equation has
 */
export function modelEquation(input: {
  readonly form: string;
  readonly values: Readonly<Record<string, number | readonly number[]>>;
}): { readonly value: number } {
  if (!FORMS.has(input.form)) return refuse('E_KEY', 'form', input.form, 'a form of an equation of the model');
  return { value: runOf(input.form)(input.values) };
}

/**
 * The figures of one lane or baseline of the board, from the brief on.
 * @param input.brief name of a worked brief @param input.id lane or baseline @param input.quantity pieces, whole
 * @throws {CoreError} E_KEY for a brief, lane or baseline that is not known
 */
export function boardFigures(input: {
  readonly brief: string;
  readonly id: string;
  readonly quantity: number;
}): object {
  const kept = (briefs as Readonly<Record<string, unknown>>)[input.brief];
  if (kept === undefined) return refuse('E_KEY', 'brief', input.brief, Object.keys(briefs).join(' | '));
  const read = parseBrief(kept);
  if (!read.ok) return refuse('E_KEY', 'brief', input.brief, 'a brief that can be read');
  const board = boardAt(prepareStudy(read.brief), input.quantity);
  const lane = board.lanes.find((l) => l.id === input.id);
  if (lane !== undefined)
    return {
      status: lane.status,
      ...(lane.money === null
        ? {}
        : {
            total: lane.money.total,
            allIn: lane.money.allIn,
            unit: lane.money.unit,
            tooling: lane.money.tooling,
            lines: lane.money.lines,
            positions: lane.money.plan.n,
          }),
      ...(lane.dates === null ? {} : { firstArticle_d: lane.dates.firstArticle_d, lastPart_d: lane.dates.lastPart_d }),
    };
  const baseline = board.baselines.find((b) => b.id === input.id);
  if (baseline === undefined)
    return refuse('E_KEY', 'id', input.id, [...board.lanes, ...board.baselines].map((x) => x.id).join(' | '));
  const { status, total, unit, tooling, firstArticle_d, lastPart_d } = baseline;
  return { status, total, unit, tooling, firstArticle_d, lastPart_d };
}

/** What the board is made of, beside the formula book. */
export const MODEL_FORMULAS: Readonly<Record<string, Formula>> = {
  'model.equation': modelEquation,
  'model.board': boardFigures,
};
