import { memo } from 'react';
import { BEYOND } from './column-scale';

/** What a bar shows, each a place on the scale of its column in per mille. All are plain values, for `memo`. */
export interface BarProps {
  /** Where the figure stands. */
  readonly at: number;
  /** Where a first part of it ends: of a part's cost, what it costs without tools. */
  readonly part?: number | undefined;
  /** From what one simulation in ten comes under to what one in ten exceeds, and the middle. */
  readonly low?: number | undefined;
  readonly mid?: number | undefined;
  readonly high?: number | undefined;
  /** What must not be passed: the wanted date, the days of a year. */
  readonly limit?: number | undefined;
  /** What the bar says, in words. */
  readonly words: string;
}

const percent = (perMille: number): string => `${Math.min(1000, perMille) / 10}%`;

/** A bar on the common scale of its column; around it how uncertain the figure is. */
export const CellBar = memo(function CellBar({ at, part, low, mid, high, limit, words }: BarProps) {
  return (
    <span data-bar="" role="img" aria-label={words} title={words}>
      <i data-fill="" data-beyond={at === BEYOND || undefined} style={{ width: percent(at) }} />
      {part !== undefined && <i data-bare="" style={{ width: percent(part) }} />}
      {limit !== undefined && <i data-limit="" style={{ left: percent(limit) }} />}
      {low !== undefined && high !== undefined && (
        <i data-range="" style={{ left: percent(low), width: percent(Math.max(6, high - low)) }} />
      )}
      {mid !== undefined && <i data-mid="" style={{ left: percent(mid) }} />}
    </span>
  );
});
