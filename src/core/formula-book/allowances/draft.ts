import { oneOf, positives, within } from '../../base/checks';
import { refuse } from '../../base/errors';
import { RAD } from '../constants';
import { formula } from '../formula';

const MOST_DRAFT = 45;
const MODES = ['add', 'mean', 'subtract'] as const;

export const DRAFT_OFFSET = /* @__PURE__ */ formula({
  id: 'shrink.draft',
  out: 'offset_mm',
  title: 'What draft moves a wall by',
  unit: 'mm',
  expression: 'H * tan(draft * degree)',
  symbols: {
    H: ['height along the draw', 'mm'],
    draft: ['draft', 'deg'],
    degree: ['radians of a degree', '1'],
  },
});

/**
 * What draft does to a size (formula shrink.draft): straight walls.
 *
 * @param input.nominal_mm; input.height_mm along the draw; input.draft_deg; input.sides 1 or 2 (the usual); input.mode add (nominal at
 *   the small end), mean (half way up) or subtract (at the large end)
 * @returns offset of a side, sizes at the small and the large end, mm
 * @throws {CoreError} E_RANGE for a draft outside 0..45 or a small end of nothing, E_KEY for another mode
 * @example
 * draftSizes({ nominal_mm: 40, height_mm: 60, draft_deg: 2, sides: 2, mode: 'add' }).large_mm // 44.190492339
 */
export function draftSizes(input: {
  readonly nominal_mm: number;
  readonly height_mm: number;
  readonly draft_deg: number;
  readonly sides?: number;
  readonly mode: string;
}): { offset_mm: number; small_mm: number; large_mm: number } {
  const v = positives(input, 'nominal_mm', 'height_mm');
  const draft = within('draft_deg', input.draft_deg, 0, MOST_DRAFT);
  const sides = within('sides', input.sides ?? 2, 1, 2);
  if (sides !== 1 && sides !== 2) refuse('E_RANGE', 'sides', sides, '1 or 2');
  const mode = oneOf('mode', input.mode, MODES);
  const offset_mm = DRAFT_OFFSET.of({ H: v.height_mm, draft, degree: RAD });
  const all = sides * offset_mm;
  const small_mm = v.nominal_mm - (mode === 'add' ? 0 : mode === 'mean' ? all / 2 : all);
  if (small_mm <= 0) refuse('E_RANGE', 'draft_deg', draft, 'a draft that leaves a small end');
  return { offset_mm, small_mm, large_mm: small_mm + all };
}
