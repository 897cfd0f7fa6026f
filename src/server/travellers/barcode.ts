import 'server-only';
import bwipjs from 'bwip-js/node';

/** Most codes made at once: beyond them a label printer is the better way. */
export const MOST_CODES = 120;

/** A text and the widths of its bars and gaps, in turn, beginning with a bar. */
export interface Barcode {
  readonly text: string;
  readonly bars: readonly number[];
}

/** A Code 128 of a text. */
export function barcode(text: string): Barcode {
  const [symbol] = bwipjs.raw('code128', text, '') as readonly { readonly sbs?: readonly number[] }[];
  return { text, bars: symbol?.sbs ?? [] };
}
