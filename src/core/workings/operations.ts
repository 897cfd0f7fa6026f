import { refuse } from '../errors';
import { GRIND_STOCK_MM, REAM_STOCK_MM, type Operation } from '../part';
import type { Builder } from './common';
import type { Context } from './context';
import { computed, fromAlloy, fromBrief, fromRate, fromRoute } from './symbols';
import type { Working, WorkingSymbol } from '../equations';

/** Workings of the second operations together: metal taken away, set-ups. */
export const OPERATIONS: Readonly<Record<string, Builder>> = {
  stock: (c) => {
    const { operations } = c.model.part;
    return {
      title: 'Metal the machining takes away',
      equation: 'Cost model 3.5',
      expression:
        operations.length === 0 ? '0' : `(${operations.map((_, i) => `n${i + 1} * e${i + 1}`).join(' + ')}) / 1000`,
      value: operations.reduce((s, o) => s + o.stock_mm3, 0) / 1000,
      unit: 'cm³',
      symbols: operations.flatMap((o, i) => [
        fromBrief(`n${i + 1}`, `${o.kind}: ${o.what}`, o.count, 'places', 'features'),
        eachSym(o, i, `e${i + 1}`),
      ]),
      note: null,
    };
  },
  nSet: (c) => {
    const { entries, nSet } = c.model.part;
    const { machiningSetups } = c.model.facts.brief;
    const said = entries > 0 && machiningSetups !== undefined;
    return {
      title: 'Machining set-ups',
      equation: 'Cost model 3.4',
      expression: entries === 0 ? '0' : said ? 'said' : 'ceil(k / per)',
      value: nSet,
      unit: 'set-ups',
      symbols:
        entries === 0
          ? []
          : said
            ? [fromBrief('said', 'set-ups, as the brief says', nSet, 'set-ups', 'machiningSetups')]
            : [
                computed('k', 'features and patterns of holes that are machined', entries, 'features'),
                fromRate(
                  'per',
                  'features a set-up reaches',
                  c.study.rates.operations.featuresPerSetup,
                  'operations.featuresPerSetup',
                ),
              ],
      note: entries === 0 ? 'Nothing is machined on this lane.' : null,
    };
  },
};

/** Workings of one second operation by its number from 1: its seconds, and the metal it takes away at one place. */
export const ONE_OPERATION: Readonly<Record<string, (c: Context, index: string) => Omit<Working, 'figure'>>> = {
  op: (c, index) => {
    const { o, i } = operation(c, index);
    const rates = c.study.rates.operations;
    const { alloy } = c.model.facts;
    const [low, u, high] = alloy.specificCuttingEnergy_J_mm3;
    const ground = o.kind === 'grind';
    return {
      title: `Time of ${o.kind}: ${o.what}`,
      equation: 'Cost model 3.1 to 3.3',
      expression: ground ? 'n * (t0 + each * u * gE / P)' : 'n * (t0 + each * u / P)',
      value: o.seconds,
      unit: 's',
      symbols: [
        fromBrief('n', 'places', o.count, 'places', 'features'),
        fromRate('t0', 'reaching and leaving', rates.kinds[o.kind].t0, `operations.kinds.${o.kind}.t0`),
        eachSym(o, i, 'each'),
        fromAlloy(
          'u',
          'energy to cut it',
          u,
          'J/mm³',
          `alloys.${alloy.id}.specificCuttingEnergy_J_mm3`,
          alloy.basis['machining'],
          [low, high],
        ),
        ...(ground
          ? [fromRate('gE', 'grinding against cutting', rates.grindEnergyFactor, 'operations.grindEnergyFactor')]
          : []),
        fromRate('P', 'power at the tool', rates.kinds[o.kind].P, `operations.kinds.${o.kind}.P`),
      ],
      note: null,
    };
  },
  each: (c, index) => {
    const { o } = operation(c, index);
    const { expression, symbols } = takenTerm(c, o);
    return {
      title: `Metal taken away: ${o.what}`,
      equation: 'Cost model 3.2',
      expression,
      value: o.stock_mm3 / o.count,
      unit: 'mm³',
      symbols,
      note: null,
    };
  },
};

function takenTerm(c: Context, o: Operation): { readonly expression: string; readonly symbols: WorkingSymbol[] } {
  const op = c.study.rates.operations;
  const { machiningStock_mm } = c.entry.lane.capability;
  const { taken } = o;
  const skin = fromRoute(
    's',
    'machining allowance',
    machiningStock_mm.v[1],
    'mm',
    'machiningStock_mm',
    machiningStock_mm.basis,
    [machiningStock_mm.v[0], machiningStock_mm.v[2]],
  );
  const minor = fromRate('minor', 'core of a thread', op.tapMinor, 'operations.tapMinor');
  const sizes = (d: number, depth: number): WorkingSymbol[] => [
    fromBrief('d', 'diameter', d, 'mm', 'features'),
    fromBrief('depth', 'depth', depth, 'mm', 'features'),
  ];
  switch (taken.how) {
    case 'faced':
    case 'ground': {
      const depth = taken.how === 'faced' ? skin : computed('s', 'allowance of a grinder', GRIND_STOCK_MM, 'mm');
      return taken.area_mm2 === null
        ? {
            expression: 'A * 100 * s',
            symbols: [
              fromRate('A', 'area, where the brief gives none', op.defaultArea_cm2, 'operations.defaultArea_cm2'),
              depth,
            ],
          }
        : { expression: 'A * s', symbols: [fromBrief('A', 'area', taken.area_mm2, 'mm²', 'features'), depth] };
    }
    case 'turned':
      return { expression: 'A * s', symbols: [fromBrief('A', 'area turned', taken.area_mm2, 'mm²', 'features'), skin] };
    case 'reamed':
      return {
        expression: `${Math.PI} * d * depth * s`,
        symbols: [...sizes(taken.d_mm, taken.depth_mm), computed('s', 'allowance of a reamer', REAM_STOCK_MM, 'mm')],
      };
    case 'bored':
      return {
        expression: `${Math.PI} * d * depth * s * share`,
        symbols: [
          ...sizes(taken.d_mm, taken.depth_mm),
          skin,
          fromRate('share', 'of the allowance in a cored bore', op.boreStockShare, 'operations.boreStockShare'),
        ],
      };
    case 'tapped':
      return {
        expression: `${Math.PI / 4} * d * d * (1 - minor * minor) * depth / 2`,
        symbols: [...sizes(taken.d_mm, taken.depth_mm), minor],
      };
    case 'drilled':
      return taken.threaded
        ? {
            expression: `${Math.PI / 4} * d * d * minor * minor * depth`,
            symbols: [...sizes(taken.d_mm, taken.depth_mm), minor],
          }
        : { expression: `${Math.PI / 4} * d * d * depth`, symbols: sizes(taken.d_mm, taken.depth_mm) };
    case 'whole':
      return { expression: `${Math.PI / 4} * d * d * depth`, symbols: sizes(taken.d_mm, taken.depth_mm) };
  }
}

const eachSym = (o: Operation, i: number, symbol: string): WorkingSymbol =>
  computed(symbol, 'metal taken away at one place', o.stock_mm3 / o.count, 'mm³', `each.${i + 1}`);

function operation(c: Context, index: string): { readonly o: Operation; readonly i: number } {
  const i = Number(index) - 1;
  const o = c.model.part.operations[i];
  return o === undefined ? refuse('E_KEY', 'operation', index, `1 to ${c.model.part.operations.length}`) : { o, i };
}
