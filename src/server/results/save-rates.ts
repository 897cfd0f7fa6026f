import 'server-only';
import { saveFoundry, type FoundrySaveResult } from '../foundries';
import { saveProcessSet, type ProcessSaveResult } from '../process-sets';
import { saveRateSet, type RateSaveResult } from '../rates';
import { enterPrice, saveTeamAlloy, withdrawPrice, type AlloySaveResult } from '../team-alloys';
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

/** Saves what is said of an alloy of the team's own, likewise. */
export async function saveAlloy(...change: Parameters<typeof saveTeamAlloy>): Promise<AlloySaveResult> {
  const saved = await saveTeamAlloy(...change);
  if (saved.outcome === 'saved') renewSoon();
  return saved;
}

/** Enters a price of an alloy, likewise. */
export async function savePrice(...price: Parameters<typeof enterPrice>): Promise<boolean> {
  const saved = await enterPrice(...price);
  if (saved) renewSoon();
  return saved;
}

/** Withdraws a price, likewise. */
export async function dropPrice(...price: Parameters<typeof withdrawPrice>): Promise<boolean> {
  const dropped = await withdrawPrice(...price);
  if (dropped) renewSoon();
  return dropped;
}
