import type { VectorResult } from '@/core/reference/worked-cases';
import type { CasesRequest } from './cases.answer';

/** Runs worked cases in a worker of their own, which ends with them; `stop` ends it sooner. */
export function runCases(request: CasesRequest): { readonly done: Promise<VectorResult[]>; readonly stop: () => void } {
  const worker = new Worker(new URL('./cases.worker.ts', import.meta.url), { type: 'module' });
  const done = new Promise<VectorResult[]>((resolve, reject) => {
    worker.onmessage = ({ data }: MessageEvent<VectorResult[]>) => {
      worker.terminate();
      resolve(data);
    };
    worker.onerror = (event) => reject(new Error(event.message || 'the worker failed'));
    worker.postMessage(request);
  });
  return { done, stop: () => worker.terminate() };
}
