import { decode, encode, ExtensionCodec } from '@msgpack/msgpack';
import { keptMeasuresSchema } from './schema';
import type { KeptMeasures } from './types';

/** Bytes that kept measures unfold to, at most: those of two million facets. */
export const MAX_UNFOLDED = 160 * 1024 * 1024;

/** Typed arrays, in the byte order of the machine: little-endian wherever a browser runs. Bytes need no kind of their own. */
const ARRAYS = [
  [1, Float32Array],
  [2, Uint32Array],
  [3, Int8Array],
] as const;

const codec = new ExtensionCodec();
for (const [type, Kind] of ARRAYS)
  codec.register({
    type,
    encode: (value) =>
      value instanceof Kind ? new Uint8Array(value.buffer, value.byteOffset, value.byteLength) : null,
    // Copied: an array of numbers must begin at a multiple of its number's length.
    decode: (data) => new Kind(data.slice().buffer),
  });

/** Packs measures: MessagePack, compressed by gzip. */
export async function packMeasures(kept: KeptMeasures): Promise<Uint8Array<ArrayBuffer>> {
  const plain = encode(kept, { extensionCodec: codec, initialBufferSize: 1 << 20 });
  const packed = new Blob([plain]).stream().pipeThrough(new CompressionStream('gzip'));
  return new Uint8Array(await new Response(packed).arrayBuffer());
}

/**
 * Unfolds packed measures and checks each of them. Refuses (throws) what is no such pack, what unfolds to more than
 * `MAX_UNFOLDED`, and lists of facets that do not agree with each other.
 */
export async function unpackMeasures(packed: Blob): Promise<KeptMeasures> {
  const plain = await unfolded(packed.stream());
  const kept = keptMeasuresSchema.parse(decode(plain, { extensionCodec: codec })) as KeptMeasures;
  const { picture, body, draw } = kept;
  const facets = picture.areas.length;
  const agree = [
    picture.triangles.length / 3,
    body.wallRay?.length,
    body.wallSphere?.length,
    draw.draft.length,
    draw.undercut?.half.length,
    draw.undercut?.regionOf.length,
  ].every((n) => n === undefined || n === facets);
  if (!agree) throw new Error('its lists of facets do not agree');
  const corners = picture.positions.length / 3;
  for (const corner of picture.triangles)
    if (corner >= corners) throw new Error('a facet has a corner that is not there');
  return kept;
}

/** Unfolds a pack; breaks off where it passes `MAX_UNFOLDED`. */
async function unfolded(packed: ReadableStream<Uint8Array<ArrayBuffer>>): Promise<Uint8Array> {
  let size = 0;
  const bounded = new TransformStream<Uint8Array, Uint8Array>({
    transform(piece, out) {
      size += piece.byteLength;
      if (size > MAX_UNFOLDED) throw new Error('it unfolds to more than any part');
      out.enqueue(piece);
    },
  });
  const plain = packed.pipeThrough(new DecompressionStream('gzip')).pipeThrough(bounded);
  return new Uint8Array(await new Response(plain).arrayBuffer());
}
