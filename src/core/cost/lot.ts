import { ceilGuarded } from '../checks';
import type { LaneModel, Stages } from './lane-model';
import type { LayoutPlan } from './layout';

/** Pours and shots one lot of Q good pieces takes. */
export interface LotRun {
  /** Castings made (N_B). */
  readonly castings: number;
  /** Pours without warm-up (P). */
  readonly pours: number;
  /** Pours with warm-up. */
  readonly filled: number;
  /** Shots on the tool: pours with warm-up, or wax injections where the tool has its own cavities. */
  readonly shots: number;
}

/** Castings, pours and shots of one lot (section 8). */
export function lotRun(
  model: LaneModel,
  plan: LayoutPlan,
  stages: Stages,
  Q: number,
  castingsPerPour = plan.castingsPerPour,
): LotRun {
  const castings = Q * stages.nB;
  const pours = ceilGuarded(castings / castingsPerPour);
  const filled = pours + model.warmUp;
  const own = model.lane.capability.layout.toolPerPosition;
  return { castings, pours, filled, shots: own ? filled : plan.nt > 0 ? castings / plan.nt : 0 };
}

/** Money of one lot of Q good pieces (equation 8.1), USD before the price factor. */
export function lotCost(model: LaneModel, plan: LayoutPlan, stages: Stages, Q: number): number {
  const run = lotRun(model, plan, stages, Q);
  return (
    model.setUp +
    run.filled * plan.perPour +
    Q * perPiece(model, stages) +
    measuring(model, Q) +
    run.shots * plan.upkeep
  );
}

/** All that a good piece costs beside its pours, USD: kept metal, finishing, heat treatment, rework, machining, looking over. */
function perPiece(model: LaneModel, s: Stages): number {
  return (
    model.price * model.kRet * model.part.mc +
    s.nB * (model.finish + model.heat + s.sc * model.omega * model.cRw) +
    s.nC * model.part.machining +
    s.nD * model.look
  );
}

/** Measuring samples of a lot: a share, never fewer than three pieces or the lot. */
function measuring(model: LaneModel, Q: number): number {
  return Math.max(model.sampleShare * Q, Math.min(Q, 3)) * model.measure;
}

export const LINE_IDS = [
  'setUp',
  'pours',
  'metal',
  'melting',
  'finishing',
  'heatTreatment',
  'machining',
  'inspection',
  'upkeep',
  'scrapAndRework',
] as const;
export type LineId = (typeof LINE_IDS)[number];

/** A lot line by line, USD before the price factor; the lines are shown without scrap, which has its own line (equation 8.4). */
export function lotLines(
  model: LaneModel,
  plan: LayoutPlan,
  stages: Stages,
  Q: number,
): Readonly<Record<LineId, number>> {
  const s = model.ideal;
  const run = lotRun(model, plan, s, Q, plan.n);
  const kg = run.filled * plan.M;
  const lines = {
    setUp: model.setUp,
    pours: run.filled * plan.pour,
    metal: model.price * (kg * (1 + model.meltLoss) - model.kRet * (kg - Q * model.part.mc)),
    melting: kg * model.melting,
    finishing: Q * model.finish,
    heatTreatment: Q * model.heat,
    machining: Q * model.part.machining,
    inspection: Q * model.look + measuring(model, Q),
    upkeep: run.shots * plan.upkeep,
  };
  const ideal = Object.values(lines).reduce((a, b) => a + b, 0);
  return { ...lines, scrapAndRework: lotCost(model, plan, stages, Q) - ideal };
}
