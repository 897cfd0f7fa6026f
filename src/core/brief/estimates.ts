import type { Brief } from './schema';

/** Surface of a part over that of its box, at no fill at all and as it falls to a full block: of measured parts. */
const EMPTY_OVER_BOX = 1.15;
const SPAN = EMPTY_OVER_BOX - 1;

/** A brief with what could be estimated filled in, and the paths that were. */
export interface EstimatedBrief {
  readonly brief: Brief;
  readonly estimated: readonly string[];
}

/**
 * Surface area of a part from its volume and its box: that of the box, times 1 for a full block up to 1.15 for a thin
 * one, and never below that of a ball of the same volume. A first guess: 0.6 to 2 times what the demo parts measure, the
 * most for a ring, whose box is mostly air.
 *
 * @param volume_cm3 above 0
 * @param box_mm sides, above 0
 * @returns cm²
 * @example
 * estimatedArea(1000, [100, 100, 100]) // 600
 */
export function estimatedArea(volume_cm3: number, [l, w, h]: readonly [number, number, number]): number {
  const ofBox_cm2 = (2 * (l * w + l * h + w * h)) / 100;
  const fill = Math.min(1, (1000 * volume_cm3) / (l * w * h));
  const ofBall_cm2 = (36 * Math.PI * volume_cm3 ** 2) ** (1 / 3);
  return Math.max(ofBall_cm2, ofBox_cm2 * (1 + SPAN * (1 - fill)));
}

/**
 * The brief with what it does not say but what a first comparison needs: the surface area, where volume and box are
 * known. What is said is never touched.
 *
 * @example
 * withEstimates(brief).estimated // []
 */
export function withEstimates(brief: Brief): EstimatedBrief {
  const { volume_cm3, box_mm, area_cm2 } = brief.geometry;
  if (area_cm2 !== null || volume_cm3 === null || box_mm === null) return { brief, estimated: [] };
  const area = Number(estimatedArea(volume_cm3, box_mm).toPrecision(3));
  return {
    brief: { ...brief, geometry: { ...brief.geometry, area_cm2: area } },
    estimated: ['geometry.area_cm2'],
  };
}
