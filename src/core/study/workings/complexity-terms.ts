import type { PartFacts } from '../../part';
import type { RateSet } from '../../rates';
import { fromBrief, fromRate, type WorkingSymbol } from '../../equations';

/**
 * The symbols of complexity (cost model, 1.2 and 1.3), whose sum is
 * 1 + kS·(S − 1) + kH·nH + kP·nP + kU·nU + kD·nD + kC·face, held between 1 and 5.
 * @param surface the symbols that the surface index comes with
 */
export function complexityTerms(f: PartFacts, rates: RateSet, surface: readonly WorkingSymbol[]): WorkingSymbol[] {
  const k = rates.complexity;
  const part = (symbol: string, meaning: string, key: keyof typeof k): WorkingSymbol =>
    fromRate(symbol, meaning, k[key], `complexity.${key}`);
  return [
    part('kS', 'by surface index', 'kS'),
    ...surface,
    part('kH', 'a cored hole', 'kH'),
    fromBrief('nH', 'holes wanted cast', f.nH, 'holes', 'geometry.coredHoles'),
    part('kP', 'a passage', 'kP'),
    fromBrief('nP', 'passages', f.nP, 'passages', 'geometry.passages'),
    part('kU', 'an undercut', 'kU'),
    fromBrief('nU', 'undercuts', f.nU, 'undercuts', 'geometry.undercuts'),
    part('kD', 'a toleranced dimension', 'kD'),
    fromBrief('nD', 'toleranced dimensions', f.nD, 'dimensions', 'features'),
    part('kC', 'a cosmetic face', 'kC'),
    fromBrief(
      'face',
      'cosmetic face asked for (1) or not (0)',
      f.brief.needs.cosmeticFace === true ? 1 : 0,
      '–',
      'needs.cosmeticFace',
    ),
  ];
}
