import 'server-only';
import { saveRateSet, type RateSaveResult } from '../rates';
import { renewSoon } from './renew';

/** Saves a change of a rate set; what lists tell of the studies that use it is old then, and is renewed in the background. */
export async function saveRates(...change: Parameters<typeof saveRateSet>): Promise<RateSaveResult> {
  const saved = await saveRateSet(...change);
  if (saved.outcome === 'saved') renewSoon();
  return saved;
}
