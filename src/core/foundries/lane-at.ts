import type { Triple, ValueSource } from '../base/figures';
import type { Capability, CapabilityFamily, Lane, WidthClaim } from '../catalogue/routes';
import type { Foundry, FoundryLine, Said, SaidWidth } from './types';

/** A size beyond which no table of widths goes; mm. */
const ANY_SIZE_MM = 10_000;
/** A projected area beyond any; cm². */
const ANY_AREA_CM2 = 99_999;

/**
 * One figure or a band as a band.
 *
 * @example
 * bandOf(0.05) // [0.05, 0.05, 0.05]
 */
export const bandOf = (v: number | Triple): Triple => (typeof v === 'number' ? [v, v, v] : v);

const claimOf = ({ totalBase_mm, upTo_mm, perMm, maxNominal_mm }: SaidWidth): WidthClaim => ({
  totalBase_mm,
  upTo_mm,
  perMm,
  maxNominal_mm: maxNominal_mm ?? ANY_SIZE_MM,
});

type Draft = { -readonly [K in keyof Capability]: Capability[K] };

/** Every family that a table of a capability speaks of. */
const familiesIn = (table: object): CapabilityFamily[] =>
  Object.keys(table).filter((key) => !['basis', 'note', 'unit', 'order'].includes(key)) as CapabilityFamily[];

/** A table with one value for every metal it speaks of. */
function same<T extends object>(table: T, value: unknown): T {
  return { ...table, basis: 'shop', ...Object.fromEntries(familiesIn(table).map((family) => [family, value])) };
}

/** The largest clamp of the machines of a foundry, MN; null where none is said. */
function clampOf({ profile: { machines } }: Foundry): Said<number> | null {
  const most = Math.max(0, ...(machines?.v ?? []).map((m) => m.clamp_MN ?? 0));
  return machines === undefined || most === 0 ? null : { ...machines, v: most };
}

/**
 * A lane as one foundry runs it: what its profile says in place of the book's values, each with whose it is; what the
 * profile lacks stays the book's.
 *
 * @param lane by the book, or by a set of process values
 * @param line what the foundry says of the lane's variant
 * @param foundry whose line it is
 * @returns the lane, its id kept
 * @example
 * laneAt(entry.lane, { route: 'x', variant: 'y', sectionMax_mm: { v: 50, basis: 'measured', date: '2026-12-07' } }, { id: 'f', name: 'F', version: 1, profile: { lines: [] } }).capability.sectionMax.aluminium
 * // 50
 */
export function laneAt(lane: Lane, line: FoundryLine, foundry: Foundry): Lane {
  const c: Draft = { ...lane.capability };
  const sources: Record<string, ValueSource> = { ...lane.sources };
  const say = <T>(said: Said<T> | undefined | null, paths: readonly string[], put: (v: T) => void): void => {
    if (said === undefined || said === null) return;
    put(said.v);
    const { basis: known, date, note = '' } = said;
    for (const path of paths) sources[path] = { who: foundry.name, known, source: note, date };
  };
  say(line.mass_kg, ['mass_kg'], ({ least, usual, exceptional, most }) => {
    const { who, ...rest } = c.mass_kg;
    c.mass_kg = {
      ...rest,
      min: least ?? c.mass_kg.min,
      max: usual,
      exceptional: exceptional ?? most,
      specialist: most,
      basis: 'shop',
      ...(exceptional === undefined || who === undefined ? {} : { who }),
    };
    const own = c.mass_kg.maxBy;
    if (own !== undefined) c.mass_kg = { ...c.mass_kg, maxBy: {} };
    // What a pour holds follows the part: in the ratio that the book has of the two.
    const { massLimit_kg, massLimitExceptional_kg, massLimitSpecialist_kg } = c.layout;
    const { max, exceptional: more, specialist } = lane.capability.mass_kg;
    c.layout = {
      ...c.layout,
      massLimit_kg: max === usual ? massLimit_kg : Math.max(massLimit_kg, (massLimit_kg * usual) / max),
      massLimitExceptional_kg:
        massLimitExceptional_kg === undefined
          ? (massLimit_kg * Math.max(more, exceptional ?? most)) / max
          : Math.max(massLimitExceptional_kg, exceptional ?? most),
      massLimitSpecialist_kg:
        massLimitSpecialist_kg === undefined
          ? (massLimit_kg * Math.max(specialist, most)) / max
          : Math.max(massLimitSpecialist_kg, most),
    };
  });
  say(line.size_mm, ['size_mm'], ({ usual, exceptional, most }) => {
    c.size_mm = { ...c.size_mm, max: usual, exceptional: exceptional ?? most, specialist: most, basis: 'shop' };
  });
  if (line.wall_mm !== undefined) {
    for (const [family, wall] of Object.entries(line.wall_mm.v)) {
      say(line.wall_mm, [`wallMin.${family}`], () => {
        c.wallMin = { ...c.wallMin, [family]: [wall.exceptional, wall.usual] };
        if (c.wallSpecialist !== undefined)
          c.wallSpecialist = { ...c.wallSpecialist, [family]: wall.least ?? wall.exceptional };
      });
    }
  }
  say(line.sectionMax_mm, ['sectionMax'], (v) => {
    c.sectionMax = same(c.sectionMax, v);
  });
  say(line.holeMin_mm, ['hole.minDia'], (v) => {
    const { minDiaSpecialist: _none, ...hole } = c.hole;
    c.hole = { ...hole, minDia: { any: v }, basis: 'shop' };
  });
  say(line.holeTol_mm, ['hole.tol_mm'], (v) => {
    c.hole = { ...c.hole, tol_mm: v };
  });
  say(line.tolCritical, ['foundryClaim.critical'], (v) => {
    c.foundryClaim = { ...c.foundryClaim, critical: claimOf(v) };
  });
  say(line.tolOther, ['foundryClaim.other'], (v) => {
    c.foundryClaim = { ...c.foundryClaim, other: claimOf(v) };
  });
  say(line.acrossPartingAdd_mm, ['partingExtra'], (v) => {
    c.partingExtra = { ...c.partingExtra, rows: [{ upTo_cm2: ANY_AREA_CM2, add_mm: v }], basis: 'shop' };
  });
  say(line.finish, ['Ra_um'], ({ Ra_um }) => {
    c.Ra_um = {
      ...c.Ra_um,
      ...Object.fromEntries(
        familiesIn(c.Ra_um).map((family) => [family, [Math.min(Ra_um, c.Ra_um[family]?.[0] ?? Ra_um), Ra_um]]),
      ),
      basis: 'shop',
    };
  });
  // A foundry that names no way, and no most, frees none.
  const most = line.undercuts?.v.most ?? (line.undercuts?.v.ways.length === 0 ? 0 : undefined);
  say(line.undercuts, most === undefined ? [] : ['undercut'], ({ ways }) => {
    if (ways.length > 0) c.undercut = { ...c.undercut, ways };
    if (most !== undefined)
      c.undercut = { ...c.undercut, max: most, exceptional: most, specialist: most, basis: 'shop' };
  });
  say(line.positions, ['layout.nMax', 'positionsLost'], ({ usual, reliable }) => {
    c.layout = { ...c.layout, nMax: usual };
    const lost = 1 - reliable / usual;
    c.positionsLost = {
      ...c.positionsLost,
      v: [lost, lost, lost],
      from_n: usual,
      where: 'as the foundry’s own pours show',
      basis: 'shop',
    };
  });
  if (c.layout.maxClamp_MN !== undefined)
    say(clampOf(foundry), ['layout.maxClamp_MN'], (v) => {
      c.layout = { ...c.layout, maxClamp_MN: v, clampExceptional_MN: v, clampSpecialist_MN: v };
    });
  say(line.scrap, ['scrap'], ({ new: fresh, settled }) => {
    c.scrap = {
      ...c.scrap,
      new: { ...c.scrap.new, v: bandOf(fresh), basis: 'shop' },
      settled: { ...c.scrap.settled, v: bandOf(settled), basis: 'shop' },
    };
  });
  say(line.warmUpPours, ['warmUpPours'], (v) => {
    c.warmUpPours = { ...c.warmUpPours, v: bandOf(v), basis: 'shop' };
  });
  say(line.toolLife, ['life_shots'], (v) => {
    c.life_shots = same(c.life_shots, bandOf(v));
  });
  say(line.yield, ['yield'], (v) => {
    c.yield = same(c.yield, bandOf(v));
  });
  return { ...lane, capability: c, sources };
}
