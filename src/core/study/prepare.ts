import type { Study } from './types';
import type { Alloy } from '../catalogue/alloys';
import { laneTime, type LaneTime } from '../schedule';
import { ENDLESS_LOT, lifetimeQuantity, lotSize, withEstimates, type Brief } from '../brief';
import { overridePlan, laneModel, layoutPlans, ProgrammeCost, type LaneModel, type LayoutPlan } from '../cost';
import { fabricatedBaseline, machinedBaseline, stampedBaseline, type Baseline } from '../baselines';
import { lanePart, partFacts, type PartFacts, type TolerancePolicy } from '../part';
import { pricedAlloy, type RateSet } from '../rates';
import { CAPABILITY_FAMILIES, LANES, type Capability, type Lane } from '../catalogue/routes';
import { screenLane } from '../screening';
import { laneAdopted, ratesAdopted } from './adopted';
import { splitBaseline } from './split';
import { bestLayout, type StudyLane } from './study-lane';

/** The alloy of an id; undefined where there is none. */
export type AlloyTable = (id: string) => Alloy | undefined;

/** Alloy and lanes other than those of the tables: for asking what a study would be in another world. */
export interface World {
  readonly alloy?: Alloy;
  readonly lanes?: readonly Lane[];
}

/** A lane with the grades of the tool that the brief asks for: one made another way may hold wider ones (5.7). */
function toolAsked(lane: Lane, { toolOption }: Brief, rates: RateSet): Lane {
  const option = toolOption?.variant === lane.id ? rates.variants[lane.id]?.toolOptions?.[toolOption.id] : undefined;
  if (option === undefined || option.ctPlus === 0) return lane;
  const ct: { -readonly [K in keyof Capability['ct']]: Capability['ct'][K] } = { ...lane.capability.ct };
  for (const family of CAPABILITY_FAMILIES) {
    const grades = ct[family];
    if (grades !== undefined)
      ct[family] = [grades[0] + option.ctPlus, grades[1] + option.ctPlus, grades[2] + option.ctPlus];
  }
  return { ...lane, capability: { ...lane.capability, ct } };
}

/** A lane with the lost places that the study counted at a full pour, in place of the usual share (4.6). */
function countedPlaces(lane: Lane, { overrides }: Brief): Lane {
  const counted = overrides.lostPlaces?.[lane.id];
  if (counted === undefined) return lane;
  const { good, of } = counted;
  const share = 1 - good / of;
  return {
    ...lane,
    capability: {
      ...lane.capability,
      positionsLost: { ...lane.capability.positionsLost, v: [share, share, share], basis: 'shop', from_n: 2 },
    },
    sources: {
      ...lane.sources,
      positionsLost: {
        who: 'the brief',
        known: 'measured',
        source: `${good} good of ${of} places counted`,
        date: null,
      },
    },
  };
}

/**
 * The lane of the foundry that does it best: of those that fewest rules bar, the one of least T(q). It is chosen at the
 * pieces of the programme and does not change while the quantity is dragged.
 */
function cheapestOf(runs: readonly StudyLane[], q: number): StudyLane | null {
  let best: { readonly entry: StudyLane; readonly total: number } | null = null;
  for (const entry of runs) {
    const total = bestLayout(entry, q)?.total ?? Infinity;
    if (best === null || total < best.total) best = { entry, total };
  }
  return best?.entry ?? null;
}

/**
 * Readies a study with alloys from a table that is passed in: for where the whole table is not at hand.
 *
 * @param alloyOf the table
 * @param said the brief of the part; what it lacks and what can be estimated is estimated
 * @param school tolerance policy: published grades, or what a specialist shop claims
 * @param rates money and time
 * @param world alloy and lanes in place of the tables’
 * @returns the study; what is missing is named in it, nothing is refused
 * @example
 * prepareFrom(() => alloy, brief, 'published', rates).alloy.id === alloy.id // true
 */
export function prepareFrom(
  alloyOf: AlloyTable,
  said: Brief,
  school: TolerancePolicy,
  rates: RateSet,
  world: World = {},
): Study {
  const { brief, estimated } = withEstimates(said);
  const listed =
    brief.alloy === null ? undefined : (rates.alloys?.find(({ id }) => id === brief.alloy) ?? alloyOf(brief.alloy));
  const alloy = world.alloy ?? (listed === undefined ? null : pricedAlloy(listed, rates));
  const result = partFacts(brief, alloy, rates);
  const facts = 'missing' in result ? null : result;
  const missing = 'missing' in result ? result.missing : [];
  const lotOf = (q: number): number => lotSize(brief, q);
  const times = new Map<LayoutPlan, LaneTime>();
  const timeOf = (model: LaneModel, plan: LayoutPlan): LaneTime => {
    const known = times.get(plan);
    if (known !== undefined) return known;
    const time = laneTime(model, plan);
    times.set(plan, time);
    return time;
  };
  const lot = brief.quantity.lot ?? (brief.quantity.perYear === null ? ENDLESS_LOT : lotOf(1));
  /** The part as a foundry takes it on: one that buys its cores does so where the brief does not say who makes them. */
  const factsAt = (at: RateSet): PartFacts | null =>
    facts !== null && at.foundry?.profile.cores?.v.maker === 'bought' && facts.brief.cores?.maker === undefined
      ? { ...facts, brief: { ...facts.brief, cores: { maker: 'bought' } } }
      : facts;
  /** A lane judged at the rates of one shop, before anything is costed. */
  const judged = (known: Lane, shop: RateSet, nobody = false) => {
    const here = factsAt(shop);
    const adopted = brief.overrides.adopted?.[known.id];
    const at = ratesAdopted(shop, known.id, adopted, here);
    const lane = laneAdopted(countedPlaces(toolAsked(known, brief, at), brief), adopted, here);
    if (here === null) return { lane, rates: at, part: null, screening: null };
    const part = lanePart(here, lane.capability, at, school);
    return { lane, rates: at, part, screening: screenLane(here, lane, part, at, nobody) };
  };
  const costed = ({ lane, rates: at, part, screening }: ReturnType<typeof judged>): StudyLane => {
    const wanted = brief.overrides.variants[lane.route.id];
    const passedOver = wanted !== undefined && wanted !== lane.id && LANES.some((l) => l.id === wanted);
    const none = { lane, rates: at, part, screening, model: null, costs: [], overriddenCost: null, passedOver };
    const here = factsAt(at);
    if (here === null || part === null || screening === null)
      return { ...none, uncosted: `Not known: ${missing.join(', ')}.` };
    const model = laneModel(here, lane, part, screening, at);
    if ('uncosted' in model) return { ...none, uncosted: model.uncosted };
    const priced = (plan: LayoutPlan): ProgrammeCost => new ProgrammeCost(model, plan, lot, brief.quantity.perYear);
    const costs = layoutPlans(model).map(priced);
    const layout = brief.overrides.layouts[lane.id];
    const overridden = layout === undefined ? null : overridePlan(model, layout[0], layout[1]);
    const overriddenCost = overridden === null ? null : priced(overridden);
    return { lane, rates: at, part, screening, model, uncosted: null, costs, overriddenCost, passedOver };
  };
  const { among } = rates;
  const lanes = (world.lanes ?? rates.lanes ?? LANES).map((known): StudyLane => {
    if (among === undefined) return costed(judged(known, rates));
    const runs = among.flatMap((at) => {
      const run = at.foundry?.profile.lines.some((line) => `${line.route}/${line.variant}` === known.id) === true;
      const own = run ? at.lanes?.find((lane) => lane.id === known.id) : undefined;
      return own === undefined ? [] : [judged(own, at)];
    });
    const bars = ({ screening }: ReturnType<typeof judged>): number =>
      screening?.findings.filter((f) => f.status === 'blocked').length ?? 0;
    const fewest = Math.min(...runs.map(bars));
    const open = runs.filter((run) => bars(run) === fewest).map(costed);
    return cheapestOf(open, lifetimeQuantity(brief) ?? lotOf(1)) ?? costed(judged(known, rates, true));
  });
  const baselines: Baseline[] = [];
  if (facts !== null) {
    // Ways without a casting are not the foundry's.
    const plain = rates.atNone ?? rates;
    baselines.push(machinedBaseline(facts, plain, lotOf), stampedBaseline(facts, plain, lotOf));
    const today = fabricatedBaseline(facts, plain);
    if (today !== null) baselines.push(today);
    const split = splitBaseline(brief, facts, rates, (piece) => prepareFrom(alloyOf, piece, school, rates));
    if (split !== null) baselines.push(split);
  }
  return { brief, rates, school, alloy, facts, estimated, missing, lanes, baselines, lotOf, timeOf };
}
