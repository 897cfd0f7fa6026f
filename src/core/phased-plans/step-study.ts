import { prepareFrom, type Study } from '../study';

/** So many pieces on a lane, with its positions in a pour and the cavities of its tool. */
export interface StepAt {
  readonly laneId: string;
  readonly pieces: number;
  readonly layout: readonly [n: number, nt: number];
}

/**
 * The study in which one step of a plan is the whole programme of its lane, laid out as the plan has it.
 *
 * @example
 * studyOfStep(study, { laneId: board.leader, pieces: 10, layout: [1, 1] }).brief.overrides.layouts[board.leader]
 * // [1, 1]
 */
export function studyOfStep(study: Study, { laneId, layout }: StepAt): Study {
  const { overrides } = study.brief;
  const layouts: Record<string, [number, number]> = { ...overrides.layouts, [laneId]: [layout[0], layout[1]] };
  const alloyOf = () => study.alloy ?? undefined;
  return prepareFrom(alloyOf, { ...study.brief, overrides: { ...overrides, layouts } }, study.school, study.rates);
}
