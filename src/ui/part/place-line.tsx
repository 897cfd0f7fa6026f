'use client';
import { Span, Text } from '@chakra-ui/react';
import type { PlaceFound } from '@/core/part-file/geometry';
import { inUnitsOf } from '@/core/base/units';
import { fixed, significant } from '../format';
import { useUnits } from '../preferences';

/** What was measured at the place last clicked. */
export function PlaceLine({ place }: { readonly place: PlaceFound | null }) {
  const [units] = useUnits();
  const mm = (x: number | null): string => {
    if (x === null) return 'not known';
    const shown = inUnitsOf(x, 'mm', units) ?? { value: x, unit: 'mm' };
    return `${significant(shown.value, 4)} ${shown.unit}`;
  };
  return (
    <Text textStyle="label" role="status" data-testid="place" style={{ minHeight: 20 }}>
      {place === null ? (
        <Span color="fg.muted">Click a face for its wall, draft and position.</Span>
      ) : (
        <>
          Wall {mm(place.ray_mm)} by ray, {mm(place.sphere_mm)} by sphere; draft {fixed(place.draft_deg, 2)}°; at x{' '}
          {mm(place.at_mm[0])}, y {mm(place.at_mm[1])}, z {mm(place.at_mm[2])}.
        </>
      )}
    </Text>
  );
}
