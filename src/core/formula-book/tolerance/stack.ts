import { filled, finite, positive } from '../../base/checks';
import { refuse } from '../../base/errors';

/**
 * Chain of tolerances (formula tol.stack).
 *
 * @param input.links total widths in mm, each with a factor (default 1)
 * @param input.inflate widening of the root sum of squares, at least 1 (default 1.5)
 * @returns worst case, root sum of squares and inflated width, all in mm
 * @throws {CoreError} E_EMPTY without links, E_RANGE for inflate below 1
 * @see Bender, inflated statistical tolerancing; the root sum assumes independent, centred links
 * @example
 * toleranceStack({ links: [{ total_mm: 0.5 }, { total_mm: 0.5 }, { total_mm: 0.5 }, { total_mm: 0.5 }], inflate: 1.5 }).worst_mm
 * // 2
 */
export function toleranceStack(input: { links: readonly { total_mm: number; factor?: number }[]; inflate?: number }): {
  worst_mm: number;
  rss_mm: number;
  inflated_mm: number;
} {
  const links = filled('links', input.links);
  const inflate = finite('inflate', input.inflate ?? 1.5);
  if (!(inflate >= 1)) refuse('E_RANGE', 'inflate', inflate, '1 or more');
  let worst = 0;
  let squares = 0;
  links.forEach((link, i) => {
    const width = positive(`links[${i}].total_mm`, link.total_mm) * finite(`links[${i}].factor`, link.factor ?? 1);
    worst += Math.abs(width);
    squares += width * width;
  });
  const rss = Math.sqrt(squares);
  return { worst_mm: worst, rss_mm: rss, inflated_mm: Math.min(worst, inflate * rss) };
}
