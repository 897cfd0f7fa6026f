import { parseBrief } from '@/core/brief';
import { SHIPPED_REF } from '@/core/rates';
import { answerSimulation } from './simulation.answer';
import type { SimulationRequest } from './simulation.protocol';
import { WARM_BRIEF } from './warm-brief.data';

/** Quantities drawn before anything is asked: code that has run a few times runs faster. */
const QUANTITIES = [800, 2000, 5000] as const;

/**
 * Draws a made-up part a few times, for nobody: the first study then finds the code compiled and the draws of the
 * shipped rates made. Ends as soon as something is asked.
 * @param breathe lets requests in; false once there is one
 */
export async function warmSimulation(breathe: () => Promise<boolean>): Promise<void> {
  const parsed = parseBrief(WARM_BRIEF);
  if (!parsed.ok) return;
  for (const q of QUANTITIES) {
    if (!(await breathe())) return;
    const request: SimulationRequest = {
      id: 0,
      brief: parsed.brief,
      school: 'published',
      rates: SHIPPED_REF,
      orderDate: '2027-01-04',
      q,
      seed: 1,
      spread: 'pert',
      demand: false,
      deep: q === QUANTITIES.at(-1),
      plan: null,
    };
    await answerSimulation(request, () => undefined, breathe);
  }
}
