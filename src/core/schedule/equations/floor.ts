import type { LaneInputs, LayoutPlan, OfInputs } from '../../cost';
import { figure, lambda, mc, n, timeEquation, variant, Y } from '../../cost/equations';
import type { ListOf } from '../../equations';
import { likely } from '../../base/figures';

/** Hours of work in a day. */
export const HOURS = timeEquation<OfInputs>()({
  figure: 'hours',
  number: 'T1',
  title: 'Hours of work in a day',
  unit: 'h',
  expression: 'shift * shifts * avail',
  symbols: {
    shift: figure('hours a shift', 'h'),
    shifts: figure('shifts a day', 'shifts'),
    avail: variant('time.avail', 'share of the shift that is work'),
  },
  values: ({ model: { v, rates } }) => ({
    shift: rates.calendar.shift_h,
    shifts: v.time.shifts,
    avail: likely(v.time.avail),
  }),
});

export interface Shop {
  readonly id: string;
  /** Hours a casting started takes there; null for a cap. */
  readonly load_h: number | null;
}
type OfShop = {
  readonly model: LaneInputs;
  readonly plan: Pick<LayoutPlan, 'n'>;
  readonly shop: Shop;
  readonly hours: number;
};

/** The caps of a lane beside its crews and stations, in words. */
export const CAPS: Readonly<Record<string, string>> = {
  capPours: 'pours a shift, by heat or machine',
  capKg: 'kilograms a shift, by furnace or arms',
};

/** Castings a day that one crew, station or cap allows to be started. */
export const STARTS_A_DAY = timeEquation<OfShop>()({
  figure: 'shop.{shop}',
  number: 'T6 and T7',
  title: ({ shop }) => `Castings a day that ${shop.id} allows`,
  unit: 'castings',
  expression: {
    of: {
      capPours: 'cap * shifts * share * (n * (1 - lambda))',
      capKg: 'cap * shifts * share / (mc / Y)',
      clock: 'count * share * 24 / load',
      crew: 'count * share * h / load',
    },
    form: ({ model, shop: { id } }) =>
      id in CAPS ? id : model.v.time.resources[id]?.clock === 'clock' ? 'clock' : 'crew',
  },
  symbols: {
    cap: {
      ...variant('', ''),
      meaning: ({ shop }) => (shop.id === 'capKg' ? 'metal a shift' : 'pours a shift'),
      path: ({ shop }) => `variants["{lane}"].time.${shop.id}`,
      plainly: {
        meaning: 'pours or metal a shift',
        path: 'variants["{lane}"].time.capPours, capKg',
        unit: 'pours or kg',
      },
    },
    shifts: figure('shifts a day', 'shifts'),
    count: {
      ...figure('persons or machines', 'persons'),
      unit: ({ model, shop }) => model.v.time.resources[shop.id]?.unit ?? 'persons',
      plainly: { unit: 'persons or machines' },
    },
    share: variant('time.share', 'share of the shop given to the job'),
    h: figure('hours of work in a day', 'h', 'hours'),
    n,
    lambda,
    mc,
    Y,
    load: { ...figure('hours a casting takes there', 'h'), opens: ({ shop }) => `load.${shop.id}` },
  },
  plainly: { title: 'Castings a day that a crew, a station or a cap allows' },
  values: ({ model, plan, shop, hours }) => {
    const { time } = model.v;
    return {
      cap: shop.id === 'capKg' ? likely(time.capKg) : likely(time.capPours),
      shifts: time.shifts,
      count: time.resources[shop.id]?.n ?? 1,
      share: likely(time.share),
      h: hours,
      n: plan.n,
      lambda: model.lambda,
      mc: model.part.mc,
      Y: model.Y,
      load: shop.load_h ?? 0,
    };
  },
});

/** One of several figures that are shown together: its symbol, and what it opens. */
export interface FloorContext {
  readonly symbol: string;
  readonly meaning: string;
  readonly value: number;
  readonly opens: string;
}
interface Listed {
  readonly list: readonly FloorContext[];
}
const each = (meaning: string, unit: string, written: string): ListOf<Listed, Listed> => ({
  meaning,
  unit,
  written,
  values: ({ list }) => list.map((x) => x.value),
  each: ({ list }) =>
    list.map((x) => ({
      ...x,
      unit,
      source: 'computed',
      basis: null,
      range: null,
      path: null,
      opensLane: null,
      note: null,
    })),
});

type OfLoad = { readonly shopId: string; readonly list: readonly FloorContext[] };

/** Hours a casting started takes a crew or a station, over all steps. */
export const LOAD = timeEquation<OfLoad, OfLoad & OfInputs>()({
  figure: 'load.{shop}',
  number: 'T6',
  title: ({ shopId }) => `Hours a casting takes at ${shopId}`,
  unit: 'h',
  expression: 'sum(t)',
  lists: { t: each('hours of each step there', 'h', 't1 + t2 + …') },
  symbols: {},
  plainly: { title: 'Hours a casting takes a crew or a station' },
  values: () => ({}),
});

type OfPass = { readonly list: readonly FloorContext[] };

/** Days from the floor order to the first good castings. */
export const PASS = timeEquation<OfPass, OfPass & OfInputs & { readonly hours: number }>()({
  figure: 'pass',
  number: 'T3 and T4',
  title: 'Pass: from the floor order to the first good castings',
  unit: 'days',
  expression: 'sum(d)',
  lists: { d: each('days of each step', 'days', 'd1 + d2 + …') },
  symbols: {},
  note: ({ hours }) => `A working day gives ${hours.toFixed(2)} h; waits run through the night.`,
  values: () => ({}),
});

type OfGood = { readonly list: readonly FloorContext[]; readonly nB: number };

/** Good pieces a working day: what the tightest of all shops allows. */
export const GOOD_A_DAY = timeEquation<OfGood, OfGood & OfInputs & { readonly bottleneck: string }>()({
  figure: 'goodPerDay',
  number: 'T6 to T8',
  title: 'Good pieces a working day',
  unit: 'pieces a working day',
  expression: 'least(day) / nB',
  lists: { day: each('castings a day that each shop allows', 'castings', 'least of day_shop') },
  symbols: { nB: figure('castings made a good piece', '–', 'stages@set') },
  note: ({ model, bottleneck }) =>
    `${CAPS[bottleneck] ?? bottleneck} is the bottleneck. Share of the shop given to the job: ${likely(model.v.time.share)}.`,
  values: ({ nB }) => ({ nB }),
});

/** Samples that come with the first article. */
export const SAMPLES = timeEquation<{ model: LaneInputs; plan: Pick<LayoutPlan, 'n'>; nB: number }>()({
  figure: 'samples',
  number: 'T10',
  title: 'Samples that come with the first article',
  unit: 'pieces',
  expression: 'max(1, floor(n * (1 - lambda) / nB + 0.000000001))',
  symbols: { n, lambda, nB: figure('castings made a good piece', '–', 'stages@set') },
  values: ({ model, plan, nB }) => ({ n: plan.n, lambda: model.lambda, nB }),
});
