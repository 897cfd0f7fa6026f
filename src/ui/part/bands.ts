import { increase } from '@/core/base/lookup';
import { inUnitsOf, type UnitSystem } from '@/core/base/units';
import { significant } from '../format';

/** One tone of a painted part: what it stands for, how much of the surface has it, and whether it is hatched. */
export interface Band {
  readonly words: string;
  /** Share of the surface, 0 to 1. */
  readonly share: number;
  readonly tone: string;
  readonly hatched: boolean;
}

/** A part painted by some measure: a band for every facet drawn. */
export interface Painting {
  readonly bandOf: Uint8Array;
  readonly bands: readonly Band[];
}

/** From thin to thick, from steep to leaning: dark to light, so that grey print reads the same order. */
const RAMP = ['#33241a', '#5d4028', '#86623f', '#ad8a5f', '#cdb38c', '#e2d2b6', '#f2e9d8'] as const;
const NOT_MEASURED = '#9aa0a6';
const UPPER = '#e2d2b6';
const LOWER = '#ad9b80';
const EITHER = '#f2e9d8';
const TRAPPED = '#b23c0e';
/** Bounds between bands of draft, degrees; below the first a wall stands along the draw. */
const DRAFT_BOUNDS = [0.06, 0.5, 1, 2, 5] as const;

const mm = (x: number, units: UnitSystem): string => {
  const shown = inUnitsOf(x, 'mm', units) ?? { value: x, unit: 'mm' };
  return `${significant(shown.value, 3)} ${shown.unit}`;
};

/** The whole part in one tone. */
export function plain(facets: number): Painting {
  return { bandOf: new Uint8Array(facets), bands: [{ words: 'surface', share: 1, tone: '#d8cbb4', hatched: false }] };
}

/** Walls in bands of even steps from the thinnest to the thickest; those below what is thin are hatched. */
export function byWall(
  walls: Float32Array,
  areas: Float32Array,
  thinnest: number,
  thickest: number,
  units: UnitSystem,
): Painting {
  const steps = RAMP.length - 1;
  const low = Number.isFinite(thinnest) ? thinnest : 0;
  const step = Math.max((thickest - low) / (steps - 1), 1e-6);
  const bandOf = new Uint8Array(walls.length);
  for (let f = 0; f < walls.length; f++) {
    const wall = walls[f] ?? NaN;
    bandOf[f] = Number.isFinite(wall)
      ? Math.min(steps - 1, Math.max(0, Math.floor((wall - low * 0.995) / step) + (wall < low * 0.995 ? 0 : 1)))
      : steps;
  }
  const words = Array.from({ length: steps }, (_, i) =>
    i === 0
      ? `under ${mm(low, units)}`
      : i === steps - 1
        ? `over ${mm(low + step * (i - 1), units)}`
        : `${mm(low + step * (i - 1), units)} to ${mm(low + step * i, units)}`,
  );
  return withShares(bandOf, areas, [
    ...words.map((w, i) => ({ words: w, tone: RAMP[i] ?? '', hatched: i === 0 })),
    { words: 'no face opposite', tone: NOT_MEASURED, hatched: true },
  ]);
}

/** Draft in bands; walls that stand along the draw are hatched. */
export function byDraft(draft: Float32Array, areas: Float32Array): Painting {
  const bandOf = new Uint8Array(draft.length);
  for (let f = 0; f < draft.length; f++) {
    let band = 0;
    while (band < DRAFT_BOUNDS.length && (draft[f] ?? 0) >= (DRAFT_BOUNDS[band] ?? 90)) band++;
    bandOf[f] = band;
  }
  const words = ['none', '0.06° to 0.5°', '0.5° to 1°', '1° to 2°', '2° to 5°', '5° and more'];
  return withShares(
    bandOf,
    areas,
    words.map((w, i) => ({ words: w, tone: RAMP[i + (i > 0 ? 1 : 0)] ?? '', hatched: i === 0 })),
  );
}

/** Which half of the mould releases each place; what neither does is hot and hatched. */
export function byRelease(half: Int8Array, areas: Float32Array): Painting {
  const bandOf = new Uint8Array(half.length);
  for (let f = 0; f < half.length; f++) bandOf[f] = half[f] === 1 ? 0 : half[f] === -1 ? 1 : half[f] === 0 ? 2 : 3;
  return withShares(bandOf, areas, [
    { words: 'drawn along the arrow', tone: UPPER, hatched: false },
    { words: 'drawn against it', tone: LOWER, hatched: false },
    { words: 'either half', tone: EITHER, hatched: false },
    { words: 'trapped: neither half', tone: TRAPPED, hatched: true },
  ]);
}

function withShares(bandOf: Uint8Array, areas: Float32Array, bands: readonly Omit<Band, 'share'>[]): Painting {
  const sums = new Float64Array(bands.length);
  let whole = 0;
  for (let f = 0; f < bandOf.length; f++) {
    const area = areas[f] ?? 0;
    increase(sums, bandOf[f] ?? 0, area);
    whole += area;
  }
  return { bandOf, bands: bands.map((b, i) => ({ ...b, share: whole > 0 ? (sums[i] ?? 0) / whole : 0 })) };
}
