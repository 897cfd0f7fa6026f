import type { Alloy } from '../../catalogue/alloys';
import { brief, figure, type SymbolOf } from '../../equations';
import { likely } from '../../base/figures';
import type { OperationKind, RateSet } from '../../rates';
import type { Capability } from '../../catalogue/routes';
import type { Taken } from '../taken';
import { equation, ofAlloy, rate, rho, type OfPart } from './symbols';

/** Machining allowance of a ground face, mm (the equations fix it). */
export const GRIND_STOCK_MM = 0.3;
/** Allowance a reamer takes, mm. */
export const REAM_STOCK_MM = 0.15;

/** One operation, as its equations read it; its place among the others is shown in words only. */
export interface OfOperation {
  readonly rates: RateSet;
  readonly taken: Taken;
  readonly capability: Pick<Capability, 'machiningStock_mm'>;
}
type OperationContext = OfOperation & OfPart;

/** π, as a reader puts it into a calculator. */
const PI = String(Math.PI);
const QUARTER_PI = String(Math.PI / 4);

const skinOf = ({ taken: { how }, capability }: OfOperation): number =>
  how === 'ground' ? GRIND_STOCK_MM : how === 'reamed' ? REAM_STOCK_MM : capability.machiningStock_mm.v[1];
const isFixed = ({ taken: { how } }: OfOperation): boolean => how === 'ground' || how === 'reamed';

const skin: SymbolOf<OperationContext> = {
  meaning: ({ taken: { how } }) =>
    how === 'ground' ? 'allowance of a grinder' : how === 'reamed' ? 'allowance of a reamer' : 'machining allowance',
  unit: 'mm',
  source: (c) => (isFixed(c) ? 'computed' : 'route'),
  path: (c) => (isFixed(c) ? '' : 'machiningStock_mm'),
  table: ({ capability: { machiningStock_mm: of } }) => ({ basis: of.basis, range: [of.v[0], of.v[2]] }),
  plainly: { meaning: 'machining allowance: of the route, a grinder or a reamer', path: 'machiningStock_mm' },
};

/** Metal that an operation takes away at one place. */
export const TAKEN = equation<OfOperation, OperationContext & { readonly what: string }>()({
  figure: 'each.{operation}',
  number: '3.2',
  title: ({ what }) => `Metal taken away: ${what}`,
  unit: 'mm³',
  expression: {
    of: {
      skin: 'A * s',
      usualSkin: 'Au * 100 * s',
      reamed: `${PI} * d * depth * s`,
      bored: `${PI} * d * depth * s * share`,
      tapped: `${QUARTER_PI} * d * d * (1 - minor * minor) * depth / 2`,
      drilledForThread: `${QUARTER_PI} * (minor * d) * (minor * d) * depth`,
      whole: `${QUARTER_PI} * d * d * depth`,
    },
    form: ({ taken }) => {
      switch (taken.how) {
        case 'faced':
        case 'ground':
          return taken.area_mm2 === null ? 'usualSkin' : 'skin';
        case 'turned':
          return 'skin';
        case 'drilled':
          return taken.threaded ? 'drilledForThread' : 'whole';
        default:
          return taken.how;
      }
    },
  },
  symbols: {
    A: {
      ...brief('features', 'area', 'mm²'),
      meaning: ({ taken }) => (taken.how === 'turned' ? 'area turned' : 'area'),
      plainly: { meaning: 'area' },
    },
    Au: rate('operations.defaultArea_cm2', 'area, where the brief gives none'),
    d: brief('features', 'diameter', 'mm'),
    depth: brief('features', 'depth', 'mm'),
    s: skin,
    share: rate('operations.boreStockShare', 'of the allowance in a cored bore'),
    minor: rate('operations.tapMinor', 'core of a thread'),
  },
  plainly: { title: 'Metal an operation takes away at one place' },
  values: (c) => {
    const { taken, rates } = c;
    const op = rates.operations;
    return {
      A: 'area_mm2' in taken ? (taken.area_mm2 ?? 0) : 0,
      Au: likely(op.defaultArea_cm2),
      d: 'd_mm' in taken ? taken.d_mm : 0,
      depth: 'd_mm' in taken ? taken.depth_mm : 0,
      s: skinOf(c),
      share: likely(op.boreStockShare),
      minor: likely(op.tapMinor),
    };
  },
});

interface Cut {
  readonly alloy: Alloy;
  readonly rates: RateSet;
  readonly kind: OperationKind;
  readonly count: number;
  readonly each_mm3: number;
}
type CutContext = Cut & { readonly what: string; readonly index: number };

const places = brief('features', 'places', 'places');
const each: SymbolOf<CutContext> = {
  ...figure('metal taken away at one place', 'mm³'),
  opens: ({ index }) => `each.${index}`,
};

/** Seconds of an operation at all of its places. */
export const OPERATION_TIME = equation<Cut, CutContext>()({
  figure: 'op.{operation}',
  number: '3.1 to 3.3',
  title: ({ kind, what }) => `Time of ${kind}: ${what}`,
  unit: 's',
  expression: {
    of: { cut: 'n * (t0 + each * u / P)', ground: 'n * (t0 + each * (u * gE) / P)' },
    form: ({ kind }) => (kind === 'grind' ? 'ground' : 'cut'),
  },
  symbols: {
    n: places,
    t0: {
      ...rate('', 'reaching and leaving'),
      path: ({ kind }) => `operations.kinds.${kind}.t0`,
      plainly: { path: 'operations.kinds', unit: 's' },
    },
    each,
    u: ofAlloy('specificCuttingEnergy_J_mm3', 'energy to cut it', 'J/mm³', 'machining', (alloy) => [
      alloy.specificCuttingEnergy_J_mm3[0],
      alloy.specificCuttingEnergy_J_mm3[2],
    ]),
    gE: rate('operations.grindEnergyFactor', 'grinding against cutting'),
    P: {
      ...rate('', 'power at the tool'),
      path: ({ kind }) => `operations.kinds.${kind}.P`,
      plainly: { path: 'operations.kinds', unit: 'W' },
    },
  },
  plainly: { title: 'Time of an operation' },
  values: ({ alloy, rates: { operations: op }, kind, count, each_mm3 }) => ({
    n: count,
    t0: likely(op.kinds[kind].t0),
    each: each_mm3,
    u: alloy.specificCuttingEnergy_J_mm3[1],
    gE: likely(op.grindEnergyFactor),
    P: likely(op.kinds[kind].P),
  }),
});

/** Metal that an operation takes away at all of its places. */
export const OPERATION_METAL = equation<Pick<Cut, 'count' | 'each_mm3'>, CutContext>()({
  figure: 'metal.{operation}',
  number: '3.2',
  title: ({ what }) => `Metal taken away at all places: ${what}`,
  unit: 'mm³',
  expression: 'n * each',
  symbols: { n: places, each },
  plainly: { title: 'Metal an operation takes away at all its places' },
  values: ({ count, each_mm3 }) => ({ n: count, each: each_mm3 }),
});

/** An operation as the sums over all of them read it. */
export interface Done {
  readonly kind: OperationKind;
  readonly what: string;
  readonly count: number;
  readonly seconds: number;
  readonly stock_mm3: number;
}
interface OfAll {
  readonly operations: readonly Done[];
}
const listed = (symbol: string, meaning: string, value: number, unit: string, opens: string) => ({
  symbol,
  meaning,
  value,
  unit,
  source: 'computed' as const,
  basis: null,
  range: null,
  path: null,
  opens,
  opensLane: null,
  note: null,
});

/** Metal that all machining takes away. */
export const STOCK = equation<OfAll>()({
  figure: 'stock',
  number: '3.5',
  title: 'Metal the machining takes away',
  unit: 'cm³',
  expression: 'sum(e) / 1000',
  lists: {
    e: {
      meaning: 'metal of each operation',
      unit: 'mm³',
      written: 'e1 + e2 + …',
      values: ({ operations }) => operations.map((o) => o.stock_mm3),
      each: ({ operations }) =>
        operations.map((o, i) => listed(`e${i + 1}`, `${o.kind}: ${o.what}`, o.stock_mm3, 'mm³', `metal.${i + 1}`)),
    },
  },
  symbols: {},
  values: () => ({}),
});

/** Set-ups of the machine: as the brief says, or by the features that are machined. */
export const SETUPS = equation<{ rates: RateSet; entries: number; said: number | undefined }>()({
  figure: 'nSet',
  number: '3.4',
  title: 'Machining set-ups',
  unit: 'set-ups',
  expression: {
    of: { none: '0', said: 'said', counted: 'ceil(k / per)' },
    form: ({ entries, said }) => (entries === 0 ? 'none' : said === undefined ? 'counted' : 'said'),
  },
  symbols: {
    said: brief('machiningSetups', 'set-ups, as the brief says', 'set-ups'),
    k: figure('features and patterns of holes that are machined', 'features'),
    per: rate('operations.featuresPerSetup', 'features a set-up reaches'),
  },
  note: ({ entries }) => (entries === 0 ? 'Nothing is machined on this route.' : null),
  values: ({ rates, entries, said }) => ({
    said: said ?? 0,
    k: entries,
    per: likely(rates.operations.featuresPerSetup),
  }),
});

type OfMachine = OfAll & { readonly rates: RateSet; readonly nSet: number };

/** Minutes at the machine for one piece, loading included. */
export const MACHINE_MINUTES = equation<OfMachine>()({
  figure: 'tMach',
  number: '3.4',
  title: 'Minutes at the machine for a piece',
  unit: 'min',
  expression: 'sum(s) / 60 + nSet * tLoad',
  lists: {
    s: {
      meaning: 'time of each operation',
      unit: 's',
      written: 's1 + s2 + …',
      values: ({ operations }) => operations.map((o) => o.seconds),
      each: ({ operations }) =>
        operations.map((o, i) =>
          listed(
            `s${i + 1}`,
            `${o.kind}: ${o.what}${o.count > 1 ? `, ${o.count} times` : ''}; takes away ${o.stock_mm3.toFixed(0)} mm³`,
            o.seconds,
            's',
            `op.${i + 1}`,
          ),
        ),
    },
  },
  symbols: {
    nSet: figure('set-ups', 'set-ups', 'nSet'),
    tLoad: rate('operations.tLoad', 'loading'),
  },
  values: ({ rates, nSet }) => ({ nSet, tLoad: likely(rates.operations.tLoad) }),
});

/** Machining one piece, with the wear of tools. */
export const MACHINING = equation<OfPart & { readonly tMach_min: number }>()({
  figure: 'machining',
  number: '3.1 to 3.4',
  title: 'Machining of one piece',
  unit: 'USD',
  expression: 'tMach / 60 * Rmc * (1 + (wear0 + aWear / mach))',
  symbols: {
    tMach: figure('minutes at the machine', 'min', 'tMach'),
    Rmc: rate('global.Rmc', 'machining centre'),
    wear0: rate('operations.wear0', 'tool wear'),
    aWear: rate('operations.aWear', 'tool wear by machinability'),
    mach: ofAlloy('machinability', 'machinability', 'brass = 100', 'machining'),
  },
  values: ({ alloy, rates, tMach_min }) => ({
    tMach: tMach_min,
    Rmc: likely(rates.global.Rmc),
    wear0: likely(rates.operations.wear0),
    aWear: likely(rates.operations.aWear),
    mach: alloy.machinability,
  }),
});

/** Mass of a casting: the part, and what its machining takes away. */
export const CAST_MASS = equation<
  { V: number; stock_cm3: number; rho: number },
  OfPart & { V: number; stock_cm3: number; rho: number }
>()({
  figure: 'mc',
  number: '3.5',
  title: 'Cast mass',
  unit: 'kg',
  expression: '(V + stock) * rho',
  symbols: {
    V: brief('geometry.volume_cm3', 'volume', 'cm³'),
    stock: figure('metal the machining takes away', 'cm³', 'stock'),
    rho,
  },
  values: ({ V, stock_cm3, rho }) => ({ V, stock: stock_cm3, rho }),
});
