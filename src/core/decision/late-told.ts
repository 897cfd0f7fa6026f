import { lateBy, PLAN } from '../phased-plans';
import { figure, type ToldFigure } from '../explanation';
import { whole } from '../base/numbers';
import type { KeptPlan } from './kept-plan';

/** How late a delivery of a plan comes; plain words in records of earlier builds, which kept no days asked. */
export function lateTold(
  { dues = [] }: KeptPlan,
  { name, pieces, late_d }: KeptPlan['late'][number],
): string | ToldFigure {
  const words = `${whole(late_d)} ${late_d === 1 ? 'day' : 'days'}`;
  const k = dues.findIndex((due) => due.name === name && due.pieces === pieces);
  return k < 0 ? words : figure(words, PLAN, lateBy(k));
}
