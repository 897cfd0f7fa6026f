import { chosen, type Working, type WorkingSymbol } from '../../equations';
import type { Context } from './context';

/** Makes the working of one figure from a lane's context. */
export type Builder = (c: Context) => Omit<Working, 'figure'>;

export const cur = (c: Context): string => c.study.rates.currency.code;
export const nSym = (c: Context): WorkingSymbol =>
  chosen('n', 'positions per pour, chosen for the least total', c.plan.n, 'positions');
