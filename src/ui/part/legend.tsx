'use client';
import { chakra, Span, Text } from '@chakra-ui/react';
import { inUnitsOf } from '@/core/base/units';
import { fixed, significant } from '../format';
import { useUnits } from '../preferences';
import type { Painting } from './bands';

const HOW: Readonly<Record<string, string>> = {
  ray: 'By rays inward, normal to the surface, to the opposite face. Reliable for thin walls; near rims it reads too thick.',
  sphere:
    'By the largest inscribed sphere that touches there. Reliable for thick sections; near sharp edges it reads too thin.',
  draft: 'Angle between each facet and the draw.',
  release: 'By rays along the draw from each facet: what neither mould half can release is trapped.',
};

const Bands = chakra('ol', {
  base: {
    display: 'grid',
    gridTemplateColumns: 'repeat(auto-fill, minmax(210px, 1fr))',
    rowGap: '0.5',
    columnGap: '4',
    my: '1',
    listStyle: 'none',
    textStyle: 'label',
    '& li': { display: 'grid', gridTemplateColumns: '22px 1fr auto', columnGap: '2', alignItems: 'center' },
    '& i': { width: '20px', height: '12px', border: '1px solid {colors.border.emphasized}' },
    '& i[data-hatched]': {
      backgroundImage: 'repeating-linear-gradient(-45deg, transparent 0 3px, rgb(0 0 0 / 55%) 3px 4.5px)',
    },
  },
});

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
    <div data-testid="legend">
      <Bands>
        {painting.bands.map((b) => (
          <li key={b.words}>
            <i data-hatched={b.hatched || undefined} style={{ backgroundColor: b.tone }} aria-hidden />
            <span>{b.words}</span>
            <Span color="fg.muted">{fixed(b.share * 100, 1)} %</Span>
          </li>
        ))}
      </Bands>
      <Text textStyle="label" color="fg.muted">
        {HOW[paint]}{' '}
        {spacing !== null &&
          paint !== 'draft' &&
          `Sampled about every ${significant(spacing.value, 2)} ${spacing.unit}.`}
      </Text>
    </div>
  );
}
