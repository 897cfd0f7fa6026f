import type { PartFacts } from '../part';
import type { JointKind, PieceKind, RateSet } from '../rates';
import * as A from './equations/assembly';
import { TODAY as DAMAGE } from './equations/damage-today';
import * as J from './equations/joining';
import { baselineOf } from './from-equations';
import { known } from './symbols';
import type { Baseline, Figures, Joining, OfBaseline } from './types';

/** Equations of joining, each after those it reads. */
const JOINING = [J.JOINING_MINUTES, J.JOINING, J.HARDWARE, J.STOCKING];

/**
 * Labour and hardware of joining pieces, before overhead: minutes and USD an assembly (equation 9.6).
 *
 * @param facts of any part: joining does not read them
 * @example
 * joiningOf({ joints: { bolt: 0 }, parts: 1 }, facts, rates).minutes // 0
 */
export function joiningOf(
  joining: Joining,
  facts: PartFacts,
  rates: RateSet,
): { readonly minutes: number; readonly joining: number; readonly hardware: number; readonly stocking: number } {
  const of: Record<string, number> = {};
  const c: OfBaseline = {
    name: '',
    facts,
    alloy: facts.alloy,
    rates,
    q: NaN,
    lot: NaN,
    N: NaN,
    of,
    joining,
    ground: false,
  };
  const minutes = J.JOINING_MINUTES.value(c);
  of['joining'] = minutes;
  return {
    minutes,
    joining: J.JOINING.value(c),
    hardware: J.HARDWARE.value(c),
    stocking: J.STOCKING.value(c),
  };
}

/**
 * Today's assembly of several pieces (equation 9.6, T13); the brief's own figure where it gives one. Null where today's
 * way is no assembly.
 *
 * @example
 * fabricatedBaseline(facts, rates)?.id ?? null // null
 */
export function fabricatedBaseline(facts: PartFacts, rates: RateSet): Baseline | null {
  const { today } = facts.brief;
  if (today.how !== 'fabricated' && (today.parts ?? 1) < 2) return null;
  return baselineOf({
    id: 'fabricated',
    name: 'Today’s assembly',
    barred: null,
    fix: null,
    facts,
    rates,
    lotOf: (q) => q,
    joining: { joints: today.joints, parts: today.parts ?? 1 },
    steps: [A.PIECES, A.METAL, ...JOINING, A.FLOOR, A.RETURNS, A.UNITS, A.SHIFTS, A.MACHINES],
    tooling: A.TOOLING,
    unit: A.UNIT,
    total: A.TOTAL,
    day: A.DAY,
    lines: (c) => {
      const one = (line: string, figure = line): Figures => ({ [line]: known(c, figure) });
      const some = (line: string): Figures => (known(c, line) > 0 ? one(line) : {});
      const besides = { ...some('floor'), ...some('returns') };
      if (today.cost_USD !== null) return { before: {}, after: { asPaidToday: today.cost_USD, ...besides } };
      const made = { ...one('pieces'), ...one('metal'), ...one('joining', 'joiningCost') };
      return { before: { ...made, ...one('hardware'), ...one('stocking') }, after: besides };
    },
    several: (c, figure) => {
      if (figure === 'damage') return DAMAGE.working(c);
      const [, what, kind] = /^(joint|fixings|kind)\.(.+)$/.exec(figure) ?? [];
      if (what === 'kind') return A.OF_KIND.working({ ...c, piece: kind as PieceKind });
      const count = kind === undefined ? undefined : c.joining.joints[kind as JointKind];
      if (kind === undefined || count === undefined) return null;
      const of = { ...c, kind: kind as JointKind, count };
      return what === 'joint' ? J.JOINT_MINUTES.working(of) : J.JOINT_HARDWARE.working(of);
    },
  });
}
