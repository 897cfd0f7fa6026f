import { likely } from '../base/figures';
import type { PartFacts } from '../part';
import type { RateSet } from '../rates';
import { DETAIL, DETAILS } from './equations/details';
import * as M from './equations/machined';
import { baselineOf, type Step } from './from-equations';
import { solidDetails, type SolidDetail } from './solid-details';
import { known } from './symbols';
import type { Baseline, OfBaseline } from './types';

/** Bars of the machined baseline (section 9): more passages or more kilograms than this. */
const MACHINED_MAX_PASSAGES = 2;
const MACHINED_MAX_KG = 60;

/**
 * Machined from solid (equations 9.1 to 9.4, T13): round parts start from a cylinder, all others from a block.
 *
 * @param lotOf pieces an order, of pieces in all
 * @example
 * machinedBaseline(facts, rates, () => 100).id // 'machined'
 */
export function machinedBaseline(facts: PartFacts, rates: RateSet, lotOf: (q: number) => number): Baseline {
  const isGround = groundOnly(facts, rates);
  const barred =
    facts.nP > MACHINED_MAX_PASSAGES
      ? `${facts.nP} inner passages cannot be reached by a cutter (at most ${MACHINED_MAX_PASSAGES}).`
      : facts.m > MACHINED_MAX_KG
        ? `${facts.m.toFixed(1)} kg is more than is cut from one billet (at most ${MACHINED_MAX_KG} kg).`
        : isGround && facts.nU + facts.nP > 0
          ? 'This metal is ground or sparked, and a wheel does not reach undercuts and passages.'
          : null;
  const details = solidDetails(facts, rates);
  return baselineOf({
    id: 'machined',
    name: 'Machined from solid',
    barred,
    fix: barred === null ? null : 'Split the part, or cast it',
    facts,
    rates,
    lotOf,
    ground: isGround,
    warning: isGround ? 'Ground or sparked, not cut.' : null,
    steps: [
      ...[M.STOCK, M.STOCK_MASS, M.REMOVAL, M.SETUPS, ofDetails(details), M.CUTTING, M.MINUTES],
      ...[M.METAL, M.MACHINING, M.FINISHING, M.HEAT_TREATMENT, M.INSPECTION, M.PIECE, M.SET_UP, M.PROGRAMMING],
      ...[M.UNITS, M.SHIFTS, M.MACHINES],
    ],
    tooling: M.TOOLING,
    unit: M.UNIT,
    total: M.TOTAL,
    day: M.DAY,
    lines: (c) => {
      const made = ['metal', 'machining', 'finishing', 'heatTreatment', 'inspection'].map(
        (line) => [line, known(c, line)] as const,
      );
      const sum = made.reduce((all, [, x]) => all + x, 0);
      return {
        before: {
          setUp: known(c, 'setUp') / Math.min(c.lot, c.q),
          ...Object.fromEntries(made),
          scrapAndRework: known(c, 'piece') - sum,
        },
      };
    },
    several: (c, figure) => {
      const [, index] = /^place\.(\d+)$/.exec(figure) ?? [];
      const detail = index === undefined ? undefined : details[Number(index) - 1];
      return detail === undefined ? null : DETAIL.working({ ...c, detail });
    },
  });
}

/** Whether a metal is ground or sparked instead of cut (9.4a): too hard for a cutter as it is, or hardened first. */
function groundOnly({ alloy, brief: { needs } }: PartFacts, rates: RateSet): boolean {
  const { machBelow, hardness_HRC } = rates.baselines.machined.ground;
  return (
    alloy.machinability < likely(machBelow) ||
    needs.hardened === true ||
    (needs.hardness_HRC ?? 0) > likely(hardness_HRC)
  );
}

/** The seconds of all features and holes, as one of the steps. */
function ofDetails(details: readonly SolidDetail[]): Step {
  const seconds = (c: OfBaseline) =>
    details.map((detail) => ({
      words: `${detail.kinds.join(', ')}${detail.count > 1 ? `, ${detail.count} places` : ''}`,
      s: DETAIL.value({ ...c, detail }),
    }));
  return {
    figure: DETAILS.figure,
    value: (c) => DETAILS.value({ seconds: seconds(c) }),
    working: (c) => DETAILS.working({ ...c, seconds: seconds(c) }),
  };
}
