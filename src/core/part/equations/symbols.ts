import type { Alloy } from '../../catalogue/alloys';
import { equationsOf, type SymbolOf, type TableValue } from '../../equations';
import { rateAt, tableValue, type RateSet } from '../../rates';

/** What equations of the part are given: its alloy and its rates. */
export interface OfPart {
  readonly alloy: Alloy;
  readonly rates: RateSet;
}

/** Equations of the part. */
export const equation = equationsOf<OfPart>({
  model: 'Cost model',
  path: ({ alloy }, path) => path.replace('{alloy}', alloy.id),
});

/**
 * A coefficient of the rate set by its path.
 *
 * @example
 * rate('global.handling', 'handling', 'USD').source // 'rate'
 */
export const rate = (path: string, meaning: string, unit = ''): SymbolOf<OfPart> => ({
  meaning,
  unit,
  source: 'rate',
  path,
  table: ({ rates }, at) => tableValue(rateAt(rates, at)),
});

/**
 * A property of the alloy. @param basis key of the alloy's bases
 *
 * @example
 * ofAlloy('density_kg_m3', 'density', 'kg/m³', 'handbook').source // 'alloy'
 */
export const ofAlloy = (
  property: string,
  meaning: string,
  unit: string,
  basis: string,
  range: (alloy: Alloy) => TableValue['range'] = () => null,
): SymbolOf<OfPart> => ({
  meaning,
  unit,
  source: 'alloy',
  path: `alloys.{alloy}.${property}`,
  table: ({ alloy }) => ({ basis: (alloy.basis[basis] ?? null) as TableValue['basis'], range: range(alloy) }),
});

export const rho = ofAlloy('density_kg_m3', 'density', 'kg/cm³', 'density');
