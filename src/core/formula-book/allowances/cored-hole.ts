import { finite, positive, shareOf } from '../../base/checks';
import { refuse } from '../../base/errors';
import { formula } from '../formula';

const LARGEST_SHRINK = 0.2;

export const CORE_SIZE = /* @__PURE__ */ formula({
  id: 'shrink.cored-hole',
  out: 'core_mm',
  title: 'Core for a hole',
  unit: 'mm',
  expression: 'hole * (1 + s * (1 - held))',
  symbols: {
    hole: ['hole', 'mm'],
    s: ['shrinkage', '1'],
    held: ['how far the core holds it back', '1'],
  },
});

/**
 * Size of a core for a hole (formula shrink.cored-hole), short against the part. Metal cores grow with their own heat besides.
 *
 * @param input.hole_mm; input.shrink share; input.restraint 0 free (the usual) to 1 held: shakeable sand 0.2 to 0.5, hard resin or metal
 *   0.6 to 1
 * @returns core in mm, and as if nothing held it back
 * @throws {CoreError} E_RANGE for a shrinkage of 0.2 and more, or a restraint outside 0..1
 * @example
 * coredHole({ hole_mm: 30, shrink: 0.013, restraint: 0.6 }).core_mm // 30.156
 */
export function coredHole(input: { readonly hole_mm: number; readonly shrink: number; readonly restraint?: number }): {
  core_mm: number;
  freeCore_mm: number;
} {
  const hole = positive('hole_mm', input.hole_mm);
  const s = finite('shrink', input.shrink);
  if (Math.abs(s) >= LARGEST_SHRINK) refuse('E_RANGE', 'shrink', s, 'a share within ±0.2, not per cent');
  const held = shareOf('restraint', input.restraint ?? 0);
  return { core_mm: CORE_SIZE.of({ hole, s, held }), freeCore_mm: CORE_SIZE.of({ hole, s, held: 0 }) };
}
