import { lifetimeQuantity, parseBrief } from '../../src/core/brief';
import { placed } from '../../src/core/drawing';
import { freezingRun, methodOf } from '../../src/core/method';
import { methodDrawings } from '../../src/core/method/drawings';
import { guessOf, marginOf, sectionGrid, solidification } from '../../src/core/solidification';
import { prepareStudy } from '../../src/core/study';
import { travellerOf } from '../../src/core/traveller';
import { QUILLMERE_PARTS } from '../../src/server/demo/quillmere.data';
import { goal, pace } from './goals';

/** Prints how long a method, its drawings, a run of freezing and a traveller take, over all demo studies on all routes. */
const ROUNDS = 5;
const all = QUILLMERE_PARTS.flatMap((part) => {
  const result = parseBrief(part);
  if (!result.ok) throw new Error(JSON.stringify(result.issues));
  const study = prepareStudy(result.brief);
  return study.lanes
    .filter((l) => l.costs.length > 0)
    .map((l) => ({ study, laneId: l.lane.id, q: lifetimeQuantity(result.brief) ?? 1 }));
});

function time(label: string, limit: number, work: (of: (typeof all)[number]) => void): void {
  const slower = pace();
  all.forEach(work);
  const ms: number[] = [];
  for (let i = 0; i < ROUNDS; i++)
    for (const one of all) {
      const start = performance.now();
      work(one);
      ms.push(performance.now() - start);
    }
  ms.sort((a, b) => a - b);
  goal(`${label}, worst of ${all.length}`, ms.at(-1 - ROUNDS) ?? 0, limit, 'ms', slower);
}

time('method', 30, ({ study, laneId, q }) => void methodOf(study, laneId, q));
time('drawings of a method, text placed', 30, ({ study, laneId, q }) => {
  const box = study.brief.geometry.box_mm ?? [1, 1, 1];
  const part = { outline: null, box_mm: box, undercuts: 1, gap_mm: 20 };
  for (const d of methodDrawings(methodOf(study, laneId, q), part)) placed(d, (mm) => `${mm.toFixed(1)} mm`);
});
time('traveller', 60, ({ study, laneId }) => void travellerOf(study, { laneId, good: 100, startDate: '2027-01-04' }));

const [hub] = all.filter(({ study, laneId }) => study.brief.title === 'Tripod hub' && laneId === 'green-sand/bench');
if (hub === undefined) throw new Error('no hub');
const run = freezingRun(methodOf(hub.study, hub.laneId, hub.q));
if (run === null) throw new Error('no run');
const L: readonly (readonly [number, number])[] = [
  [0, 0],
  [120, 0],
  [120, 40],
  [90, 40],
  [90, 10],
  [0, 10],
];
const slower = pace();
const guess = guessOf([[L]], run.metal, run.mould);
const grid = sectionGrid([[L]], marginOf(run.mould, guess), 40_000);
const start = performance.now();
const steps = solidification(grid, run.metal, run.mould, guess);
let step = steps.next();
while (!step.done) step = steps.next();
console.log(
  `${grid.columns * grid.rows} cells, ${step.value.steps} steps, heat off ${step.value.heatOff.toExponential(1)}`,
);
goal('freezing of a section on 40,000 cells', performance.now() - start, 2000, 'ms', slower);
