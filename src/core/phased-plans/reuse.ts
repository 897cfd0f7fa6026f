import type { ProgrammeCost } from '../cost';
import { REUSE, type Reuse } from './reuse.data';

/** What the first lane's tool leaves for the second's, or undefined. */
export function reuseOf(first: string, then: string): Reuse | undefined {
  return REUSE.find((r) => r.from === first && r.to === then);
}

/** Money of the later lane's first tool that need not be spent again, USD, mark-up included. */
export function reusedMoney(reuse: Reuse | undefined, later: ProgrammeCost): number {
  return reuse === undefined ? 0 : reuse.share[1] * later.model.toolFactor * later.plan.C1;
}
