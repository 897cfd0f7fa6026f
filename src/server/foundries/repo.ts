import { parseFoundryProfile, type Foundry, type FoundryProfile } from '@/core/foundries';
import type { Runner } from '../db';
import { log } from '../log';
import { selectFoundries, selectFoundry, type FoundryRow } from './queries';

const NOTHING: FoundryProfile = { lines: [] };

/** The profile of a row; one that this build does not read stands as an empty one, and the log tells of it. */
export function profileOf(row: FoundryRow): FoundryProfile {
  const raw = typeof row.profile === 'string' ? (JSON.parse(row.profile) as unknown) : row.profile;
  const read = parseFoundryProfile(raw);
  if (read.ok) return read.profile;
  log.warn({ foundry: row.id, issues: read.issues.slice(0, 3) }, 'the profile of a foundry cannot be read');
  return NOTHING;
}

/** A row as the equations read it. */
export const asFoundry = (row: FoundryRow): Foundry => ({
  id: row.id,
  name: row.name,
  version: row.version,
  profile: profileOf(row),
});

/** Every foundry that is not archived. */
export async function activeFoundries(on: Runner): Promise<Foundry[]> {
  return (await selectFoundries(on)).map(asFoundry);
}

/** The foundry of an id, archived or not; undefined where there is none. */
export async function foundryOf(on: Runner, id: string): Promise<Foundry | undefined> {
  const row = await selectFoundry(on, id);
  return row === undefined ? undefined : asFoundry(row);
}
