import type { Alloy } from '../catalogue/alloys';
import type { Brief } from '../brief';
import { PROCESSES, type Phase, type Process, type ProcessStep } from '../catalogue/process-steps';
import { isDone } from './step-conditions';

/** The making of a part: the steps it goes through, by phase, in order. */
export interface Making {
  readonly process: Process;
  /** What the variant does otherwise, or null. */
  readonly variant: string | null;
  readonly phases: readonly { readonly phase: Phase; readonly steps: readonly ProcessStep[] }[];
  /** Steps of the route that this part does not need. */
  readonly left: readonly ProcessStep[];
}

/**
 * How a lane makes the part of a brief. A step that hangs on something the brief does not say is shown.
 * @param laneId "route/variant", or "machined"
 * @param alloy of the brief, or null
 * @param machined whether any dimension is machined after casting
 * @returns null for a lane without a description
 * @example
 * makingOf(brief, alloy, 'gravity-die/hand', false)?.process.id // 'gravity-die'
 */
export function makingOf(brief: Brief, alloy: Alloy | null, laneId: string, machined: boolean): Making | null {
  const [routeId, variant = ''] = laneId.split('/');
  const process = PROCESSES.find((p) => p.id === routeId);
  if (process === undefined) return null;
  const asked = { brief, alloy, machined };
  const done = process.steps.filter((s) => isDone(s.onlyIf, asked));
  const phases: { phase: Phase; steps: ProcessStep[] }[] = [];
  for (const step of done) {
    const last = phases.at(-1);
    if (last?.phase === step.phase) last.steps.push(step);
    else phases.push({ phase: step.phase, steps: [step] });
  }
  return {
    process,
    variant: process.variants?.[variant] ?? null,
    phases,
    left: process.steps.filter((s) => !done.includes(s)),
  };
}
