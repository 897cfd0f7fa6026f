import { dayNumber } from '../../base/day';
import { ALLOYS } from '../../catalogue/alloys';
import { LANES } from '../../catalogue/routes';
import { OLD_AFTER_D, type Foundry, type FoundryLine, type Said } from '../../foundries';
import { capabilityFamily } from '../../rates';

/** One variant of a route and who runs it. */
export interface AbilityRow {
  readonly laneId: string;
  /** By foundry id: the line, and how many of its values are measured; absent where it is not run. */
  readonly runs: Readonly<
    Record<string, { readonly line: FoundryLine; readonly measured: number; readonly values: number }>
  >;
}

const saidOf = (line: FoundryLine): Said<unknown>[] =>
  Object.values(line).filter(
    (said): said is Said<unknown> => typeof said === 'object' && said !== null && 'basis' in said,
  );

/**
 * Routes by foundries: every variant of the book with who runs it, and how much of what is said of it was measured.
 *
 * @example
 * abilityMap([]).length // 19
 */
export function abilityMap(foundries: readonly Foundry[]): AbilityRow[] {
  return LANES.map(({ id }) => ({
    laneId: id,
    runs: Object.fromEntries(
      foundries.flatMap((foundry) => {
        const line = foundry.profile.lines.find((l) => `${l.route}/${l.variant}` === id);
        if (line === undefined) return [];
        const said = saidOf(line);
        return [
          [foundry.id, { line, measured: said.filter((s) => s.basis === 'measured').length, values: said.length }],
        ];
      }),
    ),
  }));
}

/** What no foundry, or only one, covers. */
export interface Gap {
  readonly kind: 'no-foundry' | 'one-foundry' | 'no-metal';
  readonly laneId: string;
  /** The metal that nobody pours there; null where it is about the route. */
  readonly metal: string | null;
  /** The only foundry; null where there is none. */
  readonly only: { readonly id: string; readonly name: string } | null;
}

/** Whether a foundry pours a metal: an alloy of it is on its list. */
function pours({ profile }: Foundry, family: string): boolean {
  const said = profile.alloys;
  if (said === undefined) return true;
  const refused = said.v.refused.some(({ what }) => what === family);
  return (
    !refused &&
    said.v.poured.some(
      (id) => id === family || capabilityFamily(ALLOYS.find((a) => a.id === id)?.family ?? '') === family,
    )
  );
}

/**
 * Where the list of foundries leaves a hole: variants nobody runs, variants that hang on one foundry, and metals that the
 * book pours on a variant and no foundry that runs it does.
 *
 * @example
 * coverageGaps([]).every((gap) => gap.kind === 'no-foundry') // true
 */
export function coverageGaps(foundries: readonly Foundry[]): Gap[] {
  return abilityMap(foundries).flatMap(({ laneId, runs }): Gap[] => {
    const who = foundries.filter((f) => f.id in runs);
    const [only] = who;
    if (only === undefined) return [{ kind: 'no-foundry', laneId, metal: null, only: null }];
    const out: Gap[] =
      who.length > 1 ? [] : [{ kind: 'one-foundry', laneId, metal: null, only: { id: only.id, name: only.name } }];
    const families = LANES.find((lane) => lane.id === laneId)?.capability.families ?? {};
    for (const [family, row] of Object.entries(families))
      if (row.ok === 'yes' && !who.some((f) => pours(f, family)))
        out.push({ kind: 'no-metal', laneId, metal: family, only: null });
    return out;
  });
}

/** A value of a profile that is older than a year. */
export interface OldValue {
  /** `shifts`, or `green-sand/bench.scrap`. */
  readonly path: string;
  readonly date: string;
  readonly days: number;
}

/**
 * Values of a profile that are older than a year.
 *
 * @param today ISO date
 * @example
 * oldValues({ id: 'f', name: 'F', version: 1, profile: { lines: [] } }, '2027-01-11') // []
 */
export function oldValues({ profile }: Foundry, today: string): OldValue[] {
  const { lines, ...shop } = profile;
  const now = dayNumber('today', today);
  const said: [string, unknown][] = [
    ...Object.entries(shop),
    ...lines.flatMap((line) =>
      Object.entries(line).map(([key, value]): [string, unknown] => [`${line.route}/${line.variant}.${key}`, value]),
    ),
  ];
  return said.flatMap(([path, value]) => {
    if (typeof value !== 'object' || value === null || !('date' in value)) return [];
    const { date } = value as Said<unknown>;
    const days = now - dayNumber('date', date);
    return days > OLD_AFTER_D ? [{ path, date, days }] : [];
  });
}
