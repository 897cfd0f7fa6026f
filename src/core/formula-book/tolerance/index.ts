/** Tolerance and surface: casting grades, the parting, chains, the verdict on a feature, roughness. */
export { castingTolerance, gradeFor } from './ct';
export { CORE_SHIFT_MM } from './core-shift.data';
export { partingAddition, partingTolerance, type PartingRow } from './parting';
export { roughness } from './roughness';
export { toleranceStack } from './stack';
export { toleranceVerdict } from './verdict';
