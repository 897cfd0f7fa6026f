/**
 * A figure as people write it in a file: a space, a comma or a point between thousands and one decimal comma are understood.
 *
 * @param text without a unit; a sign of money before or after it is left out
 * @returns null for what is no number
 * @example
 * writtenFigure('12 500,50') // 12500.5
 */
export function writtenFigure(text: string): number | null {
  const bare = text.replace(/[\s\u202f\u00a0]/g, '').replace(/^[$€£]|[$€£]$/g, '');
  const plain = /^-?\d{1,3}(,\d{3})+(\.\d+)?$/.test(bare)
    ? bare.replaceAll(',', '')
    : /^-?\d+,\d+$/.test(bare)
      ? bare.replace(',', '.')
      : bare;
  const number = Number(plain);
  return plain === '' || !Number.isFinite(number) ? null : number;
}
