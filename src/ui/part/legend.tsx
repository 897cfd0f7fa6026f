'use client';
import { Span, Text } from '@chakra-ui/react';
import { inUnitsOf } from '@/core/base/units';
import { fixed, significant } from '../format';
import { useUnits } from '../preferences';
import type { Painting } from './bands';

const HOW: Readonly<Record<string, string>> = {
  ray: 'By rays inward, square to the surface, to the first face that looks back. Trust the thin end; near rims it reads too thick.',
  sphere: 'By the largest sphere inside that touches there. Trust the thick end; near sharp edges it reads too thin.',
  draft: 'Angle between each facet and the draw.',
  release: 'By rays along the draw from each facet: what neither half of the mould can release is trapped.',
};

/** What the tones of a painted part stand for: range, share of the surface, and how it was found. */
export function Legend({
  painting,
  paint,
  resolution_mm,
}: {
  readonly painting: Painting;
  readonly paint: string;
  readonly resolution_mm: number | null;
}) {
  const [units] = useUnits();
  const spacing =
    resolution_mm === null ? null : (inUnitsOf(resolution_mm, 'mm', units) ?? { value: resolution_mm, unit: 'mm' });
  return (
    <div className="legend" data-testid="legend">
      <ol>
        {painting.bands.map((b) => (
          <li key={b.words}>
            <span
              className={b.hatched ? 'swatch is-hatched' : 'swatch'}
              style={{ backgroundColor: b.tone }}
              aria-hidden
            />
            <span>{b.words}</span>
            <Span className="num" color="fg.muted">
              {fixed(b.share * 100, 1)} %
            </Span>
          </li>
        ))}
      </ol>
      <Text textStyle="label" color="fg.muted">
        {HOW[paint]}{' '}
        {spacing !== null &&
          paint !== 'draft' &&
          `Looked at every ${significant(spacing.value, 2)} ${spacing.unit} or so.`}
      </Text>
    </div>
  );
}
