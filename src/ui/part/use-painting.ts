import { useMemo } from 'react';
import { useUnits } from '../preferences';
import { byDraft, byRelease, byWall, plain, type Painting } from './bands';
import type { Paint } from './paint-choice';
import type { PartState } from './part-state';

/** How the part is coloured; null while no part is shown. */
export function usePainting({ shown, body, draw }: PartState, paint: Paint): Painting | null {
  const [units] = useUnits();
  return useMemo<Painting | null>(() => {
    if (shown === null) return null;
    const facets = shown.areas.length;
    const walls = body?.walls ?? null;
    const values = paint === 'ray' ? body?.wallRay : paint === 'sphere' ? body?.wallSphere : null;
    if (values != null && walls !== null)
      return byWall(values, shown.areas, walls.thinnest_mm, walls.thickest_mm, units);
    if (paint === 'draft' && draw !== null) return byDraft(draw.draft, shown.areas);
    if (paint === 'release' && draw?.undercut != null) return byRelease(draw.undercut.half, shown.areas);
    return plain(facets);
  }, [shown, body, draw, paint, units]);
}
