import { fromRate, fromRoute, chosen, computed } from './symbols';
import type { Context } from './context';
import type { Working, WorkingSymbol } from '../equations';

/** Makes the working of one figure from a lane's context. */
export type Builder = (c: Context) => Omit<Working, 'figure'>;

export const cur = (c: Context): string => c.study.rates.currency.code;
export const variantKey = (c: Context, key: string): string => `variants["${c.entry.lane.id}"].${key}`;
/** Calendar days a working day. */
export const W = (c: Pick<Context, 'study'>): WorkingSymbol =>
  fromRate(
    'W',
    'calendar days a working day',
    c.study.rates.calendar.calendarPerWorkday,
    'calendar.calendarPerWorkday',
  );
export const lambdaSym = (c: Context): WorkingSymbol => {
  const { misrunShare } = c.entry.lane.capability;
  return fromRoute(
    'lambda',
    'share of positions that never fill',
    c.model.lambda,
    'share',
    'misrunShare',
    misrunShare.basis,
    ends(misrunShare.v),
  );
};
export const yieldSym = (c: Context): WorkingSymbol => {
  const { yield: share } = c.entry.lane.capability;
  const range = share[c.model.facts.family];
  return fromRoute(
    'Y',
    'share of the pour that is casting',
    c.model.Y,
    'share',
    'yield',
    share.basis,
    range === undefined ? null : ends(range),
  );
};
export const nSetSym = (c: Context, meaning = 'machining set-ups'): WorkingSymbol =>
  computed('nSet', meaning, c.model.part.nSet, 'set-ups', 'nSet');

const ends = (v: readonly [number, number, number]): readonly [number, number] => [v[0], v[2]];
export const nSym = (c: Context): WorkingSymbol =>
  chosen('n', 'positions in a pour, chosen for the least total', c.plan.n, 'positions');
export const ntSym = (c: Context): WorkingSymbol => chosen('nt', 'cavities of the tool', c.plan.nt, 'cavities');
export const MC = (c: Context): WorkingSymbol =>
  computed('mc', 'cast mass, machining stock included', c.model.part.mc, 'kg', 'mc');
