/** Digits that a sentence tells of a large sum. */
const DIGITS_TOLD = 4;

/**
 * The number a text begins with, and how far the figure behind it may lie from it: half a unit of its last digit, or, where
 * a large sum was told in four digits, of the last of these.
 *
 * @param text such as “18 730 USD”, thousands parted by thin spaces
 */
export function toldNumber(text: string): { readonly value: number; readonly slack: number } {
  const found = /\u2212?\d[\d\u202f]*(\.\d+)?/.exec(text)?.[0] ?? '';
  const [whole = '', decimals = ''] = found.replaceAll('\u202f', '').replace('\u2212', '-').split('.');
  const digits = whole.replace('-', '');
  const rounded =
    digits.length > DIGITS_TOLD && /^0+$/.test(digits.slice(DIGITS_TOLD)) ? digits.length - DIGITS_TOLD : 0;
  const value = Number(decimals === '' ? whole : `${whole}.${decimals}`);
  return { value, slack: 0.500001 * 10 ** (rounded - decimals.length) };
}
