import type { MeasuredField } from './geometry';

/** Fields of a brief that a part file fills. */
export const MEASURED_FIELDS: readonly MeasuredField[] = [
  'volume_cm3',
  'area_cm2',
  'box_mm',
  'wallMin_mm',
  'sectionMax_mm',
  'projected_cm2',
  'undercuts',
  'passages',
  'coredHoles',
];
