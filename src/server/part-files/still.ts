import { decode, encode } from 'fast-png';

/** Largest side of a still, pixels. */
const MOST_PIXELS = 1024;
const SIGNATURE = [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a];

/** A picture as it is kept, or why it is not. */
export type StillTaken = { readonly png: Uint8Array } | { readonly refused: string };

/**
 * Takes a picture apart and puts it together anew: what is kept holds nothing but pixels. Its size is read before anything
 * is unfolded, so that a small file cannot become a large picture.
 */
export function takenStill(bytes: Uint8Array): StillTaken {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const isPng =
    bytes.length > 33 &&
    SIGNATURE.every((byte, i) => bytes[i] === byte) &&
    String.fromCharCode(...bytes.subarray(12, 16)) === 'IHDR';
  if (!isPng) return { refused: 'The picture must be a PNG.' };
  const [wide, high] = [view.getUint32(16), view.getUint32(20)];
  if (!(wide >= 1 && wide <= MOST_PIXELS && high >= 1 && high <= MOST_PIXELS))
    return { refused: `The picture is ${wide} × ${high} pixels; 1 to ${MOST_PIXELS} a side are wanted.` };
  try {
    const { width, height, data, channels, depth } = decode(bytes, { checkCrc: true });
    if (depth !== 8 && depth !== 16) return { refused: `The picture has ${depth} bits a channel; 8 are wanted.` };
    return { png: encode({ width, height, data, channels, depth }) };
  } catch (error) {
    return { refused: `The picture is broken: ${error instanceof Error ? error.message : String(error)}` };
  }
}
