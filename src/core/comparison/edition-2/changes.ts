import type { Study, StudyLane } from '../../study';

/** One thing that edition 2 changed for a lane, and why. */
export interface EditionChange {
  readonly id: string;
  /** What changed. */
  readonly what: string;
  readonly why: string;
}

/** What edition 2 changed, and for which lanes it does. */
const CHANGES: readonly (EditionChange & { readonly touches: (lane: StudyLane, study: Study) => boolean })[] = [
  {
    id: 'dwell',
    what: 'The die stays shut by the metal’s own freezing and cooling.',
    why: 'One factor on aluminium made bronze wait some eight times too long.',
    touches: ({ model }) => model?.v.cycle !== undefined,
  },
  {
    id: 'cooling',
    what: 'Cooling before knock-out goes by metal and section.',
    why: 'One time stood for every alloy.',
    touches: ({ model }) => model?.v.mould === 'shell' || model?.lane.route.id === 'flask-investment',
  },
  {
    id: 'drying',
    what: 'Plaster dries by the wall of its mould.',
    why: 'A thick mould dries far longer than a thin one.',
    touches: ({ lane }) => lane.route.id === 'plaster',
  },
  {
    id: 'lost',
    what: 'Moulds are lost before pouring, and places of a full pour are usually lost.',
    why: 'They were hidden in random misruns, and tools wear by moulds made.',
    touches: ({ lane: { capability: c } }) => c.mouldLoss.v[1] > 0 || c.positionsLost.v[1] > 0,
  },
  {
    id: 'limits',
    what: 'A limit is passed that only barred before: it is now a strain, or work of a specialist.',
    why: 'One shop’s limit is another’s everyday work.',
    touches: ({ screening }) => screening?.special === true || (screening?.findings.some((f) => f.strains) ?? false),
  },
  {
    id: 'hand',
    what: 'Whoever pours by hand pours by the heat and the ladle.',
    why: 'Two hundred pours a shift stood for every metal and mass.',
    touches: ({ model }) => model?.v.time.handPoured === true,
  },
  {
    id: 'coats',
    what: 'The coat that is asked for costs money and days.',
    why: 'It used to cost nothing.',
    touches: ({ model }) => (model?.coats.length ?? 0) > 0,
  },
  {
    id: 'contained',
    what: 'Containment, or pouring under conditions, costs money and days.',
    why: 'What must be contained was not counted.',
    touches: ({ model }) => (model?.hazards.length ?? 0) > 0 || model?.condition != null,
  },
  {
    id: 'positions',
    what: 'Positions that are tried are round numbers and the largest that fits.',
    why: 'With lost places in steps one count could just escape a step.',
    touches: ({ lane }) => lane.capability.layout.nAllowed === 'any',
  },
];

/**
 * What edition 2 changed of some lanes of a study, in the order it is told.
 *
 * @param study as it is worked out now
 * @param laneIds the lane that led, and the one that leads
 * @returns nothing for a lane that none of it touches
 * @example
 * editionChanges(study, []) // []
 */
export function editionChanges(study: Study, laneIds: readonly string[]): EditionChange[] {
  const lanes = study.lanes.filter((entry) => laneIds.includes(entry.lane.id));
  return CHANGES.filter(({ touches }) => lanes.some((lane) => touches(lane, study))).map(({ id, what, why }) => ({
    id,
    what,
    why,
  }));
}
