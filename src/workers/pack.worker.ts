import type { Packed, PackAnswer } from './pack.protocol';

/** Packs a file and takes its fingerprint; answers once, with what went wrong where it could not. */
self.onmessage = ({ data: file }: MessageEvent<Blob>): void => {
  packed(file).then(
    (done) => self.postMessage(done satisfies PackAnswer),
    (error: unknown) =>
      self.postMessage({ failed: error instanceof Error ? error.message : String(error) } satisfies PackAnswer),
  );
};

async function packed(file: Blob): Promise<Packed> {
  const hash = await crypto.subtle.digest('SHA-256', await file.arrayBuffer());
  const sha256 = Array.from(new Uint8Array(hash), (b) => b.toString(16).padStart(2, '0')).join('');
  return { sha256, packed: await new Response(file.stream().pipeThrough(new CompressionStream('gzip'))).blob() };
}
