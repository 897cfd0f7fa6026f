import { filled, finite, oneOf, positive } from '../../base/checks';
import { refuse } from '../../base/errors';
import { formula } from '../formula';

export const SHRINK_FACTOR = /* @__PURE__ */ formula({
  id: 'shrink.scale',
  out: 'factor',
  title: 'Factor of all stages of shrink',
  unit: '1',
  expression: '(1 + a) * (1 + b) * (1 + c)',
  symbols: {
    a: ['shrinkage of the first stage', '1'],
    b: ['of the second, 0 without one', '1'],
    c: ['of the third, 0 without one', '1'],
  },
});

export const PATTERN_SIZE = /* @__PURE__ */ formula({
  id: 'shrink.scale',
  out: 'size_mm',
  title: 'Size of the tool',
  unit: 'mm',
  expression: 'size * factor',
  symbols: { size: ['size of the casting', 'mm'], factor: ['factor of all stages of shrink', '1'] },
});

/** A stage that shrinks or grows by more than this was typed in per cent. */
const LARGEST_SHRINK = 0.2;

/**
 * Size of a pattern, wax die or master for a wanted casting (formula shrink.scale). Stages multiply, never add: wax then
 * metal, master then rubber then metal. Free contraction; cores and directions differ.
 *
 * @param input.nominal_mm size of the casting, above 0
 * @param input.shrinks share each stage shrinks, within ±0.2; negative where the mould grows
 * @param input.school on-part (the usual): shrinkage set against the cold casting; on-pattern: against the pattern
 * @returns size in mm, and the factor
 * @throws {CoreError} E_RANGE for a share of 0.2 or more (a per cent typed as a share), E_EMPTY without a stage
 * @example
 * patternScale({ nominal_mm: 250, shrinks: [0.02, -0.006], school: 'on-part' }).size_mm // 253.47
 */
export function patternScale(input: {
  nominal_mm: number;
  shrinks: readonly number[];
  school?: 'on-part' | 'on-pattern';
}): { size_mm: number; factor: number } {
  const nominal = positive('nominal_mm', input.nominal_mm);
  const stages = filled('shrinks', input.shrinks).map((s, i) => finite(`shrinks[${i}]`, s));
  const school = oneOf('school', input.school ?? 'on-part', ['on-part', 'on-pattern'] as const);
  stages.forEach((s, i) => {
    if (Math.abs(s) >= LARGEST_SHRINK) refuse('E_RANGE', `shrinks[${i}]`, s, 'a share within ±0.2, not per cent');
  });
  const factor = stages.reduce((f, s) => (school === 'on-part' ? f * (1 + s) : f / (1 - s)), 1);
  return { size_mm: PATTERN_SIZE.of({ size: nominal, factor }), factor };
}
