import type { Alloy } from '../catalogue/alloys';
import type { Brief } from '../brief';

/** What a condition of a step looks at. */
interface Asked {
  readonly brief: Brief;
  readonly alloy: Alloy | null;
  /** Whether any dimension of the lane is machined after casting. */
  readonly machined: boolean;
}

const cored = ({ brief: { geometry } }: Asked): boolean =>
  (geometry.passages ?? 0) > 0 || (geometry.undercuts ?? 0) > 0 || (geometry.coredHoles ?? 0) > 0;

const long = ({ brief: { geometry } }: Asked): boolean => {
  const sides = geometry.box_mm;
  const wall = geometry.wallMin_mm;
  if (sides === null) return false;
  const [, , longest = 0] = [...sides].sort((a, b) => a - b);
  return longest > 300 || (wall !== null && longest / wall > 60);
};

/** Conditions in the words of the steps. Where a brief does not say, the step is shown. */
const CONDITIONS: Readonly<Record<string, (asked: Asked) => boolean>> = {
  'any feature is machined': ({ machined }) => machined,
  'cores were used': cored,
  'drilled, tapped or reamed holes': ({ brief, machined }) => machined || brief.holes.some((h) => h.thread !== null),
  'family is stainless': ({ alloy }) => alloy === null || alloy.family === 'stainless',
  'long or thin part': long,
  'needs.environment or drawing asks for a coat': ({ brief }) =>
    brief.needs.environment !== 'indoor' || brief.needs.coated === true,
  'needs.heatTreated (or stress relief by agreement)': ({ brief }) => brief.needs.heatTreated !== false,
  'needs.pressureTight': ({ brief }) => brief.needs.pressureTight !== false,
  passages: ({ brief }) => (brief.geometry.passages ?? 0) > 0,
  'passages, undercuts or cored holes that need cores': cored,
  'shape is open or quenched': (asked) => long(asked) || asked.brief.needs.heatTreated !== false,
};

/** Whether a step with that condition is done; a condition not known is taken to hold. */
export function isDone(condition: string | undefined, asked: Asked): boolean {
  return condition === undefined || (CONDITIONS[condition]?.(asked) ?? true);
}

/** The conditions that are understood. */
export const KNOWN_CONDITIONS: readonly string[] = Object.keys(CONDITIONS);
