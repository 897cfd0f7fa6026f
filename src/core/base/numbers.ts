/** How figures look on the sheet: thin spaces between thousands, fixed digits so that columns align. */
const THIN = '\u202f';

/**
 * A number with fixed digits after the point and thin spaces between thousands.
 *
 * @param x in any unit
 * @param digits after the point
 * @returns words without the unit
 * @example
 * fixed(12345.678, 1) // '12\u202f345.7'
 */
export function fixed(x: number, digits: number): string {
  const [head = '0', tail] = Math.abs(x).toFixed(digits).split('.');
  const grouped = head.replace(/\B(?=(\d{3})+$)/g, THIN);
  return `${x < 0 && Number(x.toFixed(digits)) !== 0 ? '\u2212' : ''}${grouped}${tail === undefined ? '' : `.${tail}`}`;
}

/**
 * A whole number.
 *
 * @param x in any unit
 * @returns words without the unit
 * @example
 * whole(12345.6) // '12\u202f346'
 */
export const whole = (x: number): string => fixed(x, 0);

/**
 * Money a part: two digits after the point.
 *
 * @param x money a part
 * @returns words without the currency
 * @example
 * perPart(3.456) // '3.46'
 */
export const perPart = (x: number): string => fixed(x, 2);

/**
 * A difference with its sign always shown.
 *
 * @param x in any unit
 * @param digits after the point
 * @returns words without the unit; minus as "−"
 * @example
 * signed(-2.5, 1) // '−2.5'
 */
export const signed = (x: number, digits: number): string => {
  const text = fixed(x, digits);
  return x > 0 && Number(x.toFixed(digits)) !== 0 ? `+${text}` : text;
};

/**
 * A figure with about `digits` significant digits, without exponent.
 *
 * @param x in any unit
 * @param digits significant ones
 * @returns words without the unit
 * @example
 * significant(0.0123456, 3) // '0.0123'
 */
export function significant(x: number, digits = 4): string {
  if (x === 0 || !Number.isFinite(x)) return String(x);
  const places = Math.max(0, digits - 1 - Math.floor(Math.log10(Math.abs(x))));
  return fixed(x, Math.min(12, places))
    .replace(/(\.\d*?)0+$/, '$1')
    .replace(/\.$/, '');
}
