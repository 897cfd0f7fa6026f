import { boardAt } from '../comparison/board';
import { prepareStudy, type Study } from '../study';
import { dayOf, laneTime } from '../schedule';
import { laneModel, layoutPlan, ProgrammeCost } from '../cost';
import type { SimulationInput } from '../simulation';
import { namesOf, type RateSet } from '../rates';
import type { Lane } from '../catalogue/routes';

type Node = Record<string, unknown>;

/** T(q) in the study's currency, and days from the order without holidays. */
export interface PlainFigures {
  readonly total: number;
  readonly first: number;
  readonly last: number;
}

/**
 * One draw worked out the plain way: every uncertain figure is set in a copy of the rates, the alloy and the lanes, and
 * the whole study is readied again.
 */
export function plainDraw(
  study: Study,
  q: number,
  inputs: readonly SimulationInput[],
  values: readonly number[],
): ReadonlyMap<string, PlainFigures> {
  const rates = structuredClone<RateSet>(study.rates);
  const alloy = { ...study.alloy! } as unknown as Node;
  const lanes = study.lanes.map(({ lane }) => ({ ...lane, capability: structuredClone(lane.capability) }));
  inputs.forEach((input, i) => {
    const v = values[i]!;
    if (input.path.startsWith('metals.')) alloy['price_USD_kg'] = [v, v, v];
    else if (input.source === 'rate') setFigure(rates, input.path, v);
    else if (input.source === 'alloy') {
      const field = input.path.split('.').at(-1)!;
      const to = field === 'meltLoss_pct' ? v * 100 : v;
      alloy[field] = [to, to, to];
    } else if (input.source === 'route') {
      const id = /^routes\["(.+?)"\]/.exec(input.key)![1];
      setCapability(
        lanes.find((l) => l.id === id)!,
        study.facts!.family,
        input.path,
        v,
      );
    }
  });
  const world = { alloy: alloy as never, lanes: lanes as readonly Lane[] };
  const again = prepareStudy(study.brief, study.school, rates, world);
  const out = new Map<string, PlainFigures>();
  const fx = rates.currency.perUnit;
  for (const l of boardAt(study, q).lanes) {
    const drawn = again.lanes.find((e) => e.lane.id === l.id);
    const likely = study.lanes.find((e) => e.lane.id === l.id)?.screening;
    if (l.money === null || drawn?.part == null || drawn.screening == null || likely == null) continue;
    // The rules are taken as certain: a draw that would pass one of them, or strain at it, counts as the likely figures do.
    const screening = { ...likely, F1_MN: drawn.screening.F1_MN };
    const model = laneModel(again.facts!, drawn.lane, drawn.part, screening, rates);
    if ('uncosted' in model) continue;
    const { n, nt } = l.money.plan;
    // The layout stays as the likely figures chose it, even where a draw leaves it less room.
    const plan = layoutPlan(model, n, nt);
    const lot = study.lanes.find((e) => e.lane.id === l.id)!.costs[0]!.lot;
    const cost = new ProgrammeCost(model, plan, lot, study.brief.quantity.perYear);
    const time = laneTime(model, plan);
    out.set(l.id, { total: fx * cost.total(q), first: time.firstArticle_d, last: dayOf(time, q, q) });
  }
  for (const b of again.baselines) out.set(b.id, { total: b.total(q), first: b.dayOf(1, q), last: b.dayOf(q, q) });
  return out;
}

function setFigure(rates: RateSet, path: string, v: number): void {
  const names = namesOf(path);
  const node = names.reduce<Node>((at, name) => at[name] as Node, rates as unknown as Node);
  node['v'] = v;
}

function setCapability(lane: Lane, family: string, path: string, v: number): void {
  const capability = lane.capability as unknown as Node;
  const names = path.split('.');
  const node = names.reduce<Node>((at, name) => at[name] as Node, capability);
  if (path === 'life_shots' || path === 'yield') node[family in node ? family : 'any'] = [v, v, v];
  else node['v'] = [v, v, v];
}
