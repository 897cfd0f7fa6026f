import { alloyPairs } from '../../src/core/comparison/alloys';
import { boardAt, crossings, leaderAt, ribbon } from '../../src/core/comparison/board';
import { prepareStudy } from '../../src/core/study';
import { lifetimeQuantity, parseBrief, type Brief } from '../../src/core/brief';
import { lotSizes } from '../../src/core/comparison/lot-sizes';
import { foundriesAt, SHIPPED_RATES } from '../../src/core/rates';
import { relaxations, requirementCosts } from '../../src/core/comparison/requirements';
import { FOUNDRIES } from '../../src/server/demo/foundries.data';
import { QUILLMERE_PARTS } from '../../src/server/demo/quillmere.data';
import { goal, pace } from './goals';

/** Prints how long a board, a ribbon and the crossings take, over all demo studies: median and worst of many runs. */
const briefs = QUILLMERE_PARTS.map((part) => {
  const result = parseBrief(part);
  if (!result.ok) throw new Error(JSON.stringify(result.issues));
  return result.brief;
});

/** Runs before the clock counts, so that the engine has compiled the code; the first of them is told as the cold time. */
const WARM_UP = 15;

function time(label: string, limit: number | null, rounds: number, work: (brief: Brief) => void): void {
  const slower = pace();
  const ms: number[] = [];
  const first = performance.now();
  for (const brief of briefs.slice(0, 1)) work(brief);
  const cold = performance.now() - first;
  for (let i = 0; i < WARM_UP; i++) briefs.forEach(work);
  for (let i = 0; i < rounds; i++) {
    for (const brief of briefs) {
      const start = performance.now();
      work(brief);
      ms.push(performance.now() - start);
    }
  }
  ms.sort((a, b) => a - b);
  const at = (share: number): number => ms[Math.min(ms.length - 1, Math.floor(share * ms.length))] ?? 0;
  if (limit !== null) goal(`${label}, median`, at(0.5), limit, 'ms', slower);
  console.log(
    `${label.padEnd(66)} median ${at(0.5).toFixed(2)} ms, p95 ${at(0.95).toFixed(2)} ms, worst ${at(1).toFixed(2)} ms, cold ${cold.toFixed(1)} ms`,
  );
}

const quantity = (brief: Brief): number => lifetimeQuantity(brief) ?? 1;
const studies = new Map(briefs.map((brief) => [brief, prepareStudy(brief)]));
time(
  'board from the brief (9 routes, all variants, 1 quantity)',
  3,
  40,
  (b) => void boardAt(prepareStudy(b), quantity(b)),
);
time(
  'board of a readied study (rail dragged)',
  3,
  40,
  (b) => void boardAt(studies.get(b) ?? prepareStudy(b), quantity(b)),
);
/** Two hundred foundries: those of the demo, ten of each under names of their own. */
const MANY = Array.from({ length: 200 }, (_, i) => {
  const one = FOUNDRIES[i % FOUNDRIES.length];
  if (one === undefined) throw new Error('no foundries');
  return { id: `f${i}`, name: `Foundry ${i}`, version: 1, profile: one.profile };
});
const amongAll = foundriesAt(SHIPPED_RATES, { judged: 'all', list: MANY });
time(
  'board from the brief, the best of 200 foundries (in a worker)',
  60,
  10,
  (b) => void boardAt(prepareStudy(b, 'published', amongAll), quantity(b)),
);
time('ribbon of 240 quantities, from the brief', 60, 10, (b) => void ribbon(prepareStudy(b), 240));
time(
  'alloy × route, 53 alloys (in a worker)',
  150,
  3,
  (b) => void alloyPairs(b, 'published', SHIPPED_RATES, quantity(b)),
);
time(
  'what each requirement costs, readied anew',
  null,
  3,
  (b) => void requirementCosts(relaxations(prepareStudy(b)), quantity(b), null),
);
time('lot sizes of the leading lane', null, 10, (b) => {
  const study = studies.get(b) ?? prepareStudy(b);
  const entry = study.lanes.find((e) => e.lane.id === leaderAt(study, quantity(b)));
  if (entry !== undefined) lotSizes(study, entry, quantity(b));
});
time('crossings from 1 to 1 000 000, exact', null, 5, (b) => void crossings(studies.get(b) ?? prepareStudy(b)));
for (const [brief, study] of studies)
  console.log(`${brief.title.padEnd(30)} ${String(leaderAt(study, quantity(brief)))}`);
