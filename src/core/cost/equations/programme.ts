import type { OfInputs, OfProgramme } from '../types';
import { equation, figure, fx, K, learn, lot, money, MONEY, MONEY_A_PART, q } from './symbols';

const full = figure('full lots', 'lots', 'fullLots');

/** Full lots of the programme. */
export const FULL_LOTS = equation<{ q: number; lot: number }, OfProgramme>()({
  figure: 'fullLots',
  number: '8.2',
  title: 'Full lots of the programme',
  unit: 'lots',
  expression: 'floor(q / lot)',
  symbols: { q, lot },
  values: ({ q, lot }) => ({ q, lot }),
});

/** Pieces left after the full lots. */
export const REST = equation<{ q: number; full: number; lot: number }, OfProgramme & { full: number }>()({
  figure: 'rest',
  number: '8.2',
  title: 'Pieces left after the full lots',
  unit: 'pieces',
  expression: 'q - full * lot',
  symbols: { q, full, lot },
  values: ({ q, full, lot }) => ({ q, full, lot }),
});

/** Full lots begun while scrap is as when new. */
export const FRESH_LOTS = equation<
  { full: number; learnPieces: number; lot: number },
  OfProgramme & { full: number; learnPieces: number }
>()({
  figure: 'kNew',
  number: '8.2',
  title: 'Full lots begun before scrap settles',
  unit: 'lots',
  expression: 'min(full, ceil(learn / lot))',
  symbols: { full, learn, lot },
  values: ({ full, learnPieces, lot }) => ({ full, learn: learnPieces, lot }),
});

/** Full lots after that. */
export const SETTLED_LOTS = equation<{ full: number; kNew: number }, OfInputs & { full: number; kNew: number }>()({
  figure: 'kSet',
  number: '8.2',
  title: 'Full lots with settled scrap',
  unit: 'lots',
  expression: 'full - kNew',
  symbols: { full, kNew: figure('full lots begun before scrap settles', 'lots', 'kNew') },
  values: ({ full, kNew }) => ({ full, kNew }),
});

/** What shares of worth the lots of a discounted programme have. */
export interface Worth {
  readonly dNew: number;
  readonly dFull: number;
  readonly dRest: number;
}
/** What the total of a programme is worked out for: tooling and money in the study's currency where `fx` is not 1. */
export interface OfTotal {
  readonly tooling: number;
  readonly K: number;
  readonly split: OfProgramme['split'];
  readonly lotOf: OfProgramme['lotOf'];
  readonly fx: number;
  /** Null for lots that are not discounted. */
  readonly worth: Worth | null;
}

/** Total of the programme: its tools, and all its lots with the price factor. */
export const TOTAL = equation<OfTotal, OfProgramme & OfTotal>()({
  figure: 'total',
  number: '8.2',
  remark: ({ worth }) => (worth === null ? 'T(q)' : 'T(q), with 8.3: lots discounted by their year'),
  title: 'Total of the programme',
  ...MONEY,
  expression: {
    of: {
      plain: 'tools + K * (kNew * lotNew + kSet * lotSet + on(rest) * lotRest) * fx',
      discounted:
        'tools + K * ((kNew + kSet) * dFull * lotSet + kNew * dNew * (lotNew - lotSet) + on(rest) * dRest * lotRest) * fx',
    },
    form: ({ worth }) => (worth === null ? 'plain' : 'discounted'),
  },
  symbols: {
    tools: money('tools, replacement sets, fixtures and gauges, mark-up included', 'tooling'),
    K,
    kNew: figure('full lots begun before scrap settles', 'lots', 'kNew'),
    dNew: figure('what lots with new scrap are worth today, by the year each is begun', 'share', 'dNew'),
    lotNew: figure('such a lot, with scrap as when new', 'USD', 'lot@new'),
    kSet: figure('full lots after that', 'lots', 'kSet'),
    dFull: figure('what all full lots are worth today', 'share', 'dFull'),
    lotSet: figure('such a lot, with settled scrap', 'USD', 'lot@set'),
    rest: figure('pieces left after the full lots', 'pieces', 'rest'),
    dRest: figure('what the remainder is worth today', 'share', 'dRest'),
    lotRest: {
      ...figure('', 'USD', 'lot@rest'),
      meaning: ({ split }) => `a lot of the remainder, ${split.restIsFresh ? 'new' : 'settled'} scrap`,
      plainly: { meaning: 'a lot of the remainder, new or settled scrap' },
    },
    fx,
  },
  note: ({ worth }) =>
    `on(x) is 1 where x is above 0, else 0.${worth === null ? '' : ' Tools and fixtures are not discounted.'}`,
  values: ({ tooling, K, split, lotOf, fx, worth }) => ({
    tools: tooling,
    K,
    kNew: split.freshFull,
    dNew: worth?.dNew ?? 1,
    lotNew: lotOf.new,
    kSet: split.settledFull,
    dFull: worth?.dFull ?? 1,
    lotSet: lotOf.set,
    rest: split.rest,
    dRest: worth?.dRest ?? 1,
    lotRest: lotOf.rest,
    fx,
  }),
});

/** All that a part costs, tooling included. */
export const ALL_IN = equation<{ total: number; q: number }, OfInputs & { total: number; q: number }>()({
  figure: 'allIn',
  number: '8.4',
  remark: 'all-in = T(q)/q',
  title: 'Total cost per part',
  ...MONEY_A_PART,
  expression: 'T / q',
  symbols: { T: money('total of the programme', 'total'), q },
  values: ({ total, q }) => ({ T: total, q }),
});
