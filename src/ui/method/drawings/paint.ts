import type { DrawnShape, Fill, PlaceMark } from '@/core/drawing';
import { INK } from '../../theme/ink';

/** Ids of the patterns that hatch what is filled so. */
export const HATCH = 'np-hatch';

/** How each kind of piece is filled on the screen; print and grey read the same. */
export const FILLS: Readonly<Record<Fill, string>> = {
  none: 'none',
  mould: INK.sunk,
  metal: INK.line,
  flow: INK.deep,
  core: `url(#${HATCH})`,
  quiet: INK.paper,
};

/** Stroke of a place: lost ones in the colour of alarm, and crossed. */
export const strokeOf = (mark: PlaceMark | null): string => (mark === 'misrun' ? INK.alarm : INK.ink);

/** Whether a shape’s thick line is a wall of its fill’s tone, drawn twice: rim and tone. */
export const isWall = (shape: DrawnShape): boolean => shape.thick_mm > 0 && shape.fill === 'mould';
