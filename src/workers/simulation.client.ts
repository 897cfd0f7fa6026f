import type { SimulationAnswer, SimulationAsked } from './simulation.protocol';
import { LatestClient } from './latest.client';

/** The worker that draws. */
export const simulationWorker = new LatestClient<SimulationAsked, SimulationAnswer>(
  () => new Worker(new URL('./simulation.worker.ts', import.meta.url), { type: 'module' }),
  (id, message) => ({ id, kind: 'refused', issue: null, message }),
);
