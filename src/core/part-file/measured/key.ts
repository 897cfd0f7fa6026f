import type { LengthUnit } from '../readers';
import { CORE_VERSION } from '../../base/version';

/** How a file was measured: the same file measured the same way by the same core says the same. */
export interface MeasuredBy {
  readonly unit: LengthUnit;
  /** Unit direction the mould opens along. */
  readonly draw: readonly [number, number, number];
  /** Whether a broken surface was closed first. */
  readonly repair: boolean;
}

/**
 * Name that measures are kept under beside their file: letters, digits and `.,_-` only, 160 at most.
 *
 * @example
 * measuresKey({ unit: 'mm', draw: [0, 0, 1], repair: false }).endsWith('_mm_plain_0,0,1') // true
 */
export const measuresKey = ({ unit, draw, repair }: MeasuredBy): string =>
  [CORE_VERSION, unit, repair ? 'repaired' : 'plain', draw.map((x) => x + 0).join(',')].join('_');
