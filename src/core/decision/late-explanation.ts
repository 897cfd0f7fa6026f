import { lateBy, PLAN } from '../phased-plans';
import { figure, type ExplainedFigure } from '../explanation';
import { whole } from '../base/numbers';
import type { KeptPlan } from './kept-plan';

/** How late a delivery of a plan comes; plain words in records of earlier builds, which kept no days asked. */
export function lateExplanation(
  { deliveries = [] }: KeptPlan,
  { name, pieces, late_d }: KeptPlan['late'][number],
): string | ExplainedFigure {
  const words = `${whole(late_d)} ${late_d === 1 ? 'day' : 'days'}`;
  const k = deliveries.findIndex((due) => due.name === name && due.pieces === pieces);
  return k < 0 ? words : figure(words, PLAN, lateBy(k));
}
