import { TIME_EQUATIONS } from '../calendar';
import { COST_EQUATIONS } from '../cost';
import { PART_EQUATIONS } from '../part';

/** Every equation that a figure of the board comes of, subject by subject, in the order of the model's document. */
export const EQUATIONS = [
  { subject: 'The part', equations: PART_EQUATIONS },
  { subject: 'Money', equations: COST_EQUATIONS },
  { subject: 'Time', equations: TIME_EQUATIONS },
] as const;
