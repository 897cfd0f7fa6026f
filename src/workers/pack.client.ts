import type { PackAnswer, Packed } from './pack.protocol';

/** Packs a file in a worker of its own, which ends with the answer or with the signal. */
export function pack(file: Blob, signal: AbortSignal): Promise<Packed> {
  const worker = new Worker(new URL('./pack.worker.ts', import.meta.url), { type: 'module' });
  const answer = new Promise<Packed>((done, fail) => {
    worker.onmessage = ({ data }: MessageEvent<PackAnswer>) => {
      if ('failed' in data) fail(new Error(data.failed));
      else done(data);
    };
    worker.onerror = (event) => fail(new Error(event.message || 'the file could not be packed'));
    signal.addEventListener('abort', () => fail(new Error('stopped')), { once: true });
    worker.postMessage(file);
  });
  return answer.finally(() => worker.terminate());
}
