import { fromAlloy, fromBrief, fromRate, fromRoute, chosen, computed } from './symbols';
import type { Context } from './context';
import type { Working, WorkingSymbol } from './types';

/** Makes the working of one figure from a lane's context. */
export type Builder = (c: Context) => Omit<Working, 'figure'>;

export const cur = (c: Context): string => c.study.rates.currency.code;
export const variantKey = (c: Context, key: string): string => `variants["${c.entry.lane.id}"].${key}`;
export const fx = (c: Context): WorkingSymbol => ({
  ...fromRate('fx', 'study currency per USD', { v: c.fx, unit: `${cur(c)}/USD`, basis: 'assumed' }, 'currency.perUnit'),
});
/** Calendar days a working day. */
export const W = (c: Pick<Context, 'study'>): WorkingSymbol =>
  fromRate(
    'W',
    'calendar days a working day',
    c.study.rates.calendar.calendarPerWorkday,
    'calendar.calendarPerWorkday',
  );
export const K = (c: Context): WorkingSymbol =>
  computed('K', 'price factor: overhead, margin, unusual fit', c.model.K, '–', 'K');
export const mk = (c: Context): WorkingSymbol =>
  fromRate('mk', 'mark-up on tools, fixtures and gauges', c.study.rates.global.mk, 'global.mk');
export const qty = (c: Context): WorkingSymbol => chosen('q', 'pieces in the whole programme', c.q, 'pieces');
export const lotQ = (c: Context): WorkingSymbol =>
  c.at === '@rest'
    ? computed('Q', 'pieces left after the full lots', c.Q, 'pieces', 'rest')
    : fromBrief(
        'Q',
        c.at === '' ? 'pieces of the usual lot, at most the programme' : 'pieces of a full lot',
        c.Q,
        'pieces',
        'quantity.lot',
      );
/** Pieces of a full lot of the programme. */
export const lotSym = (c: Context): WorkingSymbol =>
  fromBrief('lot', 'pieces of a full lot', c.lot, 'pieces', 'quantity.lot');
export const learnSym = (c: Context): WorkingSymbol => {
  const { learnPieces } = c.entry.lane.capability.scrap;
  return fromRoute(
    'learn',
    'pieces until scrap settles',
    c.model.learnPieces,
    'pieces',
    'scrap.learnPieces',
    learnPieces.basis,
    ends(learnPieces.v),
  );
};
/** Shots before the first set of tools is replaced. */
export const lifeSym = (c: Context): WorkingSymbol => {
  const { life_shots } = c.entry.lane.capability;
  const range = life_shots[c.model.facts.family] ?? life_shots.any;
  return fromRoute(
    'life',
    'shots before the first set is replaced',
    c.model.life,
    'shots',
    'life_shots',
    life_shots.basis,
    range === undefined ? null : ends(range),
  );
};
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
export const warmUpSym = (c: Context): WorkingSymbol => {
  const { warmUpPours } = c.entry.lane.capability;
  return fromRoute(
    'w',
    'pours before the mould is warm and true',
    c.model.warmUp,
    'pours',
    'warmUpPours',
    warmUpPours.basis,
    ends(warmUpPours.v),
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
export const hourly = (
  c: Context,
  symbol: string,
  meaning: string,
  which: 'tool' | 'shot' | 'core' | 'finish',
): WorkingSymbol => {
  const key = c.model.v.rate[which];
  return fromRate(symbol, meaning, c.study.rates.global[key], `global.${key}`);
};
export const MC = (c: Context): WorkingSymbol =>
  computed('mc', 'cast mass, machining stock included', c.model.part.mc, 'kg', 'mc');
export const price = (c: Context): WorkingSymbol =>
  c.study.rates.metals?.[c.model.facts.alloy.id] === undefined
    ? fromAlloy(
        'p',
        'price of ingot',
        c.model.price,
        'USD/kg',
        `alloys.${c.model.facts.alloy.id}.price_USD_kg`,
        c.model.facts.alloy.basis['price'],
        [c.model.facts.alloy.price_USD_kg[0], c.model.facts.alloy.price_USD_kg[2]],
      )
    : fromRate('p', 'price of ingot', c.study.rates.metals[c.model.facts.alloy.id], `metals.${c.model.facts.alloy.id}`);
export const C1 = (c: Context): WorkingSymbol => computed('C1', 'first tool', c.plan.C1, 'USD', 'C1');

export function meltLoss(c: Context): WorkingSymbol {
  const { alloy } = c.model.facts;
  return fromAlloy(
    'l',
    'metal lost in melting',
    c.model.meltLoss,
    'share',
    `alloys.${alloy.id}.meltLoss_pct`,
    alloy.basis['meltLoss'],
    [alloy.meltLoss_pct[0] / 100, alloy.meltLoss_pct[2] / 100],
  );
}

export function kRet(c: Context): WorkingSymbol {
  return fromRate('kRet', 'worth of what comes back', c.family.kRet, `families.${c.model.facts.ratesFamily}.kRet`);
}

/** The lines of a part price in words. */
export const LINE_WORDS: Readonly<Record<string, string>> = {
  setUp: 'set-up and first-off',
  pours: 'moulds and pouring',
  metal: 'metal, less its return',
  melting: 'melting',
  finishing: 'cutting off and fettling',
  heatTreatment: 'heat treatment',
  machining: 'second operations',
  inspection: 'inspection',
  upkeep: 'tool upkeep',
  scrapAndRework: 'scrap and rework',
};
