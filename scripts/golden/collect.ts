import { createHash } from 'node:crypto';
import { boardAt, railQuantities, type Board } from '../../src/core/comparison/board';
import { prepareStudy, type Study } from '../../src/core/study';
import { deliveriesOf, searchPlans, StudyWorkings } from '../../src/core/phased-plans';
import { lifetimeQuantity, type Brief } from '../../src/core/brief';
import { DrawStore, samplingOf } from '../../src/core/simulation';
import type { TolerancePolicy } from '../../src/core/part';
import { SHIPPED_RATES } from '../../src/core/rates';
import { FIGURES } from '../../src/core/study/workings';
import { demoBriefs } from '../../src/server/demo/seed';

/**
 * What many figures come to together: their words and places as a digest, and a sum in which any of them that moves by
 * more than a billionth shows.
 */
export interface Print {
  readonly words: string;
  readonly sum: number;
}

/**
 * Figures of one lane or baseline: the print of all of them over the quantities of the rail, and two of them in full at
 * the pieces of the life, so that it can be told how far they moved.
 */
export interface LaneFigures {
  readonly all: Print;
  readonly total: number | null;
  readonly firstArticle_d: number | null;
}

/** Figures by “study, school, lane”; and prints of draws and phased plans by “study”, of figures with a working by “study: figure”. */
export interface GoldenFigures {
  readonly lanes: Readonly<Record<string, LaneFigures>>;
  readonly workings: Readonly<Record<string, Print>>;
  readonly draws: Readonly<Record<string, Print>>;
  readonly plans: Readonly<Record<string, Print>>;
}

const POLICIES: readonly TolerancePolicy[] = ['published', 'shop'];
/** Day the orders are reckoned from. */
const ORDERED = '2027-01-04';
const QUANTITIES = railQuantities(13);
/** Draws made of each study. */
const DRAWN = 400;

/** Weights are told apart, so that two figures that change places show. */
const weightOf = (i: number): number => 1 + ((i * 0.6180339887498949) % 1);

/** The print of figures, however they are nested. */
export function print(figures: unknown): Print {
  let count = 0;
  let sum = 0;
  const words = JSON.stringify(figures, (_, x: unknown) => {
    if (typeof x !== 'number') return x;
    if (!Number.isFinite(x)) return String(x);
    // By its logarithm a small figure weighs as much as a large one.
    sum += weightOf(count++) * Math.sign(x) * Math.log1p(Math.abs(x));
    return '#';
  });
  return { words: createHash('sha256').update(words).digest('hex').slice(0, 16), sum: Number(sum.toPrecision(14)) };
}

const lanesOf = (board: Board): Map<string, readonly (number | string | null)[]> =>
  new Map([
    ...board.lanes.map(
      (l) =>
        [
          l.id,
          [
            l.status,
            l.money?.total ?? null,
            l.dates?.firstArticle_d ?? null,
            l.dates?.lastPart_d ?? null,
            l.money?.tooling ?? null,
            l.money?.unit ?? null,
            ...Object.values(l.money?.lines ?? {}),
          ],
        ] as const,
    ),
    ...board.baselines.map(
      (b) => [b.id, [b.status, b.total, b.firstArticle_d, b.lastPart_d, b.tooling, b.unit]] as const,
    ),
  ]);

function lanes(brief: Brief, school: TolerancePolicy, q: number): Record<string, LaneFigures> {
  const study = prepareStudy(brief, school, SHIPPED_RATES);
  const boards = [...QUANTITIES, q].map((at) => boardAt(study, at, ORDERED));
  const figures = boards.map(lanesOf);
  const last = figures.at(-1) ?? new Map<string, never>();
  return Object.fromEntries(
    Array.from(last, ([id, [, total, first]]) => [
      `${brief.title}, ${school}, ${id}`,
      {
        all: print(figures.map((of) => of.get(id))),
        total: typeof total === 'number' ? total : null,
        firstArticle_d: typeof first === 'number' ? first : null,
      },
    ]),
  );
}

/** The value of every figure with a working, over all lanes that cost, by “study: figure”. */
function workings(study: Study, board: Board): Record<string, Print> {
  const of = new StudyWorkings(study, board.q);
  const ids = board.lanes.filter((l) => l.money !== null).map((l) => l.id);
  return Object.fromEntries(
    FIGURES.map((figure) => [
      `${study.brief.title}: ${figure}`,
      print(ids.map((id) => [id, of.working(id, figure).value])),
    ]),
  );
}

function draws(study: Study, board: Board): Print {
  const race = Object.values(board.bestOfRoute).filter((id) =>
    board.lanes.some((l) => l.id === id && l.money !== null),
  );
  const sampling = samplingOf(study, board, ORDERED, new DrawStore(1, 'pert', DRAWN), { demand: false, against: null });
  sampling.run(DRAWN);
  return print(race.map((id) => sampling.figures(id)?.map((list) => Array.from(list))));
}

function plans(study: Study, q: number): Print {
  const steps = searchPlans(study, q, deliveriesOf(study, q, ORDERED));
  let step = steps.next();
  while (!step.done) step = steps.next();
  return print(step.value.plans.map((p) => [p.first, p.then, p.pieces, p.total]));
}

/** All figures that must not move unless the version of the core does. */
export function goldenFigures(): GoldenFigures {
  const out = {
    lanes: {} as Record<string, LaneFigures>,
    workings: {} as Record<string, Print>,
    draws: {} as Record<string, Print>,
    plans: {} as Record<string, Print>,
  };
  for (const brief of demoBriefs()) {
    const q = lifetimeQuantity(brief) ?? 100;
    for (const school of POLICIES) Object.assign(out.lanes, lanes(brief, school, q));
    const study = prepareStudy(brief);
    const board = boardAt(study, q, ORDERED);
    Object.assign(out.workings, workings(study, board));
    out.draws[brief.title] = draws(study, board);
    out.plans[brief.title] = plans(study, q);
  }
  return out;
}
