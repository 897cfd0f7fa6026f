import { positive } from '../../base/checks';
import { refuse } from '../../base/errors';

/** How a thick section stands to a thin one. */
export interface SectionRatio {
  readonly ratio: number;
  /** Ratio of freezing times in sand: the square. In a metal die it is the ratio itself. */
  readonly freezeTimeRatio: number;
  readonly grade: 'even' | 'graded' | 'abrupt';
}

/**
 * Thick against thin section: even up to 2, graded up to 4, abrupt above. Source: rule of the trade, geo.section-ratio.
 * @param inputs sections in mm, above 0; a thin one thicker than the thick is refused as E_ORDER
 * @example
 * sectionRatio({ thick_mm: 12, thin_mm: 4 }) // { ratio: 3, freezeTimeRatio: 9, grade: 'graded' }
 */
export function sectionRatio(inputs: { readonly thick_mm: number; readonly thin_mm: number }): SectionRatio {
  const thick = positive('thick_mm', inputs.thick_mm);
  const thin = positive('thin_mm', inputs.thin_mm);
  if (thin > thick) refuse('E_ORDER', 'thin_mm', thin, `at most thick_mm, ${thick}`);
  const ratio = thick / thin;
  return { ratio, freezeTimeRatio: ratio * ratio, grade: ratio <= 2 ? 'even' : ratio <= 4 ? 'graded' : 'abrupt' };
}
