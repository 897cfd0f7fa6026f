import { displayScale, toDisplay, type UnitSystem } from '@/core/base/units';
import type { Alloy, Fit } from '@/core/catalogue/alloys';
import type { AlloyField, AlloyPrice } from '@/core/team-alloys';
import { readIn, showIn, unitIn } from '../fields/numbers';
import { plainDate, significant } from '../format';

/** How far a route suits an alloy, in words. */
export const FITS: Readonly<Record<Fit, string>> = {
  usual: 'usual',
  possible: 'possible',
  special: 'specialist only',
  no: 'not poured',
};

/** How a value of the table is known, in words. */
export const BASIS: Readonly<Record<string, string>> = {
  standard: 'standard',
  handbook: 'handbook',
  rule: 'rule of the trade',
  assumed: 'assumed',
  shop: 'typed by the team',
};

type Texted = Pick<AlloyField, 'unit' | 'kind'>;

const figureText = (x: number, unit: string, units: UnitSystem, digits: number | null): string => {
  if (digits === null) return showIn(x, unit, units);
  const { factor, zero } = displayScale(unit, units);
  return significant(x * factor + zero, digits);
};

/** A value of an alloy as a text to be typed over (`digits` null), or to be read. */
export function fieldText(
  value: unknown,
  { unit, kind }: Texted,
  units: UnitSystem,
  digits: number | null = null,
): string {
  if (value === null || value === undefined) return '';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'number') return figureText(value, unit, units, digits);
  if (typeof value === 'string') return value;
  if (!Array.isArray(value)) return '';
  if (kind !== 'band') return value.map(String).join('; ');
  const texts = value.map((x) => (typeof x === 'number' ? figureText(x, unit, units, digits) : String(x)));
  if (digits === null) return texts.join(' / ');
  return texts.length === 3 ? `${texts[1]} (${texts[0]}–${texts[2]})` : texts.join('–');
}

/** A text read as a value of an alloy; undefined for nothing, the text itself where it cannot be read. */
export function readField(text: string, { unit, kind }: Texted, units: UnitSystem): unknown {
  const said = text.trim();
  if (said === '') return undefined;
  const number = (one: string): unknown => readIn(one, unit, units) ?? one;
  switch (kind) {
    case 'text':
    case 'family':
      return said;
    case 'flag':
      return said === 'yes' ? true : said === 'no' ? false : said;
    case 'list':
      return said
        .split(';')
        .map((word) => word.trim())
        .filter(Boolean);
    case 'band':
      return said.split('/').map((one) => number(one.trim()));
    default:
      return number(said);
  }
}

/** A price with its band: “3.4 (2.8–4.3) USD/kg”. */
export function priceWords([low, likely, high]: readonly [number, number, number], units: UnitSystem): string {
  const shown = (x: number): string => significant(toDisplay(x, 'metalPrice', units), 3);
  return `${shown(likely)} (${shown(low)}–${shown(high)}) ${unitIn('USD/kg', units)}`;
}

/** Days after which a price is old. */
const OLD_AFTER_D = 365;

/** The price of an alloy that is in force, and whose it is. */
export function priceInForce(
  alloy: Alloy,
  price: AlloyPrice | undefined,
  today: string,
): {
  readonly band: readonly [number, number, number];
  readonly of: string;
  readonly old: boolean;
} {
  if (price === undefined)
    return {
      band: alloy.price_USD_kg,
      of: alloy.team?.own.includes('price_USD_kg') === true ? 'typed with the alloy' : 'of the table',
      old: false,
    };
  const age = (Date.parse(today) - Date.parse(price.date)) / 86_400_000;
  return {
    band: [price.low, price.likely, price.high],
    of: `${plainDate(price.date)}, ${price.source}`,
    old: age > OLD_AFTER_D,
  };
}
