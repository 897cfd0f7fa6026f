/** Money, time and effort coefficients: one rate set holds all that the cost and calendar equations need. */
export { SHIPPED_RATES, capabilityFamily, ratesFamily } from './shipped';
export type {
  BaselineRates,
  GlobalRates,
  JointKind,
  OperationKind,
  RateSet,
  ResourceRates,
  StepRates,
  Touch,
  VariantRates,
} from './types';
