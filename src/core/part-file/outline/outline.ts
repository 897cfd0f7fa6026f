import type { HeavyPlace, Mesh, Vec } from '../geometry';
import { frameAlong, placedIn } from './frame';
import { sectionAt } from './section';
import { silhouetteAlong } from './silhouette';
import { simplified, twiceArea, type Ring } from './simplify';

/** A lump of metal in the frame of the drawing. */
export interface PlacedHeavy {
  /** Along the longer side, along the shorter, up the draw; from the middle of the foot, mm. */
  readonly at_mm: Vec;
  readonly diameter_mm: number;
  readonly modulus_mm: number;
  readonly isolated: boolean;
}

/** What of a part is drawn: its section and silhouettes, in mm from the middle of its foot. */
export interface PartOutline {
  readonly size_mm: Vec;
  /** Section by the plane of the longer side and the draw; rings in rings are holes. */
  readonly section: readonly Ring[];
  /** Section by the plane of the shorter side and the draw, through the middle. */
  readonly sectionAcross: readonly Ring[];
  /** How far the first plane lies from the middle, mm. */
  readonly sectionAt_mm: number;
  /** Seen along the draw, across the shorter side, and across the longer one. */
  readonly fromAbove: readonly Ring[];
  readonly fromFront: readonly Ring[];
  readonly fromSide: readonly Ring[];
  /** Height above the foot at which it is widest: where it parts most simply, mm. */
  readonly widest_mm: number;
}

/** A silhouette and a section are drawn this true, as a share of the longest side. */
const TRUE_TO = 1 / 1500;
/** Planes tried for the section. */
const TRIES = [0, 0.15, -0.15, 0.3, -0.3, 0.42, -0.42];
/** The middle plane is taken where it cuts at least this share of the metal of the best. */
const MIDDLE_ENOUGH = 0.4;
/** A section with more rings than this is drawn without its smallest. */
const MOST_RINGS = 60;

/**
 * What of a part is drawn: a section through its middle, or where it has most metal, and three silhouettes.
 *
 * @param mesh mm, closed; of an open one only the silhouettes can be trusted; d unit direction the mould opens along
 * @returns rings in mm, simplified to 1/1500 of the longest side
 * @example
 * outlineOf(mesh, [0, 0, 1]).fromAbove.length // 1
 */
export function outlineOf(mesh: Mesh, d: Vec): PartOutline {
  const frame = frameAlong(mesh, d);
  const tolerance = TRUE_TO * Math.max(...frame.size_mm);
  const neat = (rings: readonly Ring[]): Ring[] =>
    rings
      .map((ring) => simplified(ring, tolerance))
      .toSorted((a, b) => Math.abs(twiceArea(b)) - Math.abs(twiceArea(a)))
      .slice(0, MOST_RINGS);
  const tried = TRIES.map((share) => {
    const at = share * frame.size_mm[1];
    const rings = sectionAt(mesh, frame, 1, at);
    return { at, rings, metal: Math.abs(rings.reduce((sum, ring) => sum + twiceArea(ring), 0)) };
  });
  const most = Math.max(...tried.map((x) => x.metal));
  const chosen = tried.find((x, i) => (i === 0 ? x.metal >= MIDDLE_ENOUGH * most && most > 0 : x.metal === most));
  const fromFront = neat(silhouetteAlong(mesh, frame, 1));
  return {
    size_mm: frame.size_mm,
    section: neat(chosen?.rings ?? []),
    sectionAcross: neat(sectionAt(mesh, frame, 0, 0)),
    sectionAt_mm: chosen?.at ?? 0,
    fromAbove: neat(silhouetteAlong(mesh, frame, 2)),
    fromFront,
    fromSide: neat(silhouetteAlong(mesh, frame, 0)),
    widest_mm: widestOf(fromFront, frame.size_mm[2]),
  };
}

const LEVELS = 60;

/** Middle of the heights at which a silhouette is widest. */
function widestOf(rings: readonly Ring[], height: number): number {
  const widths = Array.from({ length: LEVELS }, (_, i) => {
    const level = ((i + 0.5) / LEVELS) * height;
    let [low, high] = [Infinity, -Infinity];
    for (const ring of rings)
      ring.forEach(([x, y], k) => {
        const [u, v] = ring[(k + 1) % ring.length] as Ring[number];
        if (y > level === v > level) return;
        const at = x + ((level - y) / (v - y)) * (u - x);
        low = Math.min(low, at);
        high = Math.max(high, at);
      });
    return { level, width: high > low ? high - low : 0 };
  });
  const most = Math.max(...widths.map((w) => w.width));
  const wide = widths.filter((w) => w.width >= 0.995 * most);
  return ((wide[0]?.level ?? height / 2) + (wide.at(-1)?.level ?? height / 2)) / 2;
}

/**
 * Height above the foot at which a part is widest, mm: where it parts most simply.
 *
 * @param mesh mm; d unit direction the mould opens along
 * @example
 * widestAlong(mesh, [0, 0, 1]) > 0 // true
 */
export function widestAlong(mesh: Mesh, d: Vec): number {
  const frame = frameAlong(mesh, d);
  return Number(widestOf(silhouetteAlong(mesh, frame, 1), frame.size_mm[2]).toPrecision(4));
}

/**
 * The heaviest places of a part in the frame of its drawing, heaviest first.
 *
 * @param mesh mm; d unit direction the mould opens along; heavy as measured
 * @returns places with lengths in mm, at most so many
 * @example
 * placedHeavy(mesh, [0, 0, 1], measures.heavy).length <= 8 // true
 */
export function placedHeavy(mesh: Mesh, d: Vec, heavy: readonly HeavyPlace[], most = 8): PlacedHeavy[] {
  const frame = frameAlong(mesh, d);
  const rounded = (x: number): number => Number(x.toPrecision(4));
  const placed = (v: Vec): Vec => [Number(v[0].toFixed(2)), Number(v[1].toFixed(2)), Number(v[2].toFixed(2))];
  return heavy.slice(0, most).map((h) => ({
    at_mm: placed(placedIn(frame, h.centre_mm)),
    diameter_mm: rounded(h.diameter_mm),
    modulus_mm: rounded(Number.isFinite(h.localModulus_mm) ? h.localModulus_mm : h.diameter_mm / 6),
    isolated: h.isolated,
  }));
}
