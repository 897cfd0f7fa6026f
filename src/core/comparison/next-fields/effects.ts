import { lifetimeQuantity, type Brief } from '../../brief';
import type { TolerancePolicy } from '../../part';
import { everyAlloy, type RateSet } from '../../rates';
import { prepareStudy } from '../../study';
import { missesOf, needsOfBrief } from '../alloys';
import { boardAt } from '../board';
import { AREA_FACTORS, TRIALS, type TrialValue } from './trials.data';

/** What the choice is where an open field has one value. */
export interface Trial {
  readonly words: string;
  /** What it was tried with as a figure with its unit, where it is one. */
  readonly figure?: TrialValue['figure'];
  /** Routes that can make the part, of the nine. */
  readonly routes: number;
  /** Cheapest casting: its lane, and its total cost per part in the currency of the rates; null where none is left. */
  readonly leader: string | null;
  readonly allIn: number | null;
}

/** How much hangs on a field that the brief leaves open. */
export interface FieldEffect {
  readonly path: string;
  readonly trials: readonly Trial[];
}

/** What an open field is tried with; none where nothing is known of it. */
function valuesOf(path: string, brief: Brief, estimatedArea_cm2: number | null, rates: RateSet): readonly TrialValue[] {
  if (path === 'alloy')
    return everyAlloy(rates)
      .filter((alloy) => missesOf(alloy, needsOfBrief(brief)).length === 0)
      .map(({ id, name }) => ({
        words: name,
        of: (b: Brief) => ({ ...b, alloy: id }),
      }));
  if (path === 'geometry.area_cm2' && estimatedArea_cm2 !== null)
    return AREA_FACTORS.map((factor) => {
      const area_cm2 = Number((factor * estimatedArea_cm2).toPrecision(3));
      return {
        words: `${area_cm2} cm²`,
        figure: { value: area_cm2, unit: 'cm²' },
        of: (b: Brief) => ({ ...b, geometry: { ...b.geometry, area_cm2 } }),
      };
    });
  return TRIALS[path] ?? [];
}

/**
 * How much hangs on fields that a brief leaves open: each is tried with values that parts have, the others as they
 * stand, and the choice looked at for each.
 *
 * @param paths fields of the brief
 * @param q pieces of the programme where the brief does not say how many
 * @returns the fields with which anything can be compared, in the order given
 * @example
 * effectsOf(brief, 'published', rates, ['needs.welded'], 500)[0].trials.map((t) => t.words) // ['yes', 'no']
 */
export function effectsOf(
  brief: Brief,
  school: TolerancePolicy,
  rates: RateSet,
  paths: readonly string[],
  q: number,
): readonly FieldEffect[] {
  const { study, estimated } = estimatesOf(brief, school, rates);
  const area = estimated ? study.brief.geometry.area_cm2 : null;
  return paths.flatMap((path) => {
    const trials = valuesOf(path, brief, area, rates).map((value) => trial(value, brief, school, rates, q));
    return trials.some((t) => t.allIn !== null) ? [{ path, trials }] : [];
  });
}

function estimatesOf(brief: Brief, school: TolerancePolicy, rates: RateSet) {
  const study = prepareStudy(brief, school, rates);
  return { study, estimated: study.estimated.includes('geometry.area_cm2') };
}

function trial(value: TrialValue, brief: Brief, school: TolerancePolicy, rates: RateSet, q: number): Trial {
  const tried = value.of(brief);
  const board = boardAt(prepareStudy(tried, school, rates), Math.round(lifetimeQuantity(tried) ?? q));
  const open = board.lanes.filter((lane) => lane.status !== 'blocked' && lane.money !== null);
  return {
    words: value.words,
    ...(value.figure === undefined ? {} : { figure: value.figure }),
    routes: new Set(open.map((lane) => lane.routeId)).size,
    leader: board.leader,
    allIn: board.lanes.find((lane) => lane.id === board.leader)?.money?.allIn ?? null,
  };
}
