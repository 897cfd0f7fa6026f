import type { Packed } from './pack.protocol';

/** Packs a file and takes its fingerprint; answers once. */
self.onmessage = async ({ data: file }: MessageEvent<Blob>): Promise<void> => {
  const hash = await crypto.subtle.digest('SHA-256', await file.arrayBuffer());
  const sha256 = Array.from(new Uint8Array(hash), (b) => b.toString(16).padStart(2, '0')).join('');
  const packed = await new Response(file.stream().pipeThrough(new CompressionStream('gzip'))).blob();
  self.postMessage({ sha256, packed } satisfies Packed);
};
