import { boardAt } from '../../src/core/comparison/board';
import { prepareStudy } from '../../src/core/study';
import { deliveriesOf, searchPlans, StudyWorkings } from '../../src/core/phased-plans';
import { lifetimeQuantity, parseBrief } from '../../src/core/brief';
import { simulationModel, DRAWS, DrawStore, flipsOf, moversOf, Runner, Sampling } from '../../src/core/simulation';
import { QUILLMERE_PARTS } from '../../src/server/demo/quillmere.data';
import { goal, pace } from './goals';

/**
 * Prints how long 10 000 draws take over one lane of each route and the baselines, all costed lanes taken in whether they
 * survive or not: first answer, everything afresh, and again after the rail has moved. Then the same sums as bare loops
 * over typed arrays. Last, how long the search of plans in two steps takes.
 */
const rounds = 5;
const best = (work: () => void, times = rounds): number => {
  let least = Infinity;
  for (let i = 0; i < times; i++) {
    const start = performance.now();
    work();
    least = Math.min(least, performance.now() - start);
  }
  return least;
};

function products(a: Float64Array, b: Float64Array, c: Float64Array, times: number): void {
  for (let k = 0; k < times; k++) for (let i = 0; i < c.length; i++) c[i] = a[i]! * b[i]!;
}

for (const part of QUILLMERE_PARTS) {
  const parsed = parseBrief(part);
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.issues));
  const { brief } = parsed;
  const q = lifetimeQuantity(brief) ?? 1;
  const study = prepareStudy(brief);
  const board = boardAt(study, q);
  const race = Object.values(board.bestOfRoute).filter((id) =>
    board.lanes.some((l) => l.id === id && l.money !== null),
  );
  const ids = [...race, ...board.baselines.filter((b) => b.barred === null).map((b) => b.id)];
  const against = race.length > 1 ? ([race[0]!, race[1]!] as const) : null;
  const asked = { race, due_d: 90, q, against };
  const slower = pace();
  const draw = (store: DrawStore, draws: number, at = q): void => {
    const s = new Sampling(simulationModel(new StudyWorkings(study, at), ids), store, { ...asked, q: at });
    s.run(draws);
    s.summary();
  };
  const first = best(() => draw(new DrawStore(1), 500));
  const afresh = best(() => draw(new DrawStore(1), DRAWS));
  const store = new DrawStore(1);
  draw(store, DRAWS);
  let moved = q;
  const again = best(() => draw(store, DRAWS, ++moved));
  const model = simulationModel(new StudyWorkings(study, q), ids);
  const sampling = new Sampling(model, store, asked);
  const inputs = sampling.inputs(DRAWS);
  const outputs = model.lanes.flatMap((l) => [l.total, l.first, l.last]);
  const results = outputs.map(() => new Float64Array(DRAWS));
  const runner = new Runner(model.program, outputs);
  const run = best(() => runner.run(inputs, results, 0, DRAWS));
  const sums = model.program.steps.filter((s) => s.kind === 'made').length;
  const [a, b, c] = [new Float64Array(DRAWS).fill(1.01), new Float64Array(DRAWS).fill(0.99), new Float64Array(DRAWS)];
  const bare = best(() => products(a, b, c, sums));
  const depth =
    against === null
      ? NaN
      : best(() => {
          moversOf(simulationModel(new StudyWorkings(study, q), against), against[0], against[1], null);
          flipsOf(model, against[0], race.slice(1));
        }, 1);
  goal(`${brief.title}: first 500 draws`, first, 100, 'ms', slower);
  goal(`${brief.title}: 10 000 draws afresh`, afresh, 400, 'ms', slower);
  console.log(
    `${brief.title.padEnd(28)} ${String(ids.length).padStart(2)} lanes, ${model.inputs.length} figures, ${sums} sums: rail moved ${again.toFixed(0)} ms; the sums alone ${run.toFixed(0)} ms, ${(run / bare).toFixed(2)} times bare loops of as many products (${bare.toFixed(0)} ms); movers and flips ${depth.toFixed(0)} ms`,
  );
}
for (const part of QUILLMERE_PARTS) {
  const parsed = parseBrief(part);
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.issues));
  const { brief } = parsed;
  const q = lifetimeQuantity(brief) ?? 1;
  const orderDate = '2027-01-04';
  let found = '';
  const ms = best(() => {
    const study = prepareStudy({ ...brief, quantity: { ...brief.quantity, orderDate } });
    const deliveries = deliveriesOf(study, q, orderDate);
    const steps = searchPlans(study, q, deliveries);
    let step = steps.next();
    while (!step.done) step = steps.next();
    const [plan] = step.value.plans;
    found = `${deliveries.length} days asked; ${plan === undefined ? 'no plan' : `${plan.pieces} on ${plan.first}, then ${plan.then}`}`;
  }, 3);
  console.log(
    `${brief.title.padEnd(28)} plans in two steps, every pair and switch of ${q}: ${ms.toFixed(0)} ms (${found})`,
  );
}
