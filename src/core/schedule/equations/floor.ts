import type { LaneInputs, LayoutPlan, OfInputs } from '../../cost';
import { figure, mc, out, rate, timeEquation, variant, Y } from '../../cost/equations';
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
  readonly plan: Pick<LayoutPlan, 'castingsPerPour' | 'M'>;
  readonly shop: Shop;
  readonly hours: number;
};

/** The caps of a lane beside its crews and stations, in words. */
export const CAPS: Readonly<Record<string, string>> = {
  capPours: 'pours a shift, by heat or machine',
  capKg: 'kilograms a shift, by furnace or arms',
};

/** Metal heat at the mould, the middle of the alloy's band on this route; that of the caps where none is known. */
const pourHeat = ({ facts, lane, rates }: LaneInputs): number => {
  const band = facts.alloy.pour_C[lane.route.id];
  return band === undefined ? likely(rates.handPour.tRef_C) : (band[0] + band[1]) / 2;
};

/** What heat and the ladle do to the pours of a shift that is poured by hand. */
export const HAND_POUR = timeEquation<{ model: LaneInputs; plan: Pick<LayoutPlan, 'M'> }>()({
  figure: 'handPour',
  number: 'T7a',
  title: 'Heat and arms of whoever pours by hand',
  unit: '×',
  expression: 'min(maxGain, pow((Tp + 273) / (Tref + 273), 0 - 4 * xHeat)) * min(1, pow(mRef / M, xMass))',
  symbols: {
    maxGain: rate('handPour.maxGain', 'most that a cool metal gains'),
    Tp: {
      meaning: 'metal heat at the mould, the middle of its band',
      unit: '°C',
      source: 'alloy',
      path: ({ model }) => `alloys.{alloy}.pour_C.${model.lane.route.id}`,
      plainly: { path: 'alloys.{alloy}.pour_C' },
    },
    Tref: rate('handPour.tRef_C', 'metal heat the pours of a shift are told for'),
    xHeat: rate('handPour.xHeat', 'exponent on the radiation, which goes with the fourth power of the heat'),
    mRef: rate('handPour.mRef_kg', 'ladle the pours of a shift are told for'),
    M: figure('metal in the ladle', 'kg', 'M'),
    xMass: rate('handPour.xMass', 'exponent on the ladle'),
  },
  note: () => 'Local rules on heat exposure decide.',
  values: ({ model, plan }) => {
    const h = model.rates.handPour;
    return {
      maxGain: likely(h.maxGain),
      Tp: pourHeat(model),
      Tref: likely(h.tRef_C),
      xHeat: likely(h.xHeat),
      mRef: likely(h.mRef_kg),
      M: plan.M,
      xMass: likely(h.xMass),
    };
  },
});

/** Castings a day that one crew, station or cap allows to be started. */
export const STARTS_A_DAY = timeEquation<OfShop>()({
  figure: 'shop.{shop}',
  number: 'T6 and T7',
  title: ({ shop }) => `Castings a day that ${shop.id} allows`,
  unit: 'castings',
  expression: {
    of: {
      capPours: 'cap * shifts * share * out',
      capHand: 'cap * heat * shifts * share * out',
      capKg: 'cap * shifts * share / (mc / Y)',
      clock: 'count * share * 24 / load',
      crew: 'count * share * h / load',
    },
    form: ({ model, shop: { id } }) =>
      id in CAPS
        ? id === 'capPours' && model.v.time.handPoured === true
          ? 'capHand'
          : id
        : model.v.time.resources[id]?.clock === 'clock'
          ? 'clock'
          : 'crew',
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
    heat: figure('heat and arms of whoever pours by hand', '×', 'handPour'),
    out,
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
      heat: shop.id === 'capPours' && time.handPoured === true ? HAND_POUR.value({ model, plan }) : 1,
      out: plan.castingsPerPour,
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
export const SAMPLES = timeEquation<
  { plan: Pick<LayoutPlan, 'castingsPerPour'>; nB: number },
  { plan: Pick<LayoutPlan, 'castingsPerPour'>; nB: number } & OfInputs
>()({
  figure: 'samples',
  number: 'T10',
  title: 'Samples that come with the first article',
  unit: 'pieces',
  expression: 'max(1, floor(out / nB + 0.000000001))',
  symbols: { out, nB: figure('castings made a good piece', '–', 'stages@set') },
  values: ({ plan, nB }) => ({ out: plan.castingsPerPour, nB }),
});
