/** Tolerance and surface: casting grades, the parting, chains, the verdict on a feature, roughness. */
export { castingTolerance, gradeFor } from './ct';
export { partingAddition, partingTolerance, type PartingRow } from './parting';
export { roughness } from './roughness';
export { toleranceStack } from './stack';
export { toleranceVerdict } from './verdict';
