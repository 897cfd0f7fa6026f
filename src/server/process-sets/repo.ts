import { entryAt, refusedValue, type OwnValues } from '@/core/process-values';
import type { ProcessRef } from '@/core/rates';
import type { Runner } from '../db';
import { selectProcessSet, selectValues, type ProcessSetRow } from './queries';

/** Values that this build takes: one that an older edition stored and this one does not have is left out. */
const sound = (own: OwnValues): OwnValues =>
  Object.fromEntries(
    Object.entries(own).filter(([path, { v }]) => {
      const entry = entryAt(path);
      return entry !== undefined && refusedValue(entry, v) === null;
    }),
  );

/** A set of the database as a reference. */
export async function processRefOf(on: Runner, row: ProcessSetRow): Promise<ProcessRef> {
  return { id: row.id, name: row.name, version: row.version, own: sound(await selectValues(on, row.id)) };
}

/** The set of an id as a reference. A study cannot name one that is not there, so a missing one is our fault. */
export async function loadProcess(on: Runner, id: string): Promise<ProcessRef> {
  const row = await selectProcessSet(on, id);
  if (row === undefined) throw new Error(`No set of process values ${id}`);
  return processRefOf(on, row);
}
