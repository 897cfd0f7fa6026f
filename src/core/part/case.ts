import type { Working } from '../equations';
import { refuse } from '../base/errors';
import type { RateSet } from '../rates';
import type { Capability } from '../catalogue/routes';
import {
  CAST_MASS,
  MACHINE_MINUTES,
  MACHINING,
  OPERATION_METAL,
  OPERATION_TIME,
  SETUPS,
  STOCK,
  TAKEN,
} from './equations/machining';
import { COMPLEXITY, DIFFICULTY, ENVELOPE, MASS, PLAN, SURFACE_INDEX } from './equations/shape';
import type { PartFacts } from './types';
import type { LanePart } from './operations';

/** The shape of a part, with all that its equations read. */
export type ShapeCase = Pick<PartCase, 'facts' | 'rates'>;

/** A part as one lane makes it, with all that any of its equations reads. */
export interface PartCase {
  readonly facts: PartFacts;
  readonly part: LanePart;
  readonly rates: RateSet;
  readonly capability: Capability;
}

const of = <C extends ShapeCase>(c: C) => ({ ...c, alloy: c.facts.alloy });
const removed = ({ part }: PartCase): number => part.operations.reduce((sum, o) => sum + o.stock_mm3, 0);

const OF_SHAPE: Readonly<Record<string, (c: ShapeCase) => Working>> = {
  mass: (c) => MASS.working(of(c)),
  S: (c) => SURFACE_INDEX.working(of(c)),
  c: (c) => COMPLEXITY.working(of(c)),
  kappa: (c) => DIFFICULTY.working(of(c)),
  plan: (c) => PLAN.working(of(c)),
  sizes: (c) => ENVELOPE.working(of(c)),
};

const WORKINGS: Readonly<Record<string, (c: PartCase) => Working>> = {
  ...OF_SHAPE,
  stock: (c) => STOCK.working({ ...of(c), operations: c.part.operations }),
  nSet: (c) => SETUPS.working({ ...of(c), entries: c.part.entries, said: c.facts.brief.machiningSetups }),
  tMach: (c) => MACHINE_MINUTES.working({ ...of(c), operations: c.part.operations, nSet: c.part.nSet }),
  machining: (c) => MACHINING.working({ ...of(c), tMach_min: c.part.tMach_min }),
  mc: (c) => CAST_MASS.working({ ...of(c), V: c.facts.V, stock_cm3: removed(c) / 1000, rho: c.facts.rho }),
};

function operation(c: PartCase, index: string) {
  const o = c.part.operations[Number(index) - 1];
  return o === undefined
    ? refuse('E_KEY', 'operation', index, `1 to ${c.part.operations.length}`)
    : { ...of(c), ...o, index: Number(index), each_mm3: o.stock_mm3 / o.count };
}

/** Figures of which a part has several, named by the number of an operation after a point, from 1. */
const ONE_OF: Readonly<Record<string, (c: PartCase, index: string) => Working>> = {
  op: (c, index) => OPERATION_TIME.working(operation(c, index)),
  metal: (c, index) => OPERATION_METAL.working(operation(c, index)),
  each: (c, index) => TAKEN.working(operation(c, index)),
};
const ONE_OF_FIGURE = /^([a-z]+)\.(.+)$/;

/** Figures of a part that have a working, those of one operation left out. */
export const PART_FIGURES: readonly string[] = Object.keys(WORKINGS);

/**
 * Whether a figure is one of a part, by its name alone.
 *
 * @example
 * isPartFigure('mass') // true
 */
export const isPartFigure = (figure: string): boolean =>
  figure in WORKINGS || (ONE_OF_FIGURE.exec(figure)?.[1] ?? '') in ONE_OF;

/**
 * The working of a figure of a part's shape, whichever way it is made; null for a figure that is none.
 *
 * @example
 * shapeWorking({ facts, rates }, 'mass').unit // 'kg'
 */
export function shapeWorking(c: ShapeCase, figure: string): Working | null {
  const working = OF_SHAPE[figure];
  return working === undefined ? null : { ...working(c), figure };
}

/**
 * The working of a figure of a part; null for a figure that is none.
 *
 * @example
 * partWorking({ facts, part, rates, capability: entry.lane.capability }, 'no such figure') // null
 */
export function partWorking(c: PartCase, figure: string): Working | null {
  const whole = WORKINGS[figure];
  if (whole !== undefined) return { ...whole(c), figure };
  const [, kind = '', index = ''] = ONE_OF_FIGURE.exec(figure) ?? [];
  const one = ONE_OF[kind];
  return one === undefined ? null : { ...one(c, index), figure };
}
