import type { Vec } from '@/core/part-file/geometry';
import { LENGTH_UNITS, MM_PER_UNIT, type LengthUnit } from '@/core/part-file/readers';

/** Longest side of a part that may be cast at all, mm: from a jeweller's pin to several metres. */
const PLAUSIBLE_MM = { least: 3, most: 6000 } as const;

/**
 * The units in which a file would be a part of a size that is cast; the likely one always among them.
 *
 * @param size of the file's box in its own unit, > 0
 * @param likely the unit judged likely
 * @example
 * plausibleUnits([120, 80, 40], 'mm') // mm, cm, in
 */
export function plausibleUnits(size: Vec, likely: LengthUnit): readonly LengthUnit[] {
  const longest = Math.max(...size);
  return LENGTH_UNITS.filter((unit) => {
    const length = longest * MM_PER_UNIT[unit];
    return unit === likely || (length >= PLAUSIBLE_MM.least && length <= PLAUSIBLE_MM.most);
  });
}
