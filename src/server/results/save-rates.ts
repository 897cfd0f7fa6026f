import 'server-only';
import { saveFoundry, type FoundrySaveResult } from '../foundries';
import { saveProcessSet, type ProcessSaveResult } from '../process-sets';
import { saveRateSet, type RateSaveResult } from '../rates';
import { renewSoon } from './renew';

/** Saves a change of a rate set; what lists tell of the studies that use it is old then, and is renewed in the background. */
export async function saveRates(...change: Parameters<typeof saveRateSet>): Promise<RateSaveResult> {
  const saved = await saveRateSet(...change);
  if (saved.outcome === 'saved') renewSoon();
  return saved;
}

/** Saves a change of process values, likewise. */
export async function saveProcess(...change: Parameters<typeof saveProcessSet>): Promise<ProcessSaveResult> {
  const saved = await saveProcessSet(...change);
  if (saved.outcome === 'saved') renewSoon();
  return saved;
}

/** Saves what is said of a foundry, likewise. */
export async function saveProfile(...change: Parameters<typeof saveFoundry>): Promise<FoundrySaveResult> {
  const saved = await saveFoundry(...change);
  if (saved.outcome === 'saved') renewSoon();
  return saved;
}
