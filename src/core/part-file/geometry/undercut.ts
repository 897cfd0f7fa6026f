import type { UndercutFound, UndercutRegion } from './undercut-types';
import type { Vec } from './mesh';
import { Openness } from './openness';
import { PLACES, placeOn, type FineMesh } from './sampling';
import { connected } from './shells';
import { drawKey, type Seen } from './seen';
import { slidesFor } from './slides';
import { UNHURRIED, type Cut, type Work } from './work';

/** Facets beyond which one place stands for a facet: they are small then. */
const ONE_PLACE_ABOVE = 30_000;
/** Facets looked at, at most: of a finer mesh every so many, and those between share the answer of the one before. */
const MOST_TESTED = 250_000;
/** Share of a facet's places that must be trapped for it to belong to a region. */
const TRAPPED = 0.5;
/** Regions smaller than this share of the whole surface are specks: noise of the facets, or nothing a toolmaker sees. */
const SPECK = 2e-5;
/** So are those smaller than this, mm², where that is no large share of the surface. */
const SPECK_MM2 = 1;
const SPECK_AT_MOST = 2e-4;

/** Draws whose undercuts are kept. */
const MOST_KEPT = 16;

/**
 * Slides counted for each region by itself: one, or two where two are needed. Source: the formula book, geo.undercut.
 *
 * @example
 * slidesByRegion({ regions: [{ release: 'slide' }, { release: 'two-slides' }] }) // 3
 */
export const slidesByRegion = (found: UndercutFound): number =>
  found.regions.reduce((sum, r) => sum + (r.release === 'slide' ? 1 : r.release === 'two-slides' ? 2 : 0), 0);

/**
 * What a mould of two halves drawn along ±d cannot release, at four places on each facet of a fine mesh. Means something
 * for closed meshes only. Source: the formula book, geo.undercut; Chen and Woo, visibility.
 * @param d unit direction
 * @example
 * undercuts(body.seen, [0, 0, 1]).slides // 0
 */
export function undercuts(seen: Seen, d: Vec, work: Work = UNHURRIED): UndercutFound {
  const { fine } = seen;
  const key = drawKey(d);
  const known = seen.counted.get(key);
  if (known !== undefined) return known;
  const open = new Openness(fine, seen.sights, d, seen.diagonal, fine.areas.length);
  const facets = fine.areas.length;
  const places = facets > ONE_PLACE_ABOVE ? PLACES.slice(0, 1) : PLACES;
  const trapped = new Float32Array(facets);
  const half = new Int8Array(facets);
  let area = 0;
  const stride = Math.ceil(facets / MOST_TESTED);
  let share = 0;
  let by = 0;
  for (let i = 0; i < facets; i++) {
    if ((i & 8191) === 0) work.progress((0.8 * i) / facets);
    const f = fine.order === undefined ? i : fine.order[i]!;
    if (i % stride === 0) {
      let hit = 0;
      for (const weights of places) {
        const one = open.halfFor(f, weights);
        if (one === 2) hit++;
        else by = one;
      }
      share = hit / places.length;
      if (share >= TRAPPED) by = 2;
    }
    half[f] = by;
    trapped[f] = share;
    area += fine.areas[f]! * share;
  }
  const found = area > 0 ? regionsOf(seen, trapped, d, work) : NONE;
  work.progress(1);
  const out: UndercutFound = {
    area_mm2: area,
    share: fine.area_mm2 > 0 ? area / fine.area_mm2 : 0,
    ...found,
    cores: found.regions.filter((r) => r.release === 'core').length,
    closedVoids: found.regions.filter((r) => r.release === 'closed-void').length,
    trapped,
    half,
  };
  if (seen.counted.size >= MOST_KEPT) seen.counted.clear();
  seen.counted.set(key, out);
  return out;
}

type Regions = Pick<UndercutFound, 'regions' | 'specks' | 'slides' | 'cut'>;
const NONE: Regions = { regions: [], specks: { count: 0, area_mm2: 0 }, slides: 0, cut: null };

function regionsOf(seen: Seen, trapped: Float32Array, d: Vec, { over }: Work): Regions {
  const { fine, edges, shells } = seen;
  const inShell = new Uint32Array(shells.count);
  for (const shell of shells.of) inShell[shell]!++;
  const { of, count } = connected(edges.twins, (f) => trapped[f]! >= TRAPPED);
  const areas = new Float64Array(count);
  const sizes = new Uint32Array(count);
  of.forEach((region, f) => {
    if (region < 0) return;
    areas[region]! += fine.areas[f]!;
    sizes[region]!++;
  });
  const least = Math.max(SPECK * fine.area_mm2, Math.min(SPECK_MM2, SPECK_AT_MOST * fine.area_mm2));
  const specks = { count: 0, area_mm2: 0 };
  const members = new Map<number, number[]>();
  for (let r = 0; r < count; r++)
    if (areas[r]! >= least) members.set(r, []);
    else {
      specks.count++;
      specks.area_mm2 += areas[r]!;
    }
  of.forEach((region, f) => members.get(region)?.push(f));
  const lists = [...members].sort(([a], [b]) => areas[b]! - areas[a]!).map(([, list]) => list);
  const isVoid = (list: readonly number[]): boolean => list.length === inShell[shells.of[list[0]!]!];
  const asked = lists.filter((list) => !isVoid(list));
  const freed = slidesFor(seen, d, asked, over);
  const howOf = new Map(asked.map((list, i) => [list, freed.regions[i]!]));
  const regions = lists.map((list): UndercutRegion => {
    const how = howOf.get(list);
    return {
      ...centred(fine, list),
      release: how?.release ?? 'closed-void',
      slide: how?.slide ?? null,
      facets: Uint32Array.from(list),
    };
  });
  const cut: Cut | null =
    freed.looked < asked.length
      ? { what: 'undercuts looked at for a slide', done: freed.looked, of: asked.length }
      : null;
  return { regions, specks, slides: freed.slides, cut };
}

function centred(fine: FineMesh, list: readonly number[]): { readonly area_mm2: number; readonly centre_mm: Vec } {
  const at = new Float64Array(3);
  const sum: [number, number, number] = [0, 0, 0];
  let area = 0;
  for (const f of list) {
    placeOn(fine.mesh, f, PLACES[0]!, at);
    area += fine.areas[f]!;
    for (let k = 0; k < 3; k++) sum[k]! += at[k]! * fine.areas[f]!;
  }
  return { area_mm2: area, centre_mm: [sum[0] / area, sum[1] / area, sum[2] / area] };
}
