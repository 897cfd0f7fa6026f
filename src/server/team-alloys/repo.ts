import { findAlloy, type Alloy } from '@/core/catalogue/alloys';
import { ALLOY_FACTS_SCHEMA, wholeAlloy, type AlloyPrice, type TeamAlloy, type TeamAlloys } from '@/core/team-alloys';
import type { Runner } from '../db';
import { selectPricesInForce, selectTeamAlloys, type PriceRow, type TeamAlloyRow } from './queries';

/** An alloy out of its row. What an older build stored and this one does not take is left out. */
export function asTeamAlloy(row: TeamAlloyRow): TeamAlloy {
  const raw: unknown = typeof row.facts === 'string' ? JSON.parse(row.facts) : row.facts;
  const facts = ALLOY_FACTS_SCHEMA.safeParse(raw);
  return {
    id: row.id,
    name: row.name,
    version: row.version,
    from: row.from_id,
    facts: facts.success ? facts.data : {},
    source: row.source,
    date: row.read_on,
  };
}

/** The same with all that an alloy of the table has; undefined where the one it was copied from is gone. */
export function asAlloy(row: TeamAlloyRow): Alloy | undefined {
  const base = findAlloy(row.from_id);
  if (base === undefined) return undefined;
  const alloy = wholeAlloy(asTeamAlloy(row), base);
  return row.archived_at === null || alloy.team === undefined
    ? alloy
    : { ...alloy, team: { ...alloy.team, archived: true } };
}

export const asPrice = ({ low, likely, high, priced_on: date, source }: PriceRow): AlloyPrice => ({
  ...{ low, likely, high, source },
  date,
});

/** Alloys and prices of the team's own, as they travel with rates; undefined where it has none. */
export async function teamAlloys(on: Runner): Promise<TeamAlloys | undefined> {
  const list = await selectTeamAlloys(on);
  const prices = await selectPricesInForce(on);
  if (list.length + prices.length === 0) return undefined;
  return {
    key: [...list.map((a) => `${a.id}.${a.version}`), ...prices.map((p) => p.id)].join(' '),
    list: list.flatMap((row) => asAlloy(row) ?? []),
    prices: Object.fromEntries(prices.map((row) => [row.alloy_id, asPrice(row)])),
  };
}
